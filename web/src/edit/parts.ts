import type {
  Basis,
  Craft,
  Device,
  Ending,
  Figure,
  Fuse,
  Holder,
  Junction,
  Obstruction,
  Passage,
  Placement,
  Rig,
  Segment,
  Station,
  Transducer,
} from "../api/types";
import { getAt, setAt } from "./pointer";

/** New parts of a rig, and a rig without a part. What only makes or drops entries: no rule and no formula. */

export const UNSET: Figure = { kind: "unset" };

/** An end of which nobody said anything. */
export const UNKNOWN_ENDING: Ending = { terminal: "undecided", half: "undecided" };

/** A figure with where it comes from. */
export function given(value: number, basis: Basis): Figure {
  return { kind: "given", value, basis };
}

export function chosen(value: number): Figure {
  return given(value, "chosen");
}

function idsOf(rig: Rig): Set<string> {
  return new Set([
    ...rig.devices.map((each) => each.id),
    ...rig.transducers.map((each) => each.id),
    ...rig.runs.map((each) => each.id),
    ...rig.holders.map((each) => each.id),
    ...rig.onHand.map((each) => each.id),
    ...rig.chargers.map((each) => each.id),
    ...rig.outing.phases.map((each) => each.id),
    ...rig.network.leads.map((each) => each.id),
    ...rig.fitOut.ballast.map((each) => each.id),
    ...rig.fitOut.boxes.flatMap((box) =>
      [box, ...box.ribs, ...box.exits, ...box.pockets].map((each) => each.id),
    ),
    ...rig.fitOut.boards.parts.map((each) => each.id),
    ...rig.harness.packs.map((each) => each.id),
    ...rig.harness.junctions.map((each) => each.id),
    ...[...rig.harness.segments, ...rig.harness.spares].flatMap((each) => [
      each.id,
      ...each.fittings.map((fitting) => fitting.id),
    ]),
  ]);
}

/** The rig without what speaks of parts, stations and passages it no longer has. */
export function withoutLoose(rig: Rig): Rig {
  const devices = new Set(rig.devices.map((each) => each.id));
  const items = new Set([
    ...devices,
    ...rig.harness.packs.map((each) => each.id),
    ...rig.harness.junctions.map((each) => each.id),
  ]);
  const stations = new Set(rig.craft.stations.map((each) => each.id));
  const passages = new Set(rig.craft.passages.map((each) => each.id));
  const leads = rig.network.leads.filter((lead) => devices.has(lead.from) && devices.has(lead.to));
  const carried = new Set([...rig.transducers, ...rig.harness.segments, ...leads].map((each) => each.id));
  const transducers = rig.transducers.map((each) => ({
    ...each,
    inUse: each.beams.some((beam) => beam.id === each.inUse) ? each.inUse : "",
    feeds: devices.has(each.feeds) ? each.feeds : "",
    mount: stations.has(each.mount.station) ? each.mount : { ...each.mount, station: "" },
  }));
  const runs = rig.runs
    .filter((run) => carried.has(run.carries) && run.legs.every((leg) => passages.has(leg)))
    .map((run) => ({
      ...run,
      through: run.through.filter((leg) => passages.has(leg)),
      coilAt: stations.has(run.coilAt) ? run.coilAt : "",
    }));
  const places = rig.places.filter((place) => items.has(place.item) && stations.has(place.station));
  const holders = rig.holders.filter((holder) => devices.has(holder.holds));
  const packs = new Set(rig.harness.packs.map((each) => each.id));
  const chargers = rig.chargers
    .filter((charger) => packs.has(charger.charges))
    .map((charger) => (carried.has(charger.via) ? charger : { ...charger, via: "" }));
  const alone = rig.harness.packs.map((pack) => (packs.has(pack.onTopOf) ? pack : { ...pack, onTopOf: "" }));
  const starts = new Set([...packs, ...rig.harness.junctions.map((each) => each.id)]);
  const ends = new Set([...devices, ...rig.harness.junctions.map((each) => each.id)]);
  const spares = rig.harness.spares.filter((spare) => starts.has(spare.from) && ends.has(spare.to));
  const harness = { ...rig.harness, packs: alone, spares };
  const network = { ...rig.network, leads };
  const fitOut = fitOutOn(rig, stations, new Set([...items, ...rig.transducers.map((each) => each.id)]));
  const kept = { ...rig, transducers, runs, places, holders, harness, chargers, network, fitOut };
  const ids = idsOf(kept);
  return { ...kept, notes: rig.notes.filter((note) => note.part === "" || ids.has(note.part)) };
}

/** Weights and boxes at places that are still there, pockets for parts that are. */
function fitOutOn(rig: Rig, stations: Set<string>, parts: Set<string>): Rig["fitOut"] {
  return {
    ...rig.fitOut,
    ballast: rig.fitOut.ballast.filter((each) => stations.has(each.station)),
    boxes: rig.fitOut.boxes
      .filter((each) => stations.has(each.station))
      .map((box) => ({
        ...box,
        pockets: box.pockets.map((each) => (parts.has(each.holds) ? each : { ...each, holds: "" })),
      })),
  };
}

/** The rig with one entry of a list taken out by its id. */
export function withoutEntry(rig: Rig, list: string, id: string): Rig {
  const entries = getAt(rig, list) as { id: string }[];
  return setAt(
    rig,
    list,
    entries.filter((each) => each.id !== id),
  );
}

/** The rig with a note on a part ("": on the rig), or without it where the text is blank. */
export function withNote(rig: Rig, part: string, text: string): Rig {
  const others = rig.notes.filter((note) => note.part !== part);
  // pasted tabs would be refused as control characters, and the words with them
  const words = text.replaceAll("\t", " ").trim();
  return { ...rig, notes: words === "" ? others : [...others, { part, text: words }] };
}

/** The rig with parts of its harness replaced. */
export function withHarness(rig: Rig, changed: Partial<Rig["harness"]>): Rig {
  return { ...rig, harness: { ...rig.harness, ...changed } };
}

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
    schools: {
      fusing: "undecided",
      drilling: "undecided",
      screen: "undecided",
      post: "undecided",
      battery: "undecided",
    },
    weights: {},
    fitOut: { ballast: [], passThroughs: [], boxes: [], boards: { parts: [] } },
    quieted: [],
    notes: [],
  };
}

/** An id no part of the rig has yet. */
export function freshId(rig: Rig, stem: string): string {
  return freshAmong(idsOf(rig), stem.slice(0, 34));
}

/** The stem itself, or with the first number that is free. */
export function freshAmong(taken: Set<string>, stem: string): string {
  let id = stem;
  for (let n = 2; taken.has(id); n++) id = `${stem}-${n}`;
  return id;
}

/** A name to tell it from others of its kind: "hole", "hole 2". */
export function numbered(word: string, id: string): string {
  const number = /-(\d+)$/.exec(id)?.[1];
  return number === undefined ? word : `${word} ${number}`;
}

export function ids(parts: { id: string }[]): Set<string> {
  return new Set(parts.map((each) => each.id));
}

export function copyOf(rig: Rig, device: Device): Device {
  return { ...device, id: freshId(rig, device.id) };
}

/** Where wire gets wet it is planned tinned, as it would be built anew; who has plain copper says so. */
function getsWet({ craft, outing }: Rig): boolean {
  const salt = outing.water.kind === "brackish" || outing.water.kind === "sea";
  return salt || (craft.kind !== "undecided" && craft.kind !== "ice-walk-out");
}

export function newSegment(rig: Rig): Segment {
  const fed = new Set(rig.harness.segments.map((segment) => segment.to));
  const to = rig.devices.find((device) => !fed.has(device.id)) ?? rig.devices[0];
  return {
    id: freshId(rig, "lead"),
    name: "supply lead",
    from: rig.harness.packs[0]?.id ?? "",
    to: to?.id ?? "",
    wire: {
      gauge: { kind: "undecided" },
      lengthM: UNSET,
      tinned: getsWet(rig),
      insulation: "c105",
      sheathed: true,
      bundled: 2,
      twisted: false,
      colours: "",
      unused: 0,
    },
    fittings: [],
    start: UNKNOWN_ENDING,
    end: UNKNOWN_ENDING,
  };
}

/** A lead that goes along and is joined to nothing. */
export function newSpare(rig: Rig): Segment {
  return { ...newSegment(rig), id: freshId(rig, "spare-lead"), name: "spare lead" };
}

export function newJunction(rig: Rig): Junction {
  return { id: freshId(rig, "junction"), name: "splitter", sort: "undecided", labelled: false };
}

/** The list of the harness that a piece stands in, its wire where it sits in one, and its place there; null for others. */
export function pieceOf(
  rig: Rig,
  id: string,
):
  | { list: "segments" | "junctions"; index: number }
  | { list: "fittings"; index: number; fitting: number }
  | null {
  const wire = rig.harness.segments.findIndex((each) => each.id === id);
  if (wire >= 0) return { list: "segments", index: wire };
  const point = rig.harness.junctions.findIndex((each) => each.id === id);
  if (point >= 0) return { list: "junctions", index: point };
  const holder = rig.harness.segments.findIndex((each) => each.fittings.some((fitting) => fitting.id === id));
  return holder < 0
    ? null
    : {
        list: "fittings",
        index: holder,
        fitting: rig.harness.segments[holder]!.fittings.findIndex((each) => each.id === id),
      };
}

export function newFuse(rig: Rig): Fuse {
  return {
    kind: "fuse",
    id: freshId(rig, "fuse"),
    name: "fuse",
    ratingA: UNSET,
    form: "blade",
    atM: UNSET,
    ohm: UNSET,
  };
}

export function withoutDevice(rig: Rig, id: string): Rig {
  return {
    ...rig,
    devices: rig.devices.filter((device) => device.id !== id),
    outing: {
      ...rig.outing,
      phases: rig.outing.phases.map((phase) => ({
        ...phase,
        uses: phase.uses.filter((use) => use.device !== id),
      })),
    },
    harness: { ...rig.harness, segments: rig.harness.segments.filter((segment) => segment.to !== id) },
  };
}

/** A junction goes with the segments that meet there. */
export function withoutJunction(rig: Rig, id: string): Rig {
  return {
    ...rig,
    harness: {
      ...rig.harness,
      junctions: rig.harness.junctions.filter((junction) => junction.id !== id),
      segments: rig.harness.segments.filter((segment) => segment.from !== id && segment.to !== id),
    },
  };
}

/** A wire keeps what else sits in it. */
export function withoutFitting(rig: Rig, segment: number, id: string): Rig {
  return withoutEntry(rig, `/harness/segments/${segment}/fittings`, id);
}

/** A transducer of which nothing is known but its name, or a copy of one. */
export function newTransducer(rig: Rig, like?: Transducer): Transducer {
  const id = freshId(rig, like?.id ?? "transducer");
  return like
    ? { ...like, id, origin: like.id }
    : {
        id,
        name: "transducer",
        origin: "",
        type: "undecided",
        beams: [{ id: "beam", name: "beam", shape: "cone", quoted: "half-power" }],
        inUse: "",
        feeds: "",
        look: "undecided",
        handle: "unmarked",
        lead: {},
        plug: { version: "undecided", adapter: { name: "", loses: [] } },
        mount: { kind: "undecided", station: "" },
      };
}

/** One more beam of a transducer. */
export function withBeam(rig: Rig, t: number): Rig {
  const { beams } = rig.transducers[t]!;
  const id = freshAmong(ids(beams), "beam");
  return setAt(rig, `/transducers/${t}/beams`, [
    ...beams,
    { id, name: id, shape: "cone", quoted: "half-power" },
  ]);
}

/** The rig on another craft; what the new one has not is undecided again. */
export function onCraft(rig: Rig, craft: Craft): Rig {
  return withoutLoose({ ...rig, craft });
}

/** Of a thing nobody said how it is held. */
export const UNHELD: Placement["held"] = {
  how: "undecided",
  anchors: 0,
  blocked: false,
  covered: false,
  toolFree: false,
  onSide: false,
};

/** The rig with a thing at a station, or nowhere where that is "". */
export function placed(rig: Rig, item: string, station: string): Rig {
  const others = rig.places.filter((place) => place.item !== item);
  const old = rig.places.find((place) => place.item === item);
  const place = { ...(old ?? { item, comesOff: true, held: UNHELD }), station };
  return { ...rig, places: station === "" ? others : [...others, place] };
}

/** The rig with a display held by a holder, or by nothing that is known. */
export function heldBy(rig: Rig, device: string, item: Holder | undefined): Rig {
  const old = rig.holders.find((each) => each.holds === device);
  const others = rig.holders.filter((each) => each !== old);
  return {
    ...rig,
    holders: item
      ? [
          ...others,
          { ...item, id: old?.id ?? freshId(rig, `holder-${device}`), origin: item.id, holds: device },
        ]
      : others,
  };
}

/** A place amidships, to be dragged where it is. */
export function newStation(rig: Rig): Station {
  const id = freshAmong(ids(rig.craft.stations), "place");
  return { id, name: id, spot: "on-deck", ...amidships(rig), heightM: chosen(0.3), room: {} };
}

export function newObstruction(rig: Rig): Obstruction {
  const id = freshAmong(ids(rig.craft.obstructions), "obstruction");
  return {
    id,
    name: id,
    sort: "other",
    ...amidships(rig),
    belowM: chosen(0.1),
    halfWidthM: chosen(0.03),
  };
}

function amidships(rig: Rig) {
  const { lengthM } = rig.craft;
  const middle = lengthM?.kind === "given" ? lengthM.value / 2 : 1;
  return { fromBowM: chosen(Math.round(middle * 100) / 100), sideM: chosen(0) };
}

/** The rig with a cable on its way; the first leg makes the run. */
export function withLegs(rig: Rig, carries: string, legs: string[]): Rig {
  const known = rig.runs.find((run) => run.carries === carries);
  const run = known ?? {
    id: freshId(rig, `${carries}-run`),
    carries,
    legs,
    through: [],
    travels: [],
    coilAt: "",
  };
  return {
    ...rig,
    runs: known ? rig.runs.map((each) => (each === known ? { ...known, legs } : each)) : [...rig.runs, run],
  };
}

/** Passages that begin where the way has come to; where nobody said where it begins, all of them. */
export function goingOn(craft: Craft, start: string, legs: string[]): Passage[] {
  let at = start;
  for (const id of legs) {
    const leg = craft.passages.find((each) => each.id === id);
    at = leg?.from === at ? leg.to : leg?.to === at ? leg.from : (leg?.to ?? at);
  }
  return craft.passages.filter(
    (each) => !legs.includes(each.id) && (at === "" || each.from === at || each.to === at),
  );
}
