import type { CraftItem, Rig } from "../api/types";
import { amountText, type System } from "../units/format";
import { choices } from "./choices";

/** What carries a rig, in words. */
export const CRAFTS = choices<Rig["craft"]["kind"]>("CraftKind");

const IN_METRES = /^[\d.]+ m (?=\S)/;

/** A ready craft by its length, in the person's units, and its shape. */
export function craftName(item: CraftItem, system: System): string {
  const length = item.craft.lengthM;
  return system === "metric" || length?.kind !== "given"
    ? item.name
    : item.name.replace(IN_METRES, `${amountText({ si: length.value, unit: "metre" }, system)} `);
}
