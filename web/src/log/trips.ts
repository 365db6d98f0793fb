import type { Trip, TripSaid } from "../api/types";

export function hoursOf(trip: Pick<Trip, "legs">): number {
  return trip.legs.reduce((sum, leg) => sum + leg.hours, 0);
}

/** Today where the person is, as 2026-10-31. */
export function today(): string {
  const now = new Date();
  return [now.getFullYear(), now.getMonth() + 1, now.getDate()]
    .map((part) => String(part).padStart(2, "0"))
    .join("-");
}

/** What a person is asked first: as it was the last time, or as it usually is. */
export function begun(trip: Trip | null, last: Trip | null): TripSaid {
  if (trip !== null) {
    const { id: _, ...said } = trip;
    return said;
  }
  const leg = last?.legs[0];
  return {
    day: today(),
    legs: [{ hours: 0, brightness: leg?.brightness ?? 0.8, modules: leg?.modules ?? 1 }],
    packC: last?.packC ?? 15,
    charged: true,
    beforeV: { kind: "unset" },
    afterV: { kind: "unset" },
    countedAh: { kind: "unset" },
    ranOut: false,
    troubles: [],
    note: "",
  };
}
