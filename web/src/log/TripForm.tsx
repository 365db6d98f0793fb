import { useMutation, useQuery } from "@tanstack/react-query";
import { useId, useState } from "react";
import { ProblemError } from "../api/client";
import { rigQuery } from "../api/queries";
import { sendFile } from "../api/sendFile";
import type { Leg, Link, TrackRead, Trip, TripSaid } from "../api/types";
import { Button, LEADS_ON } from "../parts/Button";
import { LINK_NAMES, LINKS } from "../parts/verdicts";
import { FigureOf, NumberOf, ShareOf } from "../parts/amounts";
import { today } from "../parts/when";
import { begun } from "./trips";
import type { LogActs } from "./useLog";

/** A trip in a minute: day and hours, then what was read; what is not known stays empty. */
export function TripForm({
  id,
  acts,
  trip,
  last,
  onDone,
}: {
  id: string;
  acts: LogActs;
  trip: Trip | null;
  last: Trip | null;
  onDone: () => void;
}) {
  const [said, say] = useState<TripSaid>(() => begun(trip, last));
  const put = (part: Partial<TripSaid>) => say((now) => ({ ...now, ...part }));
  const leg = (at: number, part: Partial<Leg>) =>
    put({ legs: said.legs.map((each, i) => (i === at ? { ...each, ...part } : each)) });
  const problem = acts.problem instanceof ProblemError ? acts.problem.problem : null;
  const devices = useQuery(rigQuery(id)).data?.rig.devices ?? [];
  const modules = devices.some((device) => !device.kind.startsWith("display"));
  const track = useMutation({
    mutationFn: (file: File) =>
      sendFile<TrackRead>(
        `/api/rigs/${id}/trips/track`,
        "application/octet-stream",
        file,
        "The track did not get through.",
      ),
    onSuccess: ({ day, hours }) => {
      put({ day });
      leg(0, { hours });
    },
  });
  const wanting = said.legs.some((each) => !(each.hours > 0));
  return (
    <form
      aria-label={trip === null ? "A new trip" : `The trip of ${trip.day}`}
      className="border-b border-rule py-3"
      onSubmit={(event) => {
        event.preventDefault();
        acts.keep(trip?.id ?? "", said, onDone);
      }}
    >
      <h2 className="pb-1 text-[16px] font-semibold">
        {trip === null ? "A new trip" : `The trip of ${trip.day}`}
      </h2>
      <Row label="day">
        <input
          type="date"
          aria-label="day"
          required
          max={today()}
          value={said.day}
          onChange={(event) => put({ day: event.target.value })}
          className="border-b border-act bg-transparent font-semibold text-act max-md:min-h-[44px]"
        />
      </Row>
      <p className="text-[13px]">
        <label className={`cursor-pointer ${LEADS_ON}`}>
          {track.isPending ? "reading the track…" : "day and hours from a track (GPX, NMEA)"}
          <input
            type="file"
            accept=".gpx,.nmea,.log,.txt"
            className="sr-only"
            onChange={(event) => {
              const file = event.target.files?.[0];
              if (file) track.mutate(file);
              event.target.value = "";
            }}
          />
        </label>
        {track.isError && (
          <span role="alert" className="block text-fails">
            {track.error.message}
          </span>
        )}
        {track.data && trip !== null && track.data.day !== trip.day && (
          <span role="status" className="block text-close">
            The track is of {track.data.day}; this trip was told as of {trip.day}.
          </span>
        )}
        {track.data && trip === null && track.data.day.slice(0, 4) !== today().slice(0, 4) && (
          <span role="status" className="block text-close">
            The track is of another year: {track.data.day}.
          </span>
        )}
      </p>
      {said.legs.map((each, i) => (
        <fieldset key={i} className={said.legs.length > 1 ? "mt-1 border-l-2 border-rule pl-3" : ""}>
          <legend className="sr-only">{`part ${i + 1} of the trip`}</legend>
          <NumberOf
            label={said.legs.length > 1 ? `hours of part ${i + 1}` : "hours out"}
            unit="hour"
            value={each.hours}
            empty={each.hours === 0}
            focus={i === 0 && trip === null}
            onValue={(hours) => leg(i, { hours })}
          />
          <ShareOf
            label="screens at"
            value={each.brightness}
            onValue={(brightness) => leg(i, { brightness })}
          />
          {modules && (
            <ShareOf
              label="live modules and the like on"
              value={each.modules}
              onValue={(share) => leg(i, { modules: share })}
            />
          )}
        </fieldset>
      ))}
      <p className="flex gap-5 py-1 text-[13px]">
        <button
          type="button"
          className={LEADS_ON}
          onClick={() => put({ legs: [...said.legs, { ...said.legs[said.legs.length - 1]!, hours: 0 }] })}
        >
          used otherwise for a part of it
        </button>
        {said.legs.length > 1 && (
          <button type="button" className={LEADS_ON} onClick={() => put({ legs: said.legs.slice(0, -1) })}>
            one part less
          </button>
        )}
      </p>
      <NumberOf
        label="the battery was at"
        unit="celsius"
        value={said.packC}
        onValue={(packC) => put({ packC })}
      />
      <Box label="charged full before" value={said.charged} onValue={(charged) => put({ charged })} />
      {!said.charged && (
        <FigureOf
          label="rest volts before"
          unit="volt"
          figure={said.beforeV}
          onFigure={(beforeV) => put({ beforeV })}
        />
      )}
      <FigureOf
        label="rest volts an hour after"
        unit="volt"
        figure={said.afterV}
        onFigure={(afterV) => put({ afterV })}
      />
      <FigureOf
        label="counted by a meter"
        unit="ampere-hour"
        figure={said.countedAh}
        onFigure={(countedAh) => put({ countedAh })}
      />
      <Box
        label="it stopped by itself, battery empty"
        value={said.ranOut}
        onValue={(ranOut) => put({ ranOut })}
      />
      <Troubles said={said} onSaid={put} />
      <textarea
        aria-label="Note"
        placeholder="a note"
        rows={said.note === "" ? 1 : 3}
        maxLength={1000}
        value={said.note}
        onChange={(event) => put({ note: event.target.value })}
        className="mt-1 block w-full border-b border-faint bg-transparent py-1 placeholder:text-ink-3 max-md:min-h-[44px]"
      />
      {problem && (
        <p role="alert" className="pt-2 text-fails">
          {problem.detail} Nothing was saved.
        </p>
      )}
      <p className="flex gap-3 pt-3">
        <Button type="submit" disabled={acts.busy || wanting} className="max-md:min-h-[44px]">
          {trip === null ? "Keep this trip" : "Keep it so"}
        </Button>
        <Button look="quiet" onClick={onDone} className="max-md:min-h-[44px]">
          leave it
        </Button>
      </p>
    </form>
  );
}

function Row({ label, children }: { label: string; children: React.ReactNode }) {
  return (
    <div className="flex items-baseline justify-between gap-3 py-[5px]">
      <span>{label}</span>
      {children}
    </div>
  );
}

function Box({
  label,
  value,
  onValue,
}: {
  label: string;
  value: boolean;
  onValue: (value: boolean) => void;
}) {
  return (
    <label className="flex items-center justify-between gap-3 py-[5px] max-md:min-h-[44px]">
      <span>{label}</span>
      <input
        type="checkbox"
        className="size-4 accent-[var(--act)] max-md:size-6"
        checked={value}
        onChange={(event) => onValue(event.target.checked)}
      />
    </label>
  );
}

/** What went wrong, by link. */
function Troubles({ said, onSaid }: { said: TripSaid; onSaid: (part: Partial<TripSaid>) => void }) {
  const id = useId();
  const put = (at: number, part: Partial<TripSaid["troubles"][number]>) =>
    onSaid({ troubles: said.troubles.map((each, i) => (i === at ? { ...each, ...part } : each)) });
  return (
    <>
      {said.troubles.map((trouble, i) => (
        <div key={i} className="flex items-baseline gap-3 py-[5px]">
          <select
            aria-label={`link of trouble ${i + 1}`}
            value={trouble.link}
            onChange={(event) => put(i, { link: event.target.value as Link })}
            className="border-b border-act bg-transparent font-semibold text-act"
          >
            {LINKS.map((link) => (
              <option key={link} value={link}>
                {LINK_NAMES[link]}
              </option>
            ))}
          </select>
          <input
            id={`${id}-${i}`}
            aria-label={`what went wrong with it, ${i + 1}`}
            placeholder="what went wrong"
            required
            maxLength={120}
            value={trouble.words}
            onChange={(event) => put(i, { words: event.target.value })}
            className="min-w-0 grow border-b border-act bg-transparent py-0.5 text-act placeholder:text-ink-3"
          />
          <button
            type="button"
            aria-label={`no trouble ${i + 1}`}
            className="text-ink-3"
            onClick={() => onSaid({ troubles: said.troubles.filter((_, at) => at !== i) })}
          >
            ×
          </button>
        </div>
      ))}
      <p className="py-1 text-[13px]">
        <button
          type="button"
          className={LEADS_ON}
          onClick={() => onSaid({ troubles: [...said.troubles, { link: "screen", words: "" }] })}
        >
          {said.troubles.length === 0 ? "something went wrong" : "something else went wrong"}
        </button>
      </p>
    </>
  );
}
