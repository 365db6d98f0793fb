import type { Device, Figure, Fuse, Pack, Phase, Rig, Segment } from "../api/types";
import { setAt } from "./pointer";

/** New parts of a rig, and a rig without a part. What only makes or drops entries: no rule and no formula. */

const UNSET: Figure = { kind: "unset" };

function chosen(value: number): Figure {
  return { kind: "given", value, basis: "chosen" };
}

function idsOf(rig: Rig): Set<string> {
  return new Set([
    ...rig.devices.map((each) => each.id),
    ...rig.outing.phases.map((each) => each.id),
    ...rig.harness.packs.map((each) => each.id),
    ...rig.harness.junctions.map((each) => each.id),
    ...rig.harness.segments.flatMap((each) => [each.id, ...each.fittings.map((fitting) => fitting.id)]),
  ]);
}

/** The rig without notes on parts it no longer has. */
export function withoutLooseNotes(rig: Rig): Rig {
  const ids = idsOf(rig);
  const notes = rig.notes.filter((note) => note.part === "" || ids.has(note.part));
  return notes.length === rig.notes.length ? rig : { ...rig, notes };
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
      water: { kind: "undecided", season: "undecided", motion: "undecided" },
      phases: [{ id: "day", name: "the day", uses: [] }],
    },
    craft: { kind },
    devices: [],
    harness: { packs: [], junctions: [], segments: [] },
    schools: { fusing: "undecided" },
    quieted: [],
    notes: [],
  };
}

/** An id no part of the rig has yet. */
export function freshId(rig: Rig, stem: string): string {
  const taken = idsOf(rig);
  const first = stem.slice(0, 34);
  let id = first;
  for (let n = 2; taken.has(id); n++) {
    id = `${first}-${n}`;
  }
  return id;
}

export function newPack(rig: Rig): Pack {
  return {
    id: freshId(rig, "pack"),
    name: "battery",
    origin: "",
    chemistry: "undecided",
    blocks: 1,
  } as Pack;
}

export function newPhase(rig: Rig): Phase {
  return { id: freshId(rig, "phase"), name: "on the water", hours: UNSET, uses: [] };
}

export function copyOf(rig: Rig, device: Device): Device {
  return { ...device, id: freshId(rig, device.id) };
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
      tinned: false,
      insulation: "c105",
      sheathed: true,
      bundled: 2,
    },
    fittings: [],
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

export function withoutPack(rig: Rig, id: string): Rig {
  return {
    ...rig,
    harness: {
      ...rig.harness,
      packs: rig.harness.packs.filter((pack) => pack.id !== id),
      segments: rig.harness.segments.filter((segment) => segment.from !== id),
    },
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
  const { fittings } = rig.harness.segments[segment]!;
  return setAt(
    rig,
    `/harness/segments/${segment}/fittings`,
    fittings.filter((fitting) => fitting.id !== id),
  );
}

/** The use of a device in a phase with one figure chosen; added where nobody had said anything. */
export function withUse(
  rig: Rig,
  phase: number,
  device: string,
  field: "brightness" | "duty",
  value: number,
): Rig {
  const phases = rig.outing.phases.map((each, i) => {
    if (i !== phase) return each;
    const use = each.uses.find((known) => known.device === device) ?? {
      device,
      brightness: UNSET,
      duty: UNSET,
    };
    const next = { ...use, [field]: chosen(value) };
    const known = each.uses.some((other) => other.device === device);
    return {
      ...each,
      uses: known ? each.uses.map((other) => (other.device === device ? next : other)) : [...each.uses, next],
    };
  });
  return { ...rig, outing: { ...rig.outing, phases } };
}
