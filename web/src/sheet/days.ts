import { listed } from "../units/format";
import type { Sitting } from "../api/types";

const WEEKDAY = new Intl.DateTimeFormat("en-GB", { weekday: "long" });
const DATE = new Intl.DateTimeFormat("en-GB", { day: "numeric", month: "short" });
const MOMENT = new Intl.DateTimeFormat("en-GB", { weekday: "long", hour: "2-digit", minute: "2-digit" });

/** As a person says it: Friday evening, Saturday, Tuesday at the water. */
export function dayWords(sitting: Sitting): string {
  const weekday = WEEKDAY.format(noon(sitting.day));
  return sitting.water ? `${weekday}, at the water` : evening(sitting) ? `${weekday} evening` : weekday;
}

function evening(sitting: Sitting): boolean {
  return Number(sitting.begin.slice(11, 13)) >= 17;
}

export function dateWords(day: string): string {
  return DATE.format(noon(day));
}

/** A moment by the clock on the wall there, whatever clock the browser has. */
export function momentWords(at: string): string {
  return MOMENT.format(new Date(`${at.slice(0, 16)}`));
}

function noon(day: string): Date {
  return new Date(`${day}T12:00`);
}

/** "1 h 40", "25 min". */
export function workWords(minutes: number): string {
  const whole = Math.round(minutes / 5) * 5;
  const all = whole === 0 ? Math.max(1, Math.round(minutes)) : whole;
  return all < 60 ? `${all} min` : `${Math.floor(all / 60)} h ${String(all % 60).padStart(2, "0")}`;
}

/** "two evenings and a Sunday", in the order in which they come. */
export function daysInWords(sittings: Sitting[]): string {
  const names = sittings.map((each) => (evening(each) ? "evening" : WEEKDAY.format(noon(each.day))));
  const kinds = [...new Set(names)].map((name) => {
    const count = names.filter((each) => each === name).length;
    if (count === 1) return name === "evening" ? "an evening" : `a ${name}`;
    return `${NUMBERS[count] ?? count} ${name}s`;
  });
  return listed(kinds);
}

const NUMBERS: Record<number, string> = { 2: "two", 3: "three", 4: "four", 5: "five", 6: "six", 7: "seven" };

/** Minutes of something that is soon done. */
export function shortly(minutes: number): string {
  return minutes < 1
    ? "under a minute"
    : `${Math.round(minutes * 2) / 2} min`.replace(".5", "½").replace("0½", "½");
}
