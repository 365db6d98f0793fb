import { expect, test } from "vitest";
import type { Scene } from "../api/types";
import { line, NARROW, place, WIDE } from "./frame";

const AXIS = {
  label: { words: ["x"], amounts: [] },
  unit: "hour" as const,
  low: 0,
  high: 10,
  logarithmic: false,
  ticks: [0, 5, 10],
};

test("a chart's corners are the box's, linear and logarithmic", () => {
  const y = { ...AXIS, low: 0.01, high: 100, logarithmic: true };
  const placed = place({ kind: "plot", x: AXIS, y }, WIDE);
  expect(placed.x(0)).toBeCloseTo(placed.box.left);
  expect(placed.x(10)).toBeCloseTo(placed.box.right);
  expect(placed.x(5)).toBeCloseTo((placed.box.left + placed.box.right) / 2);
  expect(placed.y(1)).toBeCloseTo((placed.box.top + placed.box.bottom) / 2);
});

test.each([WIDE, NARROW])("a drawing to scale has one scale both ways and stays inside", (size) => {
  const frame: Scene["frame"] = {
    kind: "to-scale",
    low: { x: 0, y: 0 },
    high: { x: 4, y: 1 },
    squareM: 0.25,
  };
  const placed = place(frame, size);
  expect(placed.x(1) - placed.x(0)).toBeCloseTo(placed.y(0) - placed.y(1));
  expect(placed.x(4)).toBeLessThanOrEqual(size.width);
  expect(placed.y(0)).toBeLessThanOrEqual(size.height);
  expect(placed.x(0) + placed.x(4)).toBeCloseTo(size.width);
});

test("a path closes only where it should", () => {
  const placed = place({ kind: "plot", x: AXIS, y: AXIS }, WIDE);
  const points = [
    { x: 0, y: 0 },
    { x: 1, y: 1 },
  ];
  expect(line(points, placed, false)).toMatch(/^M[\d.]+ [\d.]+L[\d.]+ [\d.]+$/);
  expect(line(points, placed, true)).toMatch(/Z$/);
});
