import { expect, test } from "vitest";
import type { Device, Rig } from "../api/types";
import { blankRig } from "../testing/blankRig";
import { withUse, withUseAt, withUses } from "./power";

function rig(): Rig {
  const blank = blankRig("rig", "undecided");
  const device = (id: string): Device =>
    ({ id, name: id, kind: "display-5-in", origin: "", draw: { kind: "undecided" }, limits: {} }) as Device;
  const [day] = blank.outing.phases;
  const phases = [day!, { ...day!, id: "back" }];
  return { ...blank, outing: { ...blank.outing, phases }, devices: [device("five"), device("nine")] };
}

test("a lever moves every part of the day, for the devices it is about", () => {
  const after = withUses(rig(), ["five"], "brightness", 0.4);
  expect(after.outing.phases.map((phase) => phase.uses.map((use) => use.device))).toEqual([
    ["five"],
    ["five"],
  ]);
  expect(after.outing.phases[1]!.uses[0]!.brightness).toEqual({ kind: "given", value: 0.4, basis: "chosen" });
});

test("an assumed use is entered where it stood", () => {
  const before = withUse(rig(), 1, "nine", "duty", 0.5);
  const uses = (pointer: string) =>
    withUseAt(before, pointer).outing.phases.map((phase) => phase.uses.map((use) => use.device));
  expect(uses("/outing/phases/1/uses/1/brightness")).toEqual([[], ["nine", "five"]]);
  expect(uses("/outing/phases/0/uses/1/duty")).toEqual([["five", "nine"], ["nine"]]);
  expect(withUseAt(before, "/outing/phases/1/uses/0/duty")).toEqual(before);
  expect(withUseAt(before, "/harness/packs/0/age")).toBe(before);
});
