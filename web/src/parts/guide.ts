import type { GuideStep } from "../api/types";

/** The step of a first pass that comes next; null once all that is built is answered. */
export function nextStep(steps: GuideStep[]): GuideStep | null {
  return steps.find((step) => step.state === "open") ?? null;
}
