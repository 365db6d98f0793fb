import { Link, useParams } from "react-router";
import type { Build, Sitting } from "../api/types";
import { Button, LEADS_ON } from "../parts/Button";
import { Words } from "../parts/Words";
import { useUnits } from "../units/UnitsProvider";
import { dateWords, dayWords, daysInWords, momentWords, workWords } from "./days";
import type { Numbered } from "./useBuild";

/** The days it takes: what is done on each, and what cures meanwhile. */
export function Days({
  build,
  steps,
  selected,
  onDay,
  onAsk,
}: {
  build: Build;
  steps: Numbered[];
  selected: string;
  onDay: (step: string) => void;
  onAsk: () => void;
}) {
  const { id = "" } = useParams();
  const { system } = useUnits();
  const { sittings, minutes } = build.plan.schedule;
  return (
    <aside
      aria-label="Days"
      className="min-h-0 overflow-auto border-rule px-5 py-4 max-md:border-b max-md:px-3 md:border-r"
    >
      <details open className="md:[&>summary]:hidden">
        <summary className="text-ink-2">
          {workWords(minutes)} over {daysInWords(sittings)}
        </summary>
        <ol>
          {sittings.map((sitting) => (
            <Day
              key={sitting.begin}
              sitting={sitting}
              steps={steps}
              here={sitting.steps.includes(selected)}
              onDay={onDay}
            />
          ))}
        </ol>
        <p className="pt-2 max-md:hidden">
          {workWords(minutes)} of work: {daysInWords(sittings)}.
        </p>
        <p className="text-[13px] text-ink-2">
          {build.chosen ? "" : "By usual hours, from today. "}
          <button type="button" onClick={onAsk} className={LEADS_ON}>
            my days and my workshop
          </button>
        </p>
        <div className="flex flex-wrap gap-2 pt-3">
          <Link
            to={`/rigs/${id}/print`}
            className="rounded border border-act px-3 py-1 font-semibold text-act"
          >
            Print
          </Link>
          <a
            href={`/api/rigs/${id}/build/calendar?habit=${system}`}
            className="rounded border border-faint px-3 py-1 text-ink-2"
          >
            Calendar
          </a>
        </div>
        <p className="flex flex-wrap gap-x-3 pt-2 text-[13px] max-md:hidden">
          <a
            href={`/api/rigs/${id}/build/steps?habit=${system}`}
            className="text-ink-2 underline decoration-rule underline-offset-4"
          >
            steps (CSV)
          </a>
          <a
            href={`/api/rigs/${id}/bundle`}
            className="text-ink-2 underline decoration-rule underline-offset-4"
          >
            whole rig (ZIP)
          </a>
        </p>
        <h2 className="pt-5 pb-1 font-semibold">The other way round</h2>
        <ul>
          {APART.map(([occasion, words]) => (
            <li key={occasion}>
              <Link
                to={`?apart=${occasion}`}
                className="text-ink-2 underline decoration-rule underline-offset-4"
              >
                {words}
              </Link>
            </li>
          ))}
        </ul>
      </details>
    </aside>
  );
}

/** Occasions as the address names them. */
export const APART: [string, string][] = [
  ["pack-down", "pack down at the water"],
  ["car-park", "put on in the car park"],
  ["strip", "strip the craft"],
  ["swap", "swap to another craft"],
  ["charge", "charge"],
];

function Day({
  sitting,
  steps,
  here,
  onDay,
}: {
  sitting: Sitting;
  steps: Numbered[];
  here: boolean;
  onDay: (step: string) => void;
}) {
  const mine = steps.filter((each) => sitting.steps.includes(each.step.id));
  const done = mine.filter((each) => each.done?.whole).length;
  const first = mine.find((each) => !each.done?.whole) ?? mine[0];
  const titles = new Map(steps.map((each) => [each.step.id, each.step.title]));
  return (
    <li className={`border-l-2 py-1.5 pl-3 ${here ? "border-act" : "border-rule"}`}>
      <Button
        look="bare"
        className="!px-0 !py-0 text-left !text-ink"
        onClick={() => first && onDay(first.step.id)}
      >
        {dayWords(sitting)}
      </Button>
      <p className="text-[13px] text-ink-2">
        {dateWords(sitting.day)} · {workWords(sitting.minutes)} · {done} of {mine.length} done
        <br />
        {sitting.what}
      </p>
      {sitting.rests.map((rest) => (
        <p key={rest.step} className="text-[13px] text-close">
          {titles.has(rest.step) && <Words text={titles.get(rest.step)!} />}, until {momentWords(rest.until)}
        </p>
      ))}
    </li>
  );
}
