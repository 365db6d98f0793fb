import { expect, test } from "vitest";
import type { Craft, Device, Holder, Rig } from "../api/types";
import {
  blankRig,
  given,
  goingOn,
  heldBy,
  newObstruction,
  newStation,
  newTransducer,
  onCraft,
  placed,
  UNHELD,
  withBeam,
  withLegs,
  withoutLoose,
} from "./parts";
import { newBallast, newBox, newDataLead, newPocket, newTravel } from "./fitOut";

const HULL: Craft = {
  kind: "canoe",
  origin: "made-up",
  sections: [],
  stations: ["bow", "stern"].map((id) => ({ id, name: id, spot: "on-deck" as const, room: {} })),
  passages: [
    {
      id: "keel",
      name: "keel",
      from: "bow",
      to: "stern",
      way: "inside",
      belowWaterline: false,
      crosses: "none",
      opening: { closedBy: "undecided", stuff: "undecided", back: "unknown", tested: false, costs: "" },
    },
  ],
  obstructions: [],
  stand: { edge: "none", folds: false },
  bail: "none",
};

function rigged(): Rig {
  const bare = onCraft(blankRig("Teal", "undecided"), HULL);
  const one = { ...bare, transducers: [newTransducer(bare)] };
  const mounted = {
    ...one,
    transducers: [{ ...one.transducers[0]!, mount: { kind: "scupper" as const, station: "bow" } }],
  };
  return withLegs(mounted, "transducer", ["keel"]);
}

test("a cable gets its run with its first leg and keeps what was said of it", () => {
  const rig = rigged();
  const plain = { id: "transducer-run", carries: "transducer", through: [], travels: [], coilAt: "" };
  expect(rig.runs).toEqual([{ ...plain, legs: ["keel"] }]);
  const slack = { ...rig, runs: [{ ...rig.runs[0]!, loopM: { kind: "unset" as const } }] };
  expect(withLegs(slack, "transducer", []).runs).toEqual([{ ...plain, legs: [], loopM: { kind: "unset" } }]);
});

test("another craft leaves nothing that points into the one before", () => {
  const other = onCraft(rigged(), { ...HULL, stations: [], passages: [] });
  expect(other.runs).toEqual([]);
  expect(other.transducers[0]!.mount).toEqual({ kind: "scupper", station: "" });
});

test("a thing sits at one place, stays off or on as it was, and may sit nowhere", () => {
  const rig = placed(rigged(), "transducer", "stern");
  expect(rig.places).toEqual([{ item: "transducer", station: "stern", comesOff: true, held: UNHELD }]);
  const stays = { ...rig, places: [{ ...rig.places[0]!, comesOff: false }] };
  expect(placed(stays, "transducer", "bow").places).toEqual([
    { item: "transducer", station: "bow", comesOff: false, held: UNHELD },
  ]);
  expect(placed(stays, "transducer", "").places).toEqual([]);
});

test("what is built round a rig goes with the place or part it speaks of", () => {
  const rig = rigged();
  const box = { ...newBox(rig)!, pockets: [{ ...newPocket(rig), holds: "nobody" }] };
  const lead = { ...newDataLead(rig), from: "a", to: "b" };
  const full: Rig = {
    ...rig,
    network: { shares: [], leads: [lead] },
    fitOut: { ...rig.fitOut, boxes: [box], ballast: [newBallast(rig)] },
    runs: [{ ...rig.runs[0]!, through: ["keel", "gone"], coilAt: "gone" }],
  };
  const tidy = withoutLoose(full);
  expect(tidy.network.leads).toEqual([]);
  expect(tidy.fitOut.boxes[0]!.pockets[0]!.holds).toBe("");
  expect(tidy.runs[0]).toMatchObject({ through: ["keel"], coilAt: "" });
  const bare = onCraft(tidy, { ...HULL, stations: [], passages: [] });
  expect(bare.fitOut).toMatchObject({ boxes: [], ballast: [] });
  expect(newBox(full)!.station).toBe("stern");
  expect(newBox(bare)).toBeUndefined();
});

test("each thing that moves is said once for a cable", () => {
  const first = newTravel([])!;
  expect(newTravel([first])!.what).not.toBe(first.what);
  const all = ["seat", "guard", "lid", "arm", "swivel", "bracket"] as const;
  expect(newTravel(all.map((what) => ({ ...first, what })))).toBeUndefined();
});

test("beams have ids of their own, and a beam in use that is gone is no longer in use", () => {
  const two = withBeam(rigged(), 0);
  expect(two.transducers[0]!.beams.map((beam) => beam.id)).toEqual(["beam", "beam-2"]);
  const using = { ...two, transducers: [{ ...two.transducers[0]!, inUse: "beam-3", feeds: "nothing" }] };
  expect(withoutLoose(using).transducers[0]).toMatchObject({ inUse: "", feeds: "" });
});

test("a way goes on where it has come to, either way round, and never twice through the same passage", () => {
  const passage = (id: string, from: string, to: string) => ({
    ...HULL.passages[0]!,
    id,
    name: id,
    from,
    to,
  });
  const passages = [
    passage("keel", "bow", "stern"),
    passage("deck", "stern", "seat"),
    passage("rail", "seat", "bow"),
    passage("lip", "hatch", "stern"),
  ];
  const craft = { ...HULL, passages };
  const ids = (start: string, legs: string[]) => goingOn(craft, start, legs).map((each) => each.id);
  expect(ids("bow", [])).toEqual(["keel", "rail"]);
  expect(ids("bow", ["keel"])).toEqual(["deck", "lip"]);
  expect(ids("bow", ["rail"])).toEqual(["deck"]);
  expect(ids("stern", ["keel", "rail"])).toEqual(["deck"]);
  expect(ids("", [])).toEqual(["keel", "deck", "rail", "lip"]);
});

const CLAMP: Holder = {
  id: "edge-clamp",
  name: "clamp on a gunwale or board",
  kind: "handle-clamp",
  origin: "edge-clamp",
  holds: "none",
  grip: "edge",
  bolts: "",
  drills: false,
  toolFree: true,
  poses: ["in-use"],
};

test("a display has one holder, which goes with it", () => {
  const display = { id: "display", name: "display" } as Device;
  const rig = { ...rigged(), devices: [display] };
  const held = heldBy(rig, "display", CLAMP);
  expect(held.holders).toEqual([{ ...CLAMP, id: "holder-display", origin: "edge-clamp", holds: "display" }]);
  const other = heldBy(held, "display", { ...CLAMP, id: "frame", name: "frame" });
  expect(other.holders.map((each) => [each.id, each.origin])).toEqual([["holder-display", "frame"]]);
  expect(heldBy(other, "display", undefined).holders).toEqual([]);
  expect(withoutLoose({ ...held, devices: [] }).holders).toEqual([]);
});

test("a new place and a new obstruction stand amidships with ids of their own", () => {
  const rig = { ...rigged(), craft: { ...HULL, lengthM: given(4.2, "measured") } };
  const place = newStation(rig);
  expect(place).toMatchObject({
    id: "place",
    spot: "on-deck",
    fromBowM: { value: 2.1 },
    sideM: { value: 0 },
  });
  const two = { ...rig, craft: { ...rig.craft, stations: [...HULL.stations, place] } };
  expect(newStation(two).id).toBe("place-2");
  expect(newObstruction(two)).toMatchObject({ id: "obstruction", sort: "other", fromBowM: { value: 2.1 } });
  expect(newStation(rigged()).fromBowM).toMatchObject({ value: 1 });
});
