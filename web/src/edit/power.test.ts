import { expect, test } from "vitest";
import type { Device, Pack, Rig } from "../api/types";
import { blankRig, withoutLoose } from "./parts";
import { newCharger, newPack, newPhase, onHand, withUse, withUseAt, withUses } from "./power";

function rig(): Rig {
  const blank = blankRig("rig", "undecided");
  const device = (id: string): Device =>
    ({ id, name: id, kind: "display-5-in", origin: "", draw: { kind: "undecided" }, limits: {} }) as Device;
  const day = { ...blank.outing, phases: [newPhase(blank), { ...newPhase(blank), id: "back" }] };
  const packs = [newPack(blank), { ...newPack(blank), id: "upper", onTopOf: "pack" }];
  return {
    ...blank,
    outing: day,
    devices: [device("five"), device("nine")],
    harness: { ...blank.harness, packs },
  };
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

test("a battery on hand is a copy that can be changed, under an id of its own", () => {
  const item = { ...newPack(rig()), id: "agm-9", name: "9 Ah AGM" } as Pack;
  const twice = onHand(onHand(rig(), item), item);
  expect(twice.onHand.map((pack) => [pack.id, pack.origin])).toEqual([
    ["own-agm-9", "agm-9"],
    ["own-agm-9-2", "agm-9"],
  ]);
});

test("chargers and packs in series let go of a pack that is gone, and of a wire that is", () => {
  const before = rig();
  const charger = { ...newCharger(before, before.harness.packs[1]!), via: "no-such-wire" };
  const charged = { ...before, chargers: [charger, newCharger(before, before.harness.packs[0]!)] };
  const after = withoutLoose({
    ...charged,
    harness: { ...charged.harness, packs: [charged.harness.packs[1]!] },
  });
  expect(after.harness.packs.map((pack) => pack.onTopOf)).toEqual([""]);
  expect(after.chargers.map((each) => [each.charges, each.via])).toEqual([["upper", ""]]);
});
