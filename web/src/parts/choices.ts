import table from "../../../docs/choices.json";

type Named = keyof typeof table;

/**
 * What may be chosen of a sort, as the core names it.
 *
 * @param otherwise what one of them is called here: as a rule the one that is not decided, which then says what follows
 */
export function choices<T extends string = string>(
  named: Named,
  otherwise: Partial<Record<T, string>> = {},
): [T, string][] {
  return (table[named] as [T, string][]).map(([value, words]) => [value, otherwise[value] ?? words]);
}
