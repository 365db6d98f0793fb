import type { Rig } from "../api/types";

/** What carries a rig, in words. */
export const CRAFTS: [Rig["craft"]["kind"], string][] = [
  ["undecided", "not decided"],
  ["sit-on-top", "sit-on-top paddle kayak"],
  ["pedal-kayak", "pedal kayak"],
  ["motor-kayak", "motor-console kayak"],
  ["sit-inside", "sit-inside kayak"],
  ["canoe", "canoe"],
  ["inflatable", "inflatable"],
  ["board", "board"],
  ["flat-bottom-boat", "flat-bottom boat"],
  ["ice-walk-out", "sled or bucket on ice"],
];
