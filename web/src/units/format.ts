import table from "../../../docs/units.json";
import type { Amount, Text, Unit } from "../api/types";

export type System = "metric" | "us";

interface Shown {
  style: string;
  symbol: string;
  factor: number;
  offset: number;
  decimals: number;
}

export const AWG = table.awg;
export const METRIC_MM2 = table.metricMm2;

export function shown(unit: Unit, system: System): Shown {
  return table.units[unit][system];
}

/** The number alone, without its symbol, as it stands in a field. */
export function numberOf(si: number, unit: Unit, system: System): string {
  const { style, factor, offset, decimals } = shown(unit, system);
  const value = si * factor + offset;
  switch (style) {
    case "short":
      return signed(value, String(Number(fixed(value, decimals))));
    case "hours-minutes": {
      const minutes = Math.round(Math.abs(value) * 60);
      const words = `${Math.floor(minutes / 60)} h ${String(minutes % 60).padStart(2, "0")}`;
      return signed(value, String(minutes), words);
    }
    case "feet-inches":
      return feetInches(value, decimals);
    case "wire-gauge":
      return String(nearestAwg(si));
    default:
      return signed(value, fixed(value, decimals));
  }
}

/** The size of a number, rounded as a person does who reads it: 1.005 is 1.01, though a double holds a little less. */
function fixed(value: number, decimals: number): string {
  const digits = String(Math.abs(value));
  const size = digits.includes("e-") ? 0 : Math.round(Number(`${digits}e${decimals}`));
  return Number(`${size}e-${decimals}`).toFixed(decimals);
}

/** What is rounded to nothing has no sign. */
function signed(value: number, rounded: string, words = rounded): string {
  return value < 0 && Number(rounded) !== 0 ? `−${words}` : words;
}

/** As {@link numberOf}, but what was typed finer stays as it was typed: 0.28 kg is not 0.3 kg in its own field. */
export function typedNumber(si: number, unit: Unit, system: System): string {
  const { style, factor, offset, decimals } = shown(unit, system);
  const value = si * factor + offset;
  const finer = Number(value.toFixed(decimals + 1));
  const asTyped = style === "plain" && Math.abs(value - finer) < 1e-9 * Math.max(1, Math.abs(value));
  return asTyped && finer !== Number(value.toFixed(decimals))
    ? String(finer).replace("-", "−")
    : numberOf(si, unit, system);
}

function feetInches(feet: number, decimals: number): string {
  const inches = Number(fixed(feet * 12, decimals));
  const whole = Math.floor(inches / 12);
  const rest = Number((inches - whole * 12).toFixed(decimals));
  return signed(feet, String(inches), whole === 0 ? `${rest} in` : `${whole} ft ${rest} in`);
}

function nearestAwg(mm2: number): number {
  const off = (area: number) => Math.abs(Math.log(area / mm2));
  return AWG.reduce((best, size) => (off(size.areaMm2) < off(best.areaMm2) ? size : best)).awg;
}

export function symbolOf(unit: Unit, system: System): string {
  const { style, symbol } = shown(unit, system);
  return style === "hours-minutes" || style === "feet-inches" ? "" : symbol;
}

/**
 * From a hundred on nobody reads decimals in a sentence, from ten on one; but a tenth of a volt says how full a battery is. In
 * a field they stay as they were typed.
 */
function large(amount: Amount, system: System): string | null {
  const { style, factor, offset, decimals } = shown(amount.unit, system);
  const value = amount.si * factor + offset;
  const size = Math.abs(value);
  if (style !== "plain" || size < 10 || (size < 100 && amount.unit === "volt")) return null;
  return signed(value, fixed(value, size >= 100 ? 0 : Math.min(decimals, 1)));
}

export function amountText(amount: Amount, system: System): string {
  const symbol = symbolOf(amount.unit, system);
  const number = large(amount, system) ?? numberOf(amount.si, amount.unit, system);
  return symbol === "" || symbol === "°" ? number + symbol : `${number}\u00a0${symbol}`;
}

export function plain(text: Text, system: System): string {
  return text.words
    .map((word, i) => word + (i < text.amounts.length ? amountText(text.amounts[i]!, system) : ""))
    .join("");
}

/** Whether there is anything in it. */
export function says(text: Text): boolean {
  return text.amounts.length > 0 || text.words.join("") !== "";
}

/** "Wire, Fuse and Battery". */
export function listed(names: string[]): string {
  const last = names.at(-1) ?? "";
  return names.length < 2 ? last : `${names.slice(0, -1).join(", ")} and ${last}`;
}

/** As the begin of a line. */
export function capital(words: string): string {
  return words.charAt(0).toUpperCase() + words.slice(1);
}
