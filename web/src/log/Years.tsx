import type { Trip } from "../api/types";
import { useUnits } from "../units/UnitsProvider";
import { numberOf } from "../units/format";
import { hoursOf } from "./trips";

const MONTHS = ["J", "F", "M", "A", "M", "J", "J", "A", "S", "O", "N", "D"];
const WIDE = 480;
const HIGH = 30;

/** A strip for each year: a column on each day out, as high as its hours. */
export function Years({
  trips,
  open,
  onOpen,
}: {
  trips: Trip[];
  open: string;
  onOpen: (trip: string) => void;
}) {
  const { system } = useUnits();
  const years = [...new Set(trips.map((trip) => trip.day.slice(0, 4)))];
  const most = Math.max(...trips.map(hoursOf));
  return (
    <figure aria-label="Trips through the years" className="pb-3">
      {years.map((year) => (
        <div key={year} className="flex items-end gap-3">
          <span className="w-9 pb-1 text-[13px] text-ink-3">{year}</span>
          <svg
            viewBox={`0 -7 ${WIDE} ${HIGH + 8}`}
            className="h-[42px] grow"
            role="img"
            aria-label={told(year, trips)}
          >
            <path d={`M0 ${HIGH}H${WIDE}`} stroke="var(--ink-3)" />
            {MONTHS.map((_, m) => (
              <path key={m} d={`M${(m * WIDE) / 12} ${HIGH}v-4`} stroke="var(--rule)" />
            ))}
            {trips
              .filter((trip) => trip.day.startsWith(year))
              .map((trip) => {
                const tall = Math.max(3, (hoursOf(trip) / most) * (HIGH - 2));
                const x = shareOfYear(trip.day) * WIDE;
                return (
                  <g key={trip.id} onClick={() => onOpen(trip.id)} className="cursor-pointer">
                    <title>{`${trip.day}: ${numberOf(hoursOf(trip), "hour", system)}`}</title>
                    <rect x={x - 4} width={8} y={0} height={HIGH} fill="transparent" />
                    <rect
                      x={x - 1.6}
                      width={3.2}
                      y={HIGH - tall}
                      height={tall}
                      fill={trip.id === open ? "var(--act)" : trip.ranOut ? "var(--fails)" : "var(--ink-2)"}
                    />
                    {trip.troubles.length > 0 && (
                      <circle cx={x} cy={HIGH - tall - 3.5} r={2} stroke="var(--fails)" fill="none" />
                    )}
                  </g>
                );
              })}
          </svg>
        </div>
      ))}
      <div className="flex gap-3">
        <span className="w-9" />
        <span className="grid grow grid-cols-12 text-[11.5px] text-ink-3">
          {MONTHS.map((month, m) => (
            <span key={m}>{month}</span>
          ))}
        </span>
      </div>
      <figcaption className="pt-1 pl-12 text-[12.5px] text-ink-3">
        as high as its hours; red: it stopped by itself; ring: something went wrong
      </figcaption>
    </figure>
  );
}

function told(year: string, trips: Trip[]): string {
  const mine = trips.filter((trip) => trip.day.startsWith(year));
  const hours = mine.reduce((sum, trip) => sum + hoursOf(trip), 0);
  return `${year}: ${mine.length} ${mine.length === 1 ? "trip" : "trips"}, ${Math.round(hours)} hours; all of them stand below`;
}

function shareOfYear(day: string): number {
  const [year, month, date] = day.split("-").map(Number) as [number, number, number];
  return (Date.UTC(year, month - 1, date) - Date.UTC(year, 0, 1)) / (366 * 86_400_000);
}
