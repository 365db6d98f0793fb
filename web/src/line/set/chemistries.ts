import { choices } from "../../parts/choices";
/** What a pack may be made of, as a person says it. */
export const CHEMISTRIES = choices("Chemistry", { undecided: "not known" });

export const BLOCKS: [string, string][] = [
  ["1", "12 V"],
  ["2", "24 V"],
  ["3", "36 V"],
  ["4", "48 V"],
];
