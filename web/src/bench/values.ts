import type { Expected } from "../api/types";
import { shown } from "../units/format";

/** A meter shows the same everywhere: volts, amperes, ohms. */
const onMeter = (unit: Expected["unit"]) => shown(unit, "metric");

export function symbolAs(unit: Expected["unit"]): string {
  return onMeter(unit).symbol;
}

export function shownAs(si: number, unit: Expected["unit"]): string {
  const { factor, decimals } = onMeter(unit);
  return (si * factor).toFixed(
    Math.max(decimals, unit === "milliampere" || unit === "millivolt" ? 1 : decimals),
  );
}

/** What was typed in V, A and Ω; what is no number is NaN, and refused by its name. */
export function readAs(words: string, unit: Expected["unit"]): number {
  return Number(words.replace(",", ".")) / onMeter(unit).factor;
}
