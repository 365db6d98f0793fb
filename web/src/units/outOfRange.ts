import type { Problem, Unit } from "../api/types";
import { amountText, type System } from "./format";

/** "Length is 16 ft 5 in; it may be 3 ft 3 in to 13 ft 1 in."; nothing where the refusal is of no range. */
export function outOfRange(problem: Problem, label: string, unit: Unit, system: System): string | undefined {
  const range = /^([-\d.eE]+) to ([-\d.eE]+)(?: |$)/.exec(problem.allowed ?? "");
  const value = Number(problem.value);
  if (!range || !Number.isFinite(value)) {
    return undefined;
  }
  const said = (si: number) => amountText({ si, unit }, system);
  return `${label} is ${said(value)}; it may be ${said(Number(range[1]))} to ${said(Number(range[2]))}.`;
}
