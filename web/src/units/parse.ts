import type { Unit } from "../api/types";
import { shown, type System } from "./format";

function plainNumber(text: string): number {
  const cleaned = text.trim().replace(",", ".").replace("−", "-");
  return /^[-+]?(\d+\.?\d*|\.\d+)(e[-+]?\d+)?$/i.test(cleaned) ? Number(cleaned) : NaN;
}

/** "5 h 30", "5:30", "5.5". */
function hours(text: string): number {
  const both = /^\s*(\d+)\s*(?:h|:)\s*(\d{1,2})?\s*(?:min|m)?\s*$/i.exec(text);
  return both ? Number(both[1]) + Number(both[2] ?? 0) / 60 : plainNumber(text.replace(/h\s*$/i, ""));
}

/** "6 ft 3.5 in", "6' 3\"", "7 in", "6.5" as feet. */
function feet(text: string): number {
  const parts = /^\s*(?:([\d.]+)\s*(?:ft|'))?\s*(?:([\d.]+)\s*(?:in|"))?\s*$/i.exec(text);
  if (parts && (parts[1] !== undefined || parts[2] !== undefined)) {
    return Number(parts[1] ?? 0) + Number(parts[2] ?? 0) / 12;
  }
  return plainNumber(text);
}

/** What a person typed, in the program's own unit; NaN where it is no number. The unit's symbol may stand behind it. */
export function parse(text: string, unit: Unit, system: System): number {
  const { style, symbol, factor, offset } = shown(unit, system);
  if (style === "hours-minutes") {
    return hours(text);
  }
  if (style === "feet-inches") {
    return feet(text) / factor;
  }
  const bare = text.trim();
  const number = symbol !== "" && bare.endsWith(symbol) ? bare.slice(0, -symbol.length) : bare;
  return (plainNumber(number) - offset) / factor;
}
