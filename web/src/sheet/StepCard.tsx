import { useQuery } from "@tanstack/react-query";
import { useParams } from "react-router";
import type { Build, BuildProgress, BuildStep, StepNeed } from "../api/types";
import { SceneDrawing } from "../drawing/SceneDrawing";
import { LEADS_ON } from "../parts/Button";
import { Words } from "../parts/Words";
import { stepPictureQuery } from "./queries";
import { StepNotes } from "./StepNotes";
import { StepTicks } from "./StepTicks";
import type { Numbered, Sheet } from "./useBuild";

/** One step: closed a line, open everything that belongs to it. */
export function StepCard({
  sheet,
  build,
  progress,
  numbered,
  steps,
  open,
  onSelect,
}: {
  sheet: Sheet;
  build: Build;
  progress: BuildProgress;
  numbered: Numbered;
  steps: Numbered[];
  open: boolean;
  onSelect: () => void;
}) {
  const { step, number, done } = numbered;
  const whole = done?.whole ?? false;
  const stops = step.checks.length > 0;
  const early = build.plan.broken.filter((need) => need.after === step.id);
  return (
    <article
      aria-label={`Step ${number}`}
      className={`px-6 py-2.5 max-md:px-3 ${
        open ? "border-y border-act bg-act-soft" : "border-b border-grid"
      }`}
    >
      <button
        type="button"
        aria-expanded={open}
        data-space-is-a-key
        onClick={onSelect}
        className="grid w-full grid-cols-[34px_1fr] items-baseline text-left"
      >
        <span className="text-[15px] font-semibold text-ink-3">{number}</span>
        <span>
          <span className={`text-[15px] font-semibold ${whole ? "text-ink-3 line-through" : ""}`}>
            {stops && !whole && <span className="text-close">Stop here. </span>}
            <Words text={step.title} />
          </span>
          {!open && step.says[0] && !whole && (
            <span className="block text-[13px] text-ink-2">
              <Words text={step.says[0]} />
            </span>
          )}
          <Voids voids={done?.voids ?? []} />
          {early.length > 0 && <Early early={early} />}
        </span>
      </button>
      {open && (
        <div className="pt-1 md:pl-[34px]">
          {step.says.map((say, i) => (
            <p key={i} className="py-0.5">
              <Words text={say} strong />
            </p>
          ))}
          <StepTicks sheet={sheet} numbered={numbered} onTicked={onSelect} />
          <StepPicture build={build} step={step} />
          {step.minds.length > 0 && <p className="py-1 text-[13px] text-ink-2">{step.minds.join(" ")}</p>}
          <StepNotes sheet={sheet} progress={progress} step={step.id} />
          <Mover sheet={sheet} step={step} steps={steps} />
        </div>
      )}
    </article>
  );
}

function Voids({ voids }: { voids: NonNullable<Numbered["done"]>["voids"] }) {
  return voids.length === 0 ? null : (
    <span className="block text-[13px] text-close">
      It was ticked, and the rig has changed since:{" "}
      {voids.map((each, i) => (
        <span key={i}>
          {i > 0 && "; "}
          <Words text={each} />
        </span>
      ))}
      .
    </span>
  );
}

function Early({ early }: { early: StepNeed[] }) {
  return (
    <span className="block text-[13px] text-fails">
      {early.some((need) => need.sort === "closes") ? "Shut too early" : "Too early"}: {early[0]!.why}.
    </span>
  );
}

function StepPicture({ build, step }: { build: Build; step: BuildStep }) {
  const { id = "" } = useParams();
  const picture = useQuery({
    ...stepPictureQuery(id, build.revision, step.id),
    enabled: step.piece.of !== "nothing",
  });
  const scene = picture.data?.scenes[0];
  const flat = step.piece.of === "craft";
  return scene ? (
    <div
      className={`my-2 border border-rule bg-sheet [&_figure]:px-4 [&_figure]:pt-2 ${flat ? "" : "md:h-[420px]"}`}
    >
      <SceneDrawing scene={scene} titled={false} piece={flat} />
    </div>
  ) : null;
}

/** Moves a step by one in the order: a person knows what lies at hand. */
function Mover({ sheet, step, steps }: { sheet: Sheet; step: BuildStep; steps: Numbered[] }) {
  const ids = steps.map((each) => each.step.id);
  const at = ids.indexOf(step.id);
  const move = (by: number) => {
    const next = [...ids];
    next.splice(at, 1);
    next.splice(at + by, 0, step.id);
    sheet.order.mutate(next);
  };
  return (
    <p className="flex gap-4 pt-1 text-[13px]">
      <span className="text-ink-3">Do it</span>
      <button type="button" className={LEADS_ON} disabled={at <= 0} onClick={() => move(-1)}>
        earlier
      </button>
      <button type="button" className={LEADS_ON} disabled={at >= ids.length - 1} onClick={() => move(1)}>
        later
      </button>
    </p>
  );
}
