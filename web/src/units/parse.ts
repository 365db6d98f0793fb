import type { Unit } from "../api/types";
import { shown, type System } from "./format";

function plainNumber(text: string): number {
  const cleaned = text.trim().replace(",", ".").replace("−", "-");
  return /^[-+]?(\d+\.?\d*|\.\d+)(e[-+]?\d+)?$/i.test(cleaned) ? Number(cleaned) : NaN;
}

/** "5 h 30", "5:30", "5.5", "90 min", "half past 5", "5 and a half", "5½", "half an hour". */
function hours(text: string): number {
  const minutes = /^\s*([\d.,]+)\s*min(?:utes)?\s*$/i.exec(text);
  if (minutes) {
    return plainNumber(minutes[1]!) / 60;
  }
  const half =
    /^\s*half\s+past\s+(\d+)\s*$/i.exec(text) ??
    /^\s*(\d+)\s*(?:h|hours?)?\s*(?:½|and\s+a\s+half)\s*(?:h|hours?)?\s*$/i.exec(text);
  if (half) {
    return Number(half[1]) + 0.5;
  }
  if (/^\s*(?:½|half)\s*(?:an?\s*)?(?:h|hour)?\s*$/i.test(text)) {
    return 0.5;
  }
  const both = /^\s*(\d+)\s*(?:h|:)\s*(\d{1,2})?\s*(?:min|m)?\s*$/i.exec(text);
  return both
    ? Number(both[1]) + Number(both[2] ?? 0) / 60
    : plainNumber(text.replace(/\s*(?:h|hours?)\s*$/i, ""));
}

/** "6 ft 3.5 in", "6' 3\"", "7 in", "6.5" as feet. */
function feet(text: string): number {
  const parts = /^\s*(?:([\d.]+)\s*(?:ft|'))?\s*(?:([\d.]+)\s*(?:in|"))?\s*$/i.exec(text);
  if (parts && (parts[1] !== undefined || parts[2] !== undefined)) {
    return Number(parts[1] ?? 0) + Number(parts[2] ?? 0) / 12;
  }
  return plainNumber(text);
}

type Sort = "length" | "mass" | "current" | "power" | "volts" | "charge";

/** What stands behind a number, whatever the person's own units are, in the program's unit of that sort. */
const BEHIND: Record<Sort, Record<string, number>> = {
  length: { m: 1, cm: 0.01, mm: 0.001, ft: 0.3048, feet: 0.3048, "'": 0.3048, in: 0.0254, '"': 0.0254 },
  mass: { kg: 1, g: 0.001, lb: 0.45359237, lbs: 0.45359237, oz: 0.028349523125 },
  current: { A: 1, mA: 0.001 },
  power: { W: 1, mW: 0.001, kW: 1000 },
  volts: { V: 1, mV: 0.001 },
  charge: { Ah: 1, mAh: 0.001 },
};

const SORTS: Partial<Record<Unit, Sort>> = {
  metre: "length",
  depth: "length",
  reach: "length",
  millimetre: "length",
  "fine-millimetre": "length",
  kilogram: "mass",
  "fine-kilogram": "mass",
  ampere: "current",
  milliampere: "current",
  watt: "power",
  volt: "volts",
  "ampere-hour": "charge",
};

/** "30 ft" in a field of metres, "8 m" in one of feet, "27'6\"", "1200 mAh"; NaN where nothing known stands behind it. */
function withUnit(text: string, unit: Unit): number {
  const sort = SORTS[unit];
  if (sort === undefined) {
    return celsius(text, unit);
  }
  const both = sort === "length" ? /^\s*([\d.,]+)\s*(?:ft|')\s*([\d.,]+)\s*(?:in|")?\s*$/i.exec(text) : null;
  if (both) {
    return plainNumber(both[1]!) * 0.3048 + plainNumber(both[2]!) * 0.0254;
  }
  const one = /^\s*([-−+]?[\d.,]+)\s*([a-zA-Z'"]+)\s*$/.exec(text);
  const factor = one && BEHIND[sort][one[2]!];
  return one && factor ? plainNumber(one[1]!) * factor : NaN;
}

function celsius(text: string, unit: Unit): number {
  const one = unit === "celsius" ? /^\s*([-−+]?[\d.,]+)\s*°?\s*([CF])\s*$/i.exec(text) : null;
  if (!one) {
    return NaN;
  }
  const value = plainNumber(one[1]!);
  return one[2]!.toUpperCase() === "F" ? (value - 32) / 1.8 : value;
}

/** What a person typed, in the program's own unit; NaN where it is no number. A unit of the same sort may stand behind it. */
export function parse(text: string, unit: Unit, system: System): number {
  const { style, symbol, factor, offset } = shown(unit, system);
  if (style === "hours-minutes") {
    return hours(text);
  }
  const said = withUnit(text, unit);
  if (!Number.isNaN(said)) {
    return said;
  }
  if (style === "feet-inches") {
    return feet(text) / factor;
  }
  const bare = text.trim();
  const number = symbol !== "" && bare.endsWith(symbol) ? bare.slice(0, -symbol.length) : bare;
  return (plainNumber(number) - offset) / factor;
}
