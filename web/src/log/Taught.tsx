import { useState } from "react";
import { Link } from "react-router";
import type { Calibration, Lesson, TripLessons, What } from "../api/types";
import { SceneDrawing } from "../drawing/SceneDrawing";
import { Button, LEADS_ON } from "../parts/Button";
import { counted } from "../parts/counted";
import { Words } from "../parts/Words";
import { says } from "../units/format";
import { useUnits } from "../units/UnitsProvider";
import type { LogActs } from "./useLog";

const WHATS: Record<What, [string, string]> = {
  draw: ["everything but backlights draws", ""],
  backlight: ["backlights draw, at full", ""],
  capacity: ["the battery holds", "warm, today"],
  fade: ["it loses in a year", ""],
  cold: ["the cold takes", "times what tables say"],
};

const LESSONS: Record<Lesson, string> = {
  draws: "Take the draws into the rig",
  capacity: "Take the capacity into the rig",
};

/** What the trips say of the plan: before and after, how far it is to be trusted, what comes of it. */
export function Taught({ acts }: { acts: LogActs }) {
  const { data, isPending, isError, error } = acts.lessons;
  return (
    <section
      aria-label="What the trips taught"
      tabIndex={0}
      className="min-h-0 overflow-auto bg-sheet px-6 py-3 max-md:border-t max-md:border-rule max-md:px-3"
    >
      <h2 className="text-[16px] font-semibold">What the trips taught</h2>
      {isPending && <p className="py-2 text-ink-3">Working it out…</p>}
      {isError && <p className="py-2 text-fails">{error.message}</p>}
      {data && <Lessons lessons={data} acts={acts} />}
    </section>
  );
}

function Lessons({ lessons, acts }: { lessons: TripLessons; acts: LogActs }) {
  const calibration = lessons.taught[0];
  if (!calibration) {
    return (
      <p className="py-2 text-ink-2">
        {says(lessons.waits) ? (
          <Words text={lessons.waits} />
        ) : (
          "Nothing yet: the first trips teach the most."
        )}
      </p>
    );
  }
  return (
    <>
      {lessons.outlook[0]?.words.map((words, i) => (
        <p key={i} className={i === 0 ? "py-1 font-semibold" : "text-ink-2"}>
          <Words text={words} />
        </p>
      ))}
      {lessons.outlook[0] !== undefined && lessons.outlook[0].shortFrom !== "" && (
        <p className="text-[13px]">
          <Link to={`/rigs/${acts.id}/battery?pane=compare`} className={LEADS_ON}>
            what would be enough, under Battery
          </Link>
        </p>
      )}
      <BeforeAndAfter calibration={calibration} />
      <Offers lessons={lessons} acts={acts} />
      <Pictures lessons={lessons} />
    </>
  );
}

function BeforeAndAfter({ calibration }: { calibration: Calibration }) {
  const { amount } = useUnits();
  const { inside, of } = calibration.held;
  return (
    <>
      <table className="mt-3 w-full">
        <thead>
          <tr className="border-b border-rule text-left text-[13px] text-ink-3">
            <th className="py-1 font-medium">what</th>
            <th className="py-1 text-right font-medium">as first planned</th>
            <th className="py-1 text-right font-medium">by this log</th>
          </tr>
        </thead>
        <tbody>
          {calibration.taught.map((one) => (
            <tr key={one.what} className="border-b border-grid align-baseline">
              <td className="py-1.5 pr-2">
                {WHATS[one.what][0]} <span className="text-[12.5px] text-ink-3">{WHATS[one.what][1]}</span>
              </td>
              <td className="py-1.5 text-right whitespace-nowrap text-ink-2">
                {amount({ si: one.before, unit: one.unit })}
                <span className="block text-[12.5px] text-ink-3">
                  {amount({ si: one.beforeLow, unit: one.unit })} to{" "}
                  {amount({ si: one.beforeHigh, unit: one.unit })}
                </span>
              </td>
              <td className="py-1.5 pl-4 text-right whitespace-nowrap">
                <b className="font-semibold">{amount({ si: one.after, unit: one.unit })}</b>
                <span className="block text-[12.5px] text-ink-3">
                  {amount({ si: one.afterLow, unit: one.unit })} to{" "}
                  {amount({ si: one.afterHigh, unit: one.unit })}
                </span>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="py-2 text-[13px] text-ink-2">
        The ranges are to hold eight times in ten.{" "}
        {of === 0
          ? "Too few trips to try that on themselves."
          : `Tried on this log: of the last ${counted(of, "reading")}, each foretold from all others, ${inside} fell inside.`}
        {calibration.leftOut.length > 0 &&
          ` Left out as slips: ${counted(calibration.leftOut.length, "reading")}; each is named at its trip.`}
      </p>
    </>
  );
}

function Offers({ lessons, acts }: { lessons: TripLessons; acts: LogActs }) {
  const [taken, setTaken] = useState<Lesson | null>(null);
  return (
    <div className="border-t border-rule py-2">
      {taken !== null && (
        <p role="status" className="py-1 text-holds">
          {taken === "draws" ? "The draws" : "The capacity"} of this rig are those of its log now.{" "}
          <button
            type="button"
            className={LEADS_ON}
            onClick={() => acts.undo(lessons.revision, () => setTaken(null))}
          >
            undo
          </button>
        </p>
      )}
      {lessons.offers.length === 0 && taken === null && (
        <p className="text-[13px] text-ink-2">
          The rig as it stands says what this log says: nothing to take.
        </p>
      )}
      {lessons.offers.map((offer) => (
        <div key={offer.lesson} className="flex flex-wrap items-start justify-between gap-x-4 gap-y-1 py-1.5">
          <ul className="min-w-0 grow basis-1/2 text-[13px] text-ink-2">
            {offer.changes.map((change, i) => (
              <li key={i}>
                <Words text={change} />
              </li>
            ))}
            {offer.alsoIn.length > 0 && (
              <li>
                The same piece is in {offer.alsoIn.join(", ")}: once it is taken, this rig’s word can be
                written into the garage, under{" "}
                <Link to={`/rigs/${acts.id}/season`} className={LEADS_ON}>
                  Season
                </Link>
                .
              </li>
            )}
          </ul>
          <Button
            disabled={acts.busy}
            onClick={() => acts.take(offer.lesson, lessons.revision, () => setTaken(offer.lesson))}
          >
            {LESSONS[offer.lesson]}
          </Button>
        </div>
      ))}
    </div>
  );
}

function Pictures({ lessons }: { lessons: TripLessons }) {
  return lessons.picture.scenes.map((scene, i) => (
    <div key={i} className="-mx-7 h-[500px] border-t border-rule max-md:-mx-3">
      <SceneDrawing scene={scene} />
    </div>
  ));
}
