import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useNavigate, useParams, useSearchParams } from "react-router";
import { rigQuery } from "../api/queries";
import type { Build, BuildProgress, Saved } from "../api/types";
import { useKeys } from "../parts/keys";
import { RigHead, Trouble } from "../parts/RigHead";
import { useUnits } from "../units/UnitsProvider";
import { ApartView } from "./ApartView";
import { Days } from "./Days";
import { Foot } from "./Foot";
import { Hands } from "./Hands";
import { StepList } from "./StepList";
import { nextItem, numbered, type Sheet, useBuild } from "./useBuild";
import { WorkshopDialog } from "./WorkshopDialog";

/** The build of one rig as work with the hands: its days, its steps, what is needed for them. */
export default function SheetView() {
  const { id = "" } = useParams();
  const saved = useQuery(rigQuery(id));
  const sheet = useBuild(id);
  const apart = useSearchParams()[0].get("apart");
  const failed = [saved, sheet.build, sheet.progress].find((each) => each.isError);
  return (
    <div className="flex min-h-screen flex-col md:h-screen">
      <RigHead
        id={id}
        at="sheet"
        about={sheet.build.data ? `sheet of revision ${sheet.build.data.revision}` : ""}
      />
      {failed ? (
        <p className="p-7 text-fails">{failed.error?.message}</p>
      ) : saved.data && sheet.build.data && sheet.progress.data ? (
        apart === null ? (
          <Building
            saved={saved.data}
            sheet={sheet}
            build={sheet.build.data}
            progress={sheet.progress.data}
          />
        ) : (
          <ApartView id={id} occasion={apart} />
        )
      ) : (
        <p className="p-7 text-ink-3">Writing the sheet…</p>
      )}
    </div>
  );
}

function Building({
  saved,
  sheet,
  build,
  progress,
}: {
  saved: Saved;
  sheet: Sheet;
  build: Build;
  progress: BuildProgress;
}) {
  const { toggle } = useUnits();
  const navigate = useNavigate();
  const steps = numbered(build, progress);
  const open = steps.find((each) => !each.done?.whole);
  const [chosen, choose] = useState<string | null>(null);
  const [asking, ask] = useState(false);
  const selected = steps.find((each) => each.step.id === chosen) ?? open ?? steps[0];
  const at = selected ? steps.indexOf(selected) : -1;
  const go = (by: number) => {
    const next = steps[Math.min(steps.length - 1, Math.max(0, at + by))];
    if (next) choose(next.step.id);
  };
  const tick = () => {
    if (!selected) return;
    const item = nextItem(selected);
    if (item === undefined) {
      go(1);
    } else {
      sheet.tick.mutate({ step: selected.step, item, done: true });
      // it stays where it was until the next press: a hold is seen as done before it is left
      choose(selected.step.id);
    }
  };
  useKeys({
    " ": tick,
    j: () => go(1),
    ArrowDown: () => go(1),
    k: () => go(-1),
    ArrowUp: () => go(-1),
    n: () => choose(open?.step.id ?? null),
    m: () => document.getElementById("step-note")?.focus(),
    p: () => document.getElementById("step-photo")?.click(),
    d: () => ask(true),
    u: toggle,
    l: () => void navigate(`/rigs/${saved.id}`),
  });
  if (steps.length === 0) {
    return (
      <p className="p-7 text-ink-2">
        There is nothing to build yet: say what carries the rig and what is in it, on the{" "}
        <Link to={`/rigs/${saved.id}`} className="text-act underline underline-offset-4">
          line
        </Link>
        .
      </p>
    );
  }
  return (
    <>
      <Trouble words={sheet.trouble?.error?.message ?? ""} />
      <div className="grid min-h-0 grow grid-cols-1 md:grid-cols-[236px_minmax(0,1fr)_290px]">
        <Days
          build={build}
          steps={steps}
          selected={selected?.step.id ?? ""}
          onDay={choose}
          onAsk={() => ask(true)}
        />
        <StepList
          sheet={sheet}
          build={build}
          progress={progress}
          steps={steps}
          selected={selected?.step.id ?? ""}
          onSelect={choose}
        />
        <Hands saved={saved} build={build} steps={steps} selected={selected} />
      </div>
      <Foot
        done={progress.progress.done}
        all={steps.length}
        selected={selected}
        onTick={tick}
        onNext={() => go(1)}
      />
      {asking && <WorkshopDialog build={build} sheet={sheet} onClose={() => ask(false)} />}
    </>
  );
}
