import { expect, test } from "vitest";
import { clear } from "./clear";

const box = (left: number, top: number, width = 100) => ({ left, top, width, height: 16 });

test.each([
  ["clear already", [box(0, 20), box(0, 40)], [0, 0]],
  ["one over the other", [box(10, 20), box(10, 22)], [0, 13]],
  ["side by side", [box(10, 20), box(120, 20)], [0, 0]],
  ["a third finds the nearest room", [box(10, 40), box(10, 40), box(10, 40)], [0, 13, -13]],
])("%s", (_, boxes, down) => {
  expect(clear(boxes, 500, 500).map(({ y }) => y)).toEqual(down);
});

test("a mark stays where it is, and words go round it", () => {
  expect(clear([box(10, 20)], 500, 500, [{ left: 60, top: 22, width: 12, height: 12 }])).toEqual([
    { x: 0, y: 13 },
  ]);
});

test("nothing leaves the drawing", () => {
  expect(clear([box(450, 20), box(-30, 495)], 500, 500)).toEqual([
    { x: -52, y: 0 },
    { x: 32, y: -13 },
  ]);
});
