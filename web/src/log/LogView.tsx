import { useState } from "react";
import { useNavigate, useParams } from "react-router";
import type { Trip } from "../api/types";
import { Button } from "../parts/Button";
import { counted } from "../parts/counted";
import { Kbd } from "../parts/Kbd";
import { useKeys } from "../parts/keys";
import { RigHead, Trouble } from "../parts/RigHead";
import { Words } from "../parts/Words";
import { useUnits } from "../units/UnitsProvider";
import { Taught } from "./Taught";
import { TripForm } from "./TripForm";
import { TripRow } from "./TripRow";
import { useLog } from "./useLog";
import { Years } from "./Years";

/** Days on the water as they were, and what they say of the plan. */
export default function LogView() {
  const { id = "" } = useParams();
  const { toggle } = useUnits();
  const navigate = useNavigate();
  const acts = useLog(id);
  const [asked, ask] = useState<"new" | Trip | null>(null);
  const [open, setOpen] = useState("");
  useKeys({
    u: toggle,
    n: () => ask("new"),
    l: () => void navigate(`/rigs/${id}`),
    s: () => void navigate(`/rigs/${id}/sheet`),
    b: () => void navigate(`/rigs/${id}/bench`),
    y: () => void navigate(`/rigs/${id}/season`),
  });
  const pages = acts.log.data?.pages ?? [];
  const trips = pages.flatMap((page) => page.trips);
  const count = pages[0]?.count ?? 0;
  const photos = pages[0]?.photos ?? [];
  const slips = acts.lessons.data?.taught[0]?.leftOut ?? [];
  return (
    <div className="flex min-h-screen flex-col md:h-screen">
      <RigHead id={id} at="log" about={pages.length > 0 ? counted(count, "trip") : ""} />
      {asked === null && <Trouble words={acts.problem?.message ?? ""} />}
      <main className="grid min-h-0 grow grid-cols-1 md:grid-cols-[minmax(0,1fr)_minmax(430px,1fr)]">
        <section
          aria-label="Trips"
          tabIndex={0}
          className="min-h-0 overflow-auto px-6 pb-6 max-md:px-3 md:border-r md:border-rule"
        >
          {asked === null ? (
            <p className="flex flex-wrap items-baseline justify-between gap-3 py-3">
              <Button onClick={() => ask("new")}>
                Log a trip <Kbd>n</Kbd>
              </Button>
              {acts.log.isPending && <span className="text-ink-3">Reading the log…</span>}
              {acts.log.isError && <span className="text-fails">{acts.log.error.message}</span>}
            </p>
          ) : (
            <TripForm
              key={asked === "new" ? "new" : asked.id}
              id={id}
              acts={acts}
              trip={asked === "new" ? null : asked}
              last={trips[0] ?? null}
              onDone={() => {
                acts.hush();
                ask(null);
              }}
            />
          )}
          {acts.said.length > 0 && asked === null && (
            <p role="status" className="pb-2 text-[13px] text-close">
              {acts.said.map((words, i) => (
                <span key={i} className="block">
                  <Words text={words} />
                </span>
              ))}
            </p>
          )}
          {pages.length > 0 && count === 0 && asked === null && (
            <p className="max-w-[52ch] text-ink-2">
              No trip yet. A day, its hours and the rest volts an hour after are enough: from a few of them
              this page tells what the screens really draw and what the battery really holds.
            </p>
          )}
          {trips.length > 0 && <Years trips={trips} onOpen={setOpen} open={open} />}
          <ul aria-label="All trips, the last first">
            {trips.map((trip) => (
              <TripRow
                key={trip.id}
                id={id}
                trip={trip}
                count={count}
                revision={pages[0]?.revision ?? 0}
                slips={slips.filter((slip) => slip.trip === trip.id)}
                photos={photos.filter((photo) => photo.trip === trip.id)}
                acts={acts}
                open={open === trip.id}
                onOpen={() => setOpen(open === trip.id ? "" : trip.id)}
                onEdit={() => ask(trip)}
                onRemove={() => acts.remove(trip.id)}
              />
            ))}
          </ul>
          {acts.log.hasNextPage && (
            <Button look="quiet" className="mt-3" onClick={() => void acts.log.fetchNextPage()}>
              {acts.log.isFetchingNextPage ? "reading…" : "earlier trips"}
            </Button>
          )}
        </section>
        <Taught acts={acts} />
      </main>
    </div>
  );
}
