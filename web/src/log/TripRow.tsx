import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router";
import type { LeftOut, Trip, Unit } from "../api/types";
import { SceneDrawing } from "../drawing/SceneDrawing";
import { LEADS_ON } from "../parts/Button";
import { AddPhoto, PhotoList } from "../parts/Photos";
import { LINK_NAMES } from "../parts/verdicts";
import { amountText } from "../units/format";
import { useUnits } from "../units/UnitsProvider";
import { hoursOf } from "./trips";
import { type LogActs, tripPictureQuery } from "./useLog";

const SLIPS: Record<string, [string, Unit]> = {
  afterV: ["volts after", "volt"],
  countedAh: ["ampere-hours", "ampere-hour"],
  hours: ["hours", "hour"],
};

/** One trip; opened, its volts against the plan, and what can be done with it. */
export function TripRow({
  id,
  trip,
  count,
  revision,
  slips,
  photos,
  acts,
  open,
  onOpen,
  onEdit,
  onRemove,
}: {
  id: string;
  trip: Trip;
  count: number;
  revision: number;
  slips: LeftOut[];
  photos: { id: string }[];
  acts: LogActs;
  open: boolean;
  onOpen: () => void;
  onEdit: () => void;
  onRemove: () => void;
}) {
  const { amount } = useUnits();
  const [sure, setSure] = useState(false);
  const after =
    trip.afterV?.kind === "given" ? `, ${amount({ si: trip.afterV.value, unit: "volt" })} after` : "";
  return (
    <li className="border-b border-grid py-2">
      <button type="button" aria-expanded={open} onClick={onOpen} className="block w-full text-left">
        <span className="font-semibold">{trip.day}</span> {amount({ si: hoursOf(trip), unit: "hour" })}
        {trip.ranOut ? <b className="font-semibold text-fails"> · stopped by itself</b> : ""}
        <span className="text-ink-2">
          {" "}
          · {amount({ si: trip.packC, unit: "celsius" })}
          {after}
        </span>
        {trip.troubles.map((trouble, i) => (
          <span key={i} className="block text-[13px] text-ink-2">
            {LINK_NAMES[trouble.link]}: {trouble.words}
          </span>
        ))}
        {trip.note !== "" && <span className="block text-[13px] text-ink-3">{trip.note}</span>}
      </button>
      {slips.map((slip) => (
        <Slip key={slip.field} slip={slip} onEdit={onEdit} />
      ))}
      {open && (
        <div className="pt-1">
          <Legs trip={trip} />
          <Volts id={id} trip={trip.id} revision={revision} count={count} />
          <AddPhoto onAdd={(file) => acts.photo(trip.id, file)} />
          <PhotoList
            of={`the trip of ${trip.day}`}
            photos={photos}
            at={(photo) => `/api/rigs/${id}/build/photos/${photo}`}
            onDrop={acts.dropPhoto}
          />
          <p className="flex flex-wrap gap-5 py-1">
            {trip.troubles.length > 0 && (
              <Link to={`/rigs/${id}/bench?by=sight`} className={LEADS_ON}>
                find out why
              </Link>
            )}
            <button type="button" className={LEADS_ON} onClick={onEdit}>
              correct it
            </button>
            <button
              type="button"
              className={LEADS_ON}
              onClick={() => (sure ? onRemove() : setSure(true))}
              onBlur={() => setSure(false)}
            >
              {sure ? "take it out for good" : "take it out"}
            </button>
          </p>
        </div>
      )}
    </li>
  );
}

function Slip({ slip, onEdit }: { slip: LeftOut; onEdit: () => void }) {
  const { system } = useUnits();
  const [words, unit] = SLIPS[slip.field] ?? [slip.field, "count"];
  return (
    <p className="text-[13px] text-close">
      Left out: {words} {amountText({ si: slip.said, unit }, system)}, where everything else says about{" "}
      {amountText({ si: slip.expected, unit }, system)}.{" "}
      <button type="button" className={LEADS_ON} onClick={onEdit}>
        correct it
      </button>
    </p>
  );
}

function Legs({ trip }: { trip: Trip }) {
  const { amount } = useUnits();
  return trip.legs.map((leg, i) => (
    <p key={i} className="text-[13px] text-ink-2">
      {amount({ si: leg.hours, unit: "hour" })} with screens at{" "}
      {amount({ si: leg.brightness, unit: "percent" })}, modules on for{" "}
      {amount({ si: leg.modules, unit: "percent" })} of it
      {i === 0 && trip.charged && "; charged full before"}
      {i === 0 &&
        trip.countedAh?.kind === "given" &&
        `; ${amount({ si: trip.countedAh.value, unit: "ampere-hour" })} counted`}
      .
    </p>
  ));
}

function Volts({ id, trip, revision, count }: { id: string; trip: string; revision: number; count: number }) {
  const picture = useQuery(tripPictureQuery(id, revision, trip, count));
  const scene = picture.data?.scenes[0];
  if (picture.isPending) return <p className="text-[13px] text-ink-3">Drawing…</p>;
  return scene ? (
    <div className="-mx-7 h-[460px] max-md:h-[400px] max-md:-mx-3">
      <SceneDrawing scene={scene} />
    </div>
  ) : (
    <p className="text-[13px] text-ink-3">
      How full the battery was before is not said: nothing to compare with the plan.
    </p>
  );
}
