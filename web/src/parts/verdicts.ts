import type { Link, Verdict } from "../api/types";
import { choices } from "./choices";

export const LINKS: Link[] = [
  "water",
  "transducer",
  "mount",
  "cable",
  "screen",
  "wire",
  "fuse",
  "battery",
  "carry",
];

export const LINK_NAMES: Record<Link, string> = {
  water: "Water",
  transducer: "Transducer",
  mount: "Mount",
  cable: "Cable",
  screen: "Screen",
  wire: "Wire",
  fuse: "Fuse",
  battery: "Battery",
  carry: "Carry",
};

/** What a person reads of each. */
export const VERDICT_WORDS = Object.fromEntries(choices<Verdict>("Verdict")) as Record<Verdict, string>;

export const VERDICT_COLOURS: Record<Verdict, string> = {
  holds: "text-holds",
  close: "text-close",
  fails: "text-fails font-semibold",
  unset: "text-ink-3",
};
