import type { Charger, Pack, Phase, Rig } from "../api/types";
import { chosen, freshId, numbered, UNKNOWN_ENDING, UNSET } from "./parts";

/** The day and what feeds it: new parts, and a rig with a part changed or gone. No rule and no formula. */

export function newPack(rig: Rig): Pack {
  const id = freshId(rig, "pack");
  return {
    id,
    name: numbered("battery", id),
    origin: "",
    chemistry: "undecided",
    blocks: 1,
    size: {},
    role: "in-use",
    onTopOf: "",
    label: {},
    test: { ranOut: false },
    keeping: { chargedOn: "" },
    cranking: { engine: false },
    ending: UNKNOWN_ENDING,
  } as Pack;
}

/** A pack the person has at home: a copy of one of the catalogue, of which every figure can be changed. */
export function onHand(rig: Rig, item: Pack): Rig {
  const pack = { ...item, id: freshId(rig, `own-${item.id}`), origin: item.id };
  return { ...rig, onHand: [...rig.onHand, pack] };
}

/** A charger for a pack. */
export function newCharger(rig: Rig, pack: Pack): Charger {
  return {
    id: freshId(rig, "charger"),
    name: "charger",
    chemistry: pack.chemistry,
    blocks: pack.blocks,
    charges: pack.id,
    via: "",
    aboard: false,
    ending: UNKNOWN_ENDING,
  };
}

/** The use of a device in a phase with one figure chosen; added where nobody had said anything. */
export function withUse(
  rig: Rig,
  phase: number,
  device: string,
  field: "brightness" | "duty" | "standby",
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

/**
 * With the uses that a pointer leads into and that nobody has entered yet: assumed ones stand behind the entered ones, in
 * the order of the devices.
 */
export function withUseAt(rig: Rig, pointer: string): Rig {
  const at = /^\/outing\/phases\/(\d+)\/uses\/(\d+)\//.exec(pointer);
  const phase = at ? rig.outing.phases[Number(at[1])] : undefined;
  if (!at || !phase) return rig;
  const missing = rig.devices
    .filter((device) => phase.uses.every((use) => use.device !== device.id))
    .slice(0, Math.max(0, Number(at[2]) + 1 - phase.uses.length))
    .map((device) => ({ device: device.id, brightness: UNSET, duty: UNSET }));
  const phases = rig.outing.phases.map((each) =>
    each === phase ? { ...each, uses: [...each.uses, ...missing] } : each,
  );
  return { ...rig, outing: { ...rig.outing, phases } };
}

/** Every use of a device through the day with one figure chosen. */
export function withUses(rig: Rig, devices: string[], field: "brightness" | "duty", value: number): Rig {
  return rig.outing.phases.reduce(
    (day, _, phase) => devices.reduce((now, device) => withUse(now, phase, device, field, value), day),
    rig,
  );
}

export function newPhase(rig: Rig): Phase {
  return { id: freshId(rig, "phase"), name: "on the water", hours: UNSET, uses: [] };
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
