import { useEffect, useRef } from "react";
import type { Build, BuildProgress } from "../api/types";
import { LEADS_ON } from "../parts/Button";
import { Words } from "../parts/Words";
import { dateWords, dayWords } from "./days";
import { StepCard } from "./StepCard";
import type { Numbered, Sheet } from "./useBuild";

/** All steps, day by day; the one that is looked at stands open. */
export function StepList({
  sheet,
  build,
  progress,
  steps,
  selected,
  onSelect,
}: {
  sheet: Sheet;
  build: Build;
  progress: BuildProgress;
  steps: Numbered[];
  selected: string;
  onSelect: (step: string) => void;
}) {
  const { plan } = build;
  return (
    <main className="min-h-0 overflow-auto pb-6 max-md:pb-28">
      {plan.byHand && <ByHand sheet={sheet} build={build} steps={steps} />}
      <Gone progress={progress} />
      {byDay(build, steps).map(({ title, rows }, i) => (
        <section key={i} aria-label={title}>
          <h2 className="px-6 pt-4 pb-1 text-[13px] font-semibold text-ink-3 max-md:px-3">{title}</h2>
          <ol>
            {rows.map((each) => (
              <Row key={each.step.id} here={each.step.id === selected}>
                <StepCard
                  sheet={sheet}
                  build={build}
                  progress={progress}
                  numbered={each}
                  steps={steps}
                  open={each.step.id === selected}
                  onSelect={() => onSelect(each.step.id)}
                />
              </Row>
            ))}
          </ol>
        </section>
      ))}
    </main>
  );
}

/** Keeps the step that is looked at in sight. */
function Row({ here, children }: { here: boolean; children: React.ReactNode }) {
  const row = useRef<HTMLLIElement>(null);
  useEffect(() => {
    const list = row.current?.closest("main");
    if (!here || !row.current || !list) return;
    const { top, bottom } = row.current.getBoundingClientRect();
    const seen = list.getBoundingClientRect();
    // an open step is read from its head on
    if (top < seen.top || bottom > seen.bottom) row.current.scrollIntoView({ block: "start" });
  }, [here]);
  return (
    <li ref={row} className="scroll-mt-2 scroll-mb-2">
      {children}
    </li>
  );
}

/** An order made by hand is told as it is, across the days. */
function byDay(build: Build, steps: Numbered[]): { title: string; rows: Numbered[] }[] {
  if (build.plan.byHand) return [{ title: "In your own order", rows: steps }];
  return build.plan.schedule.sittings.map((sitting) => ({
    title: `${dayWords(sitting)}, ${dateWords(sitting.day)}`,
    rows: steps.filter((each) => sitting.steps.includes(each.step.id)),
  }));
}

function ByHand({ sheet, build, steps }: { sheet: Sheet; build: Build; steps: Numbered[] }) {
  const title = (id: string) => steps.find((each) => each.step.id === id)?.step.title;
  const { broken } = build.plan;
  return (
    <div className="border-b border-rule px-6 py-3 max-md:px-3">
      <p>
        Your own order.{" "}
        {broken.length === 0
          ? "It breaks nothing."
          : `${broken.length === 1 ? "One thing comes" : `${broken.length} things come`} too early.`}{" "}
        <button type="button" className={LEADS_ON} onClick={() => sheet.order.mutate([])}>
          the proposed order again
        </button>
      </p>
      <ul>
        {broken.map((need) => (
          <li key={`${need.before} ${need.after}`} className="py-1 text-fails">
            {need.sort === "closes" ? "Shut too early: " : "Too early: "}
            <b className="font-semibold">{title(need.after) && <Words text={title(need.after)!} />}</b> stands
            before “{title(need.before) && <Words text={title(need.before)!} />}”, which is blocked by it:{" "}
            {need.why}.
          </li>
        ))}
      </ul>
    </div>
  );
}

function Gone({ progress }: { progress: BuildProgress }) {
  const { gone } = progress.progress;
  return gone.length === 0 ? null : (
    <div className="border-b border-rule px-6 py-3 text-ink-2 max-md:px-3">
      Ticked, and no longer part of the rig:
      <ul>
        {gone.map((each) => (
          <li key={each.step} className="text-close">
            <Words text={each.title} />
          </li>
        ))}
      </ul>
    </div>
  );
}
