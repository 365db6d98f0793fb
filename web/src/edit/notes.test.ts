import { expect, test } from "vitest";
import { blankRig, newFuse, newSegment, withHarness, withNote, withoutFitting, withoutLoose } from "./parts";
import { newPack, withoutPack } from "./power";

function rigWithLead() {
  const empty = blankRig("Teal", "canoe");
  const packed = withHarness(empty, { packs: [newPack(empty)] });
  const lead = newSegment(packed);
  return withHarness(packed, { segments: [{ ...lead, fittings: [newFuse(packed)] }] });
}

test("a note is written, replaced, and taken away by a blank one", () => {
  const noted = withNote(rigWithLead(), "pack", "  was free ");
  expect(noted.notes).toEqual([{ part: "pack", text: "was free" }]);
  expect(withNote(noted, "pack", "was cheap").notes).toEqual([{ part: "pack", text: "was cheap" }]);
  expect(withNote(noted, "pack", " \n ").notes).toEqual([]);
  expect(withNote(noted, "pack", "\tfrom\ta sheet").notes).toEqual([{ part: "pack", text: "from a sheet" }]);
});

test("a note goes with its part and stays for all others", () => {
  const noted = withNote(
    withNote(withNote(rigWithLead(), "", "for the boy"), "pack", "heavy"),
    "fuse",
    "spare",
  );
  const parts = (rig: typeof noted) => withoutLoose(rig).notes.map((note) => note.part);
  expect(parts(noted)).toEqual(["", "pack", "fuse"]);
  expect(parts(withoutFitting(noted, 0, "fuse"))).toEqual(["", "pack"]);
  expect(parts(withoutPack(noted, "pack"))).toEqual([""]);
  expect(withoutLoose(noted)).toEqual(noted);
});

test("a blank rig decides nothing but its name and what carries it", () => {
  const rig = blankRig("Teal", "canoe");
  expect(rig.craft.kind).toBe("canoe");
  expect(rig.outing.phases).toHaveLength(1);
  expect(rig.outing.phases[0]!.hours).toBeUndefined();
  expect([rig.devices, rig.harness.packs, rig.harness.segments, rig.notes]).toEqual([[], [], [], []]);
  expect(rig.outing.water.kind).toBe("undecided");
});
