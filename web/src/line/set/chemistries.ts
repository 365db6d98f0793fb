/** What a pack may be made of, as a person says it. */
export const CHEMISTRIES: [string, string][] = [
  ["undecided", "not known"],
  ["lifepo4", "LiFePO4"],
  ["nmc", "NMC, 3 cells"],
  ["nmc-4s", "NMC, 4 cells"],
  ["agm", "AGM lead"],
  ["gel", "gel lead"],
  ["flooded", "flooded lead"],
  ["alkaline", "alkaline AA, 8 cells"],
  ["nimh", "rechargeable AA, 8 cells"],
];

export const BLOCKS: [string, string][] = [
  ["1", "12 V"],
  ["2", "24 V"],
  ["3", "36 V"],
  ["4", "48 V"],
];
