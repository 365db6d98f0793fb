import { expect, test } from "vitest";
import type { Craft } from "../api/types";
import { goingOn } from "./parts";

const HULL: Craft = {
  kind: "canoe",
  origin: "made-up",
  sections: [],
  stations: ["bow", "stern"].map((id) => ({ id, name: id, spot: "on-deck" as const, room: {}, offers: [] })),
  passages: [
    {
      id: "keel",
      name: "keel",
      from: "bow",
      to: "stern",
      way: "inside",
      belowWaterline: false,
      crosses: "none",
      opening: {
        closedBy: "undecided",
        stuff: "undecided",
        back: "unknown",
        tested: false,
        costs: "",
        sharp: false,
      },
    },
  ],
  obstructions: [],
  kept: [],
  stand: { edge: "none", folds: false },
  bail: "none",
  alsoPaddled: false,
};

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
