import type { Expected } from "../api/types";
import table from "../../../docs/units.json";

type Shown = { symbol: string; factor: number; decimals: number };

const shown = (unit: Expected["unit"]): Shown =>
  (table.units as unknown as Record<string, { metric: Shown }>)[unit]!.metric;

/** A meter shows the same everywhere: volts, amperes, ohms. */
export function symbolAs(unit: Expected["unit"]): string {
  return shown(unit).symbol;
}

export function shownAs(si: number, unit: Expected["unit"]): string {
  const { factor, decimals } = shown(unit);
  return (si * factor).toFixed(
    Math.max(decimals, unit === "milliampere" || unit === "millivolt" ? 1 : decimals),
  );
}

/** What was typed in V, A and Ω; what is no number is NaN, and refused by its name. */
export function readAs(words: string, unit: Expected["unit"]): number {
  return Number(words.replace(",", ".")) / shown(unit).factor;
}
