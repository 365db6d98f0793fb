/** Reads and sets by JSON Pointer (RFC 6901) without changing what was there; our names need no escaping. */

function steps(pointer: string): string[] {
  return pointer === "" ? [] : pointer.slice(1).split("/");
}

export function getAt(root: unknown, pointer: string): unknown {
  return steps(pointer).reduce<unknown>(
    (at, step) => (at === undefined || at === null ? undefined : (at as Record<string, unknown>)[step]),
    root,
  );
}

export function setAt<T>(root: T, pointer: string, value: unknown): T {
  return set(root, steps(pointer), value) as T;
}

function set(at: unknown, path: string[], value: unknown): unknown {
  const [step, ...rest] = path;
  if (step === undefined) {
    return value;
  }
  if (Array.isArray(at)) {
    return at.map((item, i) => (i === Number(step) ? set(item, rest, value) : item));
  }
  const object = at as Record<string, unknown>;
  return { ...object, [step]: set(object[step], rest, value) };
}
