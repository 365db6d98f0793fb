import type { Link } from "../api/types";

/** Where a figure of the rig is typed: the first that its pointer begins with. */
const LIVES: [RegExp, Link][] = [
  [/^\/outing\/water|^\/outing\/views/, "water"],
  [/^\/outing/, "screen"],
  [/^\/transducers\/\d+\/mount/, "mount"],
  [/^\/transducers\/\d+\/massKg/, "carry"],
  [/^\/transducers/, "transducer"],
  [/^\/craft|^\/angler/, "mount"],
  [/^\/devices\/\d+\/(size|massKg)|^\/devices/, "screen"],
  [/^\/holders/, "screen"],
  [/^\/harness\/packs\/\d+\/size|^\/harness\/packs/, "battery"],
  [/^\/chargers|^\/onHand/, "battery"],
  [/^\/harness/, "wire"],
  [/^\/runs|^\/network/, "cable"],
  [/^\/places|^\/fitOut/, "carry"],
];

/** The link on which a figure is typed; the one that asks where nobody knows better. */
export function linkOf(pointer: string, asking: Link): Link {
  return LIVES.find(([begins]) => begins.test(pointer))?.[1] ?? asking;
}

/** How long a field may take to be drawn [ms]. */
const PATIENCE_MS = 3000;

/** Opens whatever folds it away and puts the focus into the field of a pointer, or into the first that it begins. */
export function focusField(pointer: string) {
  const until = Date.now() + PATIENCE_MS;
  const look = () => {
    const field = fieldOf(pointer);
    if (field) {
      for (let up = field.parentElement; up; up = up.parentElement) {
        if (up instanceof HTMLDetailsElement) up.open = true;
      }
      field.scrollIntoView?.({ block: "center" });
      field.focus();
    } else if (Date.now() < until) {
      requestAnimationFrame(look);
    }
  };
  requestAnimationFrame(look);
}

function fieldOf(pointer: string): HTMLElement | undefined {
  const all = [...document.querySelectorAll<HTMLElement>("[data-field]")];
  const at = (each: HTMLElement) => each.dataset.field ?? "";
  return (
    all.find((each) => at(each) === pointer) ??
    all.find((each) => at(each).startsWith(`${pointer}/`)) ??
    all.find((each) => at(each) !== "" && pointer.startsWith(at(each)))
  );
}
