import { describe, expect, test } from "vitest";
import amounts from "../../../core/src/test/resources/amounts.csv?raw";
import type { Unit } from "../api/types";
import { amountText, numberOf, plain, symbolOf, type System, typedNumber } from "./format";
import { outOfRange } from "./outOfRange";
import { parse } from "./parse";

/** The table that core is tested by as well. */
const AMOUNTS = amounts
  .split("\n")
  .filter((line) => line !== "" && !line.startsWith("#"))
  .slice(1)
  .map((line) => line.split(",") as [string, Unit, string, string]);

describe("amounts are shown in the person's own units", () => {
  test.each(AMOUNTS)("%s %s is %s, or %s", (held, unit, metric, us) => {
    const words = (system: System) =>
      amountText({ si: Number(held), unit }, system).replaceAll("\u00a0", " ");
    expect([words("metric"), words("us")]).toEqual([metric, us]);
  });

  test("words keep their amounts", () => {
    const text = {
      words: ["", " of ", ""],
      amounts: [
        { si: 3, unit: "hour" as Unit },
        { si: 5, unit: "hour" as Unit },
      ],
    };
    expect(plain(text, "metric")).toBe("3 h 00 of 5 h 00");
  });
});

describe("what a person types is read in the same units", () => {
  test.each<[string, Unit, System, number]>([
    ["12", "ampere-hour", "metric", 12],
    ["12,5", "ampere-hour", "metric", 12.5],
    ["12.5 Ah", "ampere-hour", "metric", 12.5],
    ["−14", "celsius", "metric", -14],
    ["7", "celsius", "us", -13.889],
    ["68 °F", "celsius", "us", 20],
    ["80", "percent", "metric", 0.8],
    ["80 %", "percent", "metric", 0.8],
    ["105", "millimetre", "metric", 0.105],
    ["7", "millimetre", "us", 0.1778],
    ["6 ft 6 in", "metre", "us", 1.9812],
    ["6' 6\"", "metre", "us", 1.9812],
    ["18 in", "metre", "us", 0.4572],
    ["6.5", "metre", "us", 1.9812],
    ["5 h 30", "hour", "metric", 5.5],
    ["5:30", "hour", "metric", 5.5],
    ["5.5", "hour", "metric", 5.5],
    ["5 h", "hour", "us", 5],
    ["5 hours", "hour", "us", 5],
    ["half past 5", "hour", "metric", 5.5],
    ["5 and a half", "hour", "metric", 5.5],
    ["5½ h", "hour", "metric", 5.5],
    ["half an hour", "hour", "metric", 0.5],
    ["2 lb", "kilogram", "us", 0.907],
    // whatever the person's own units are
    ["30 ft", "depth", "metric", 9.144],
    ["8 m", "depth", "us", 8],
    ["27'6\"", "metre", "metric", 8.382],
    ["6 ft 3 in", "metre", "metric", 1.905],
    ["12 cm", "millimetre", "us", 0.12],
    ["0,5 m", "millimetre", "metric", 0.5],
    ["2 in", "millimetre", "metric", 0.0508],
    ["900 g", "kilogram", "us", 0.9],
    ["3.3 lbs", "kilogram", "metric", 1.497],
    ["1200 mAh", "ampere-hour", "metric", 1.2],
    ["350 mA", "ampere", "metric", 0.35],
    ["5 A", "ampere", "us", 5],
    ["20 mA", "milliampere", "metric", 0.02],
    ["−4 C", "celsius", "us", -4],
    ["50F", "celsius", "metric", 10],
    ["90 min", "hour", "metric", 1.5],
  ])("%s as %s in %s", (text, unit, system, si) => {
    expect(parse(text, unit, system)).toBeCloseTo(si, 3);
  });

  test.each<[string, Unit]>([
    ["", "metre"],
    ["many", "metre"],
    ["1e", "watt"],
    ["1 2", "watt"],
    ["--1", "watt"],
    ["0x10", "watt"],
    ["Infinity", "watt"],
    ["5 h xx", "hour"],
    ["6 ft 6 cm", "metre"],
    ["3 kg", "metre"],
    ["5 Ah", "ampere"],
    ["1.2.3 m", "metre"],
  ])("%s is no %s", (text, unit) => {
    expect(parse(text, unit, "us")).toBeNaN();
  });

  test.each<[number, Unit]>([
    [1.98, "metre"],
    [0.178, "millimetre"],
    [20, "celsius"],
    [5.5, "hour"],
    [0.86, "percent"],
    [2.7, "kilogram"],
  ])("%d %s survives showing and typing in both systems", (si, unit) => {
    for (const system of ["metric", "us"] as System[]) {
      const typed = `${numberOf(si, unit, system)} ${symbolOf(unit, system)}`.trim();
      expect(Math.abs(parse(typed, unit, system) - si)).toBeLessThan(0.02 * Math.max(1, Math.abs(si)));
    }
  });

  test.each<[number, Unit, System, string]>([
    [0.28, "kilogram", "metric", "0.28"],
    [0.3, "kilogram", "metric", "0.3"],
    [0.28, "kilogram", "us", "0.6"],
    [7.25 * 0.0254, "millimetre", "us", "7.25"],
    [-0.005, "metre", "metric", "−0.005"],
    // 6 ft 6 in, by who counts in metres
    [1.9812, "metre", "metric", "1.98"],
  ])("%d %s is kept in its field as it was typed", (si, unit, system, words) => {
    expect(typedNumber(si, unit, system)).toBe(words);
  });
});

test.each<[System, string, string, string | undefined]>([
  ["metric", "50", "1 to 12 m", "Length is 50.0 m; it may be 1.00 m to 12.0 m."],
  ["us", "15.24", "0.3048 to 6.096 m", "Length is 50 ft 0 in; it may be 1 ft 0 in to 20 ft 0 in."],
  ["metric", "blank", "1 to 120 characters", undefined],
])("what is out of range is told in %s, by the name on the screen", (system, value, allowed, told) => {
  const problem = { title: "Refused", detail: "", status: 422, value, allowed };
  expect(outOfRange(problem, "Length", "metre", system)?.replaceAll("\u00a0", " ")).toBe(told);
});
