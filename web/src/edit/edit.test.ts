import { expect, test } from "vitest";
import type { Rig, Segment } from "../api/types";
import { blankRig } from "../testing/blankRig";
import { nowhere, pieceOf, UNSET, withNote } from "./parts";
import { getAt, setAt } from "./pointer";

const WIRE: Segment = {
  id: "lead",
  name: "supply lead",
  from: "pack",
  to: "display",
  wire: {
    gauge: { kind: "undecided" },
    lengthM: UNSET,
    tinned: false,
    insulation: "c105",
    sheathed: true,
    bundled: 2,
    twisted: false,
    colours: "",
    unused: 0,
  },
  fittings: [
    { kind: "fuse", id: "fuse", name: "fuse", ratingA: UNSET, form: "blade", atM: UNSET, ohm: UNSET },
  ],
  start: { terminal: "undecided", half: "undecided" },
  end: { terminal: "undecided", half: "undecided" },
};

function rig(): Rig {
  const blank = blankRig("rig", "undecided");
  const block = { id: "block", name: "splitter", sort: "undecided" as const, labelled: false };
  return { ...blank, harness: { packs: [], junctions: [block], segments: [WIRE], spares: [] } };
}

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

test("pieces of the harness are found by their id", () => {
  expect(pieceOf(rig(), "lead")).toEqual({ list: "segments", index: 0 });
  expect(pieceOf(rig(), "fuse")).toEqual({ list: "fittings", index: 0, fitting: 0 });
  expect(pieceOf(rig(), "block")).toEqual({ list: "junctions", index: 0 });
  expect(pieceOf(rig(), "display")).toBeNull();
});

test("a thing is taken from its place", () => {
  const held = {
    how: "undecided" as const,
    anchors: 0,
    blocked: false,
    covered: false,
    toolFree: false,
    onSide: false,
    tried: {},
  };
  const place = (item: string) => ({ item, station: "bow", comesOff: true, held, unit: "" });
  const placed = { ...rig(), places: [place("pack"), place("display")] };
  expect(nowhere(placed, "pack").places.map((each) => each.item)).toEqual(["display"]);
});

test("a note is written, replaced, and taken away by a blank one", () => {
  const noted = withNote(rig(), "pack", "  was free ");
  expect(noted.notes).toEqual([{ part: "pack", text: "was free" }]);
  expect(withNote(noted, "pack", "was cheap").notes).toEqual([{ part: "pack", text: "was cheap" }]);
  expect(withNote(noted, "pack", " \n ").notes).toEqual([]);
  expect(withNote(noted, "pack", "\tfrom\ta sheet").notes).toEqual([{ part: "pack", text: "from a sheet" }]);
});
