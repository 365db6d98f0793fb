import type { Link, Verdict } from "../api/types";

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

export const VERDICT_COLOURS: Record<Verdict, string> = {
  holds: "text-holds",
  close: "text-close",
  fails: "text-fails font-semibold",
  unset: "text-ink-3",
};
