import type { Rig } from "../api/types";

/** A rig of which nothing is known but its name and what carries it. */
export function blankRig(name: string, kind: Rig["craft"]["kind"]): Rig {
  return {
    name,
    outing: {
      water: {
        kind: "undecided",
        season: "undecided",
        motion: "undecided",
        style: "undecided",
        logged: { name: "", hoursAt: [] },
      },
      views: [],
      ran: [],
      phases: [{ id: "day", name: "the day", uses: [] }],
    },
    angler: { hand: "undecided" },
    craft: {
      kind,
      origin: "",
      sections: [],
      stations: [],
      passages: [],
      obstructions: [],
      stand: { edge: "none", folds: false },
      bail: "none",
      alsoPaddled: false,
      kept: [],
    },
    transducers: [],
    devices: [],
    harness: { packs: [], junctions: [], segments: [], spares: [] },
    runs: [],
    places: [],
    holders: [],
    network: { shares: [], leads: [] },
    onHand: [],
    chargers: [],
    sharing: { transport: "undecided" },
    schools: {
      fusing: "undecided",
      drilling: "undecided",
      screen: "undecided",
      post: "undecided",
      battery: "undecided",
    },
    weights: {},
    fitOut: {
      ballast: [],
      passThroughs: [],
      boxes: [],
      boards: { parts: [] },
      extras: [],
      fasteners: [],
      closures: [],
    },
    purse: { purchases: [] },
    quieted: [],
    notes: [],
    proposed: [],
  };
}
