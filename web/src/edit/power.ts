import type { Rig } from "../api/types";
import { chosen, UNSET } from "./parts";

/** How the day is spent: a rig with the use of a device changed. No rule and no formula. */

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
