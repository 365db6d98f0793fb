import { today } from "../parts/when";
import type { Trip, TripSaid } from "../api/types";

export function hoursOf(trip: Pick<Trip, "legs">): number {
  return trip.legs.reduce((sum, leg) => sum + leg.hours, 0);
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
