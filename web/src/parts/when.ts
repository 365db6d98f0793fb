const DAY = new Intl.DateTimeFormat(undefined, { day: "numeric", month: "short", year: "numeric" });
const TIME = new Intl.DateTimeFormat(undefined, { hour: "numeric", minute: "2-digit" });

/** A moment as a person says it: the time today, the date and time before. */
export function when(instant: string): string {
  const then = new Date(instant);
  const time = TIME.format(then);
  return DAY.format(then) === DAY.format(new Date()) ? `today ${time}` : `${DAY.format(then)}, ${time}`;
}

/** Today where the person is, as 2026-10-31. */
export function today(): string {
  const now = new Date();
  return [now.getFullYear(), now.getMonth() + 1, now.getDate()]
    .map((part) => String(part).padStart(2, "0"))
    .join("-");
}
