import { expect, test } from "vitest";
import type { Device, Rig } from "../api/types";
import {
  blankRig,
  copyOf,
  freshId,
  newFuse,
  newJunction,
  newSegment,
  newSpare,
  pieceOf,
  withoutLoose,
  withoutDevice,
  withoutJunction,
} from "./parts";
import { newPack, withoutPack, withUse } from "./power";
import { getAt, setAt } from "./pointer";

const DISPLAY = {
  id: "display",
  name: "5-in display",
  kind: "display-5-in",
  origin: "",
  draw: { kind: "undecided" },
  limits: {},
} as Device;

function rig(): Rig {
  const blank = blankRig("rig", "undecided");
  const empty: Rig = {
    ...blank,
    devices: [DISPLAY],
    harness: { packs: [], junctions: [{ ...newJunction(blank), id: "block" }], segments: [], spares: [] },
  };
  const packed = { ...empty, harness: { ...empty.harness, packs: [newPack(empty)] } };
  const wired = { ...packed, harness: { ...packed.harness, segments: [newSegment(packed)] } };
  return setAt(wired, "/harness/segments/0/fittings", [newFuse(wired)]);
}

test("a wire is planned tinned where it gets wet", () => {
  const tinned = (kind: string, water: string) =>
    newSegment(setAt(setAt(rig(), "/craft/kind", kind), "/outing/water/kind", water)).wire.tinned;
  expect(tinned("canoe", "fresh")).toBe(true);
  expect(tinned("ice-walk-out", "sea")).toBe(true);
  expect(tinned("ice-walk-out", "fresh")).toBe(false);
  expect(tinned("undecided", "undecided")).toBe(false);
});

test("a pointer reads and sets without changing what was there", () => {
  const before = rig();
  const after = setAt(before, "/harness/segments/0/wire/lengthM", {
    kind: "given",
    value: 2,
    basis: "measured",
  });
  expect(getAt(after, "/harness/segments/0/wire/lengthM")).toEqual({
    kind: "given",
    value: 2,
    basis: "measured",
  });
  expect(getAt(before, "/harness/segments/0/wire/lengthM")).toEqual({ kind: "unset" });
  expect(after.devices).toBe(before.devices);
  expect(getAt(before, "/harness/packs/7/name")).toBeUndefined();
  expect(setAt(before, "", { name: "other" })).toEqual({ name: "other" });
});

test("a new wire runs from the battery to what is not fed yet", () => {
  const first = rig();
  expect(first.harness.segments[0]).toMatchObject({ from: "pack", to: "display" });
  const second = { ...first, devices: [...first.devices, copyOf(first, DISPLAY)] };
  expect(second.devices[1]!.id).toBe("display-2");
  expect(newSegment(second)).toMatchObject({ id: "lead-2", to: "display-2" });
});

test("no id is given twice, whatever carries it", () => {
  const known = rig();
  for (const stem of ["pack", "display", "lead", "fuse", "block", "day"]) {
    expect(freshId(known, stem)).toBe(`${stem}-2`);
  }
  expect(freshId(known, "x".repeat(60))).toHaveLength(34);
});

test("what hangs on a part goes with it", () => {
  const used = withUse(rig(), 0, "display", "brightness", 0.4);
  expect(used.outing.phases[0]!.uses[0]).toMatchObject({ device: "display", brightness: { value: 0.4 } });
  const twice = withUse(used, 0, "display", "duty", 0.5);
  expect(twice.outing.phases[0]!.uses).toHaveLength(1);
  const without = withoutDevice(twice, "display");
  expect(without.outing.phases[0]!.uses).toEqual([]);
  expect(without.harness.segments).toEqual([]);
  expect(withoutPack(twice, "pack").harness).toMatchObject({ packs: [], segments: [] });
  const joined = setAt(twice, "/harness/segments/0/to", "block");
  expect(withoutJunction(joined, "block").harness).toMatchObject({ junctions: [], segments: [] });
});

test("pieces of the harness are found by their id; a spare lead goes with what it could join", () => {
  const wired = rig();
  expect(pieceOf(wired, "lead")).toEqual({ list: "segments", index: 0 });
  expect(pieceOf(wired, "fuse")).toEqual({ list: "fittings", index: 0, fitting: 0 });
  expect(pieceOf(wired, "block")).toEqual({ list: "junctions", index: 0 });
  expect(pieceOf(wired, "display")).toBeNull();
  const spare = { ...wired, harness: { ...wired.harness, spares: [newSpare(wired)] } };
  expect(withoutLoose(spare).harness.spares).toHaveLength(1);
  expect(newSpare(spare).id).toBe("spare-lead-2");
  expect(withoutLoose(withoutDevice(spare, "display")).harness.spares).toHaveLength(0);
});
