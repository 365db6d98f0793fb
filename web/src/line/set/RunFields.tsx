import type { ReactNode } from "react";
import { goingOn } from "../../edit/parts";
import { setAt } from "../../edit/pointer";
import { useEditor } from "../../edit/RigEditor";
import { Choice, ChoiceOf } from "../../parts/Choice";
import { FigureField } from "../../parts/FigureField";
import { ExitChoice } from "./ExitChoice";
import { OpeningFields } from "./OpeningFields";
import { More, Section } from "./Section";
import { TravelFields } from "./TravelFields";

/** The way of one cable, the slack it has, what moves on it. */
export function RunFields({
  carries,
  title,
  aside,
  start,
  sonar = false,
  children,
}: {
  carries: string;
  title: ReactNode;
  aside?: ReactNode;
  start: string;
  sonar?: boolean;
  /** What else is to be said of the cable. */
  children?: ReactNode;
}) {
  const { rig, take, set } = useEditor();
  const index = rig.runs.findIndex((run) => run.carries === carries);
  const run = rig.runs[index];
  const legs = run?.legs ?? [];
  const on = goingOn(rig.craft, start, legs);
  return (
    <Section part={run?.id} title={<span>{title}</span>} aside={aside}>
      {children}
      {legs.map((leg) => (
        <LegFields key={leg} leg={leg} run={index} />
      ))}
      {legs.length > 0 && (
        <button
          type="button"
          className="py-1 text-[13px] text-act"
          onClick={() => set(`/runs/${index}/legs`, legs.slice(0, -1))}
        >
          take the last stretch off
        </button>
      )}
      <ChoiceOf
        label={legs.length === 0 ? "First stretch of cable" : "Next stretch of cable"}
        value=""
        options={[["", "choose a stretch"], ...on.map((each): [string, string] => [each.id, each.name])]}
        onChange={(leg) => leg !== "" && take(`cable.leg.${carries}.${leg}`)}
      />
      {index >= 0 && <SlackFields index={index} sonar={sonar} />}
    </Section>
  );
}

function SlackFields({ index, sonar }: { index: number; sonar: boolean }) {
  const { rig } = useEditor();
  const at = `/runs/${index}`;
  return (
    <>
      <FigureField label="Service loop" pointer={`${at}/loopM`} unit="metre" basis="chosen" />
      <FigureField label="Drip loop" pointer={`${at}/dripM`} unit="metre" basis="chosen" />
      {sonar && (
        <FigureField
          label="Left free at the transducer"
          pointer={`${at}/freeM`}
          unit="metre"
          basis="chosen"
        />
      )}
      <TravelFields run={index} />
      <More>
        <FigureField
          label="Slack for what else moves"
          pointer={`${at}/movingM`}
          unit="metre"
          basis="measured"
        />
        <FigureField label="Width of the cable" pointer={`${at}/cableM`} unit="millimetre" basis="measured" />
        {sonar && (
          <FigureField
            label="First tie"
            hint="behind the transducer"
            pointer={`${at}/reliefM`}
            unit="millimetre"
            basis="measured"
          />
        )}
        <ExitChoice run={index} />
        <Choice
          label="What is left over is coiled at"
          pointer={`${at}/coilAt`}
          options={[
            ["", "the usual place"],
            ...rig.craft.stations.map((each): [string, string] => [each.id, each.name]),
          ]}
        />
      </More>
    </>
  );
}

function LegFields({ leg, run }: { leg: string; run: number }) {
  const { rig, save, set } = useEditor();
  const index = rig.craft.passages.findIndex((each) => each.id === leg);
  const passage = rig.craft.passages[index]!;
  const at = `/craft/passages/${index}`;
  const open = passage.way !== "open-deck" && passage.way !== "inside";
  const pinned = rig.runs[run]!.through;
  const pin = (on: boolean) =>
    save((now) =>
      setAt(now, `/runs/${run}/through`, on ? [...pinned, leg] : pinned.filter((each) => each !== leg)),
    );
  return (
    <div className="border-b border-grid">
      <FigureField label={passage.name} pointer={`${at}/lengthM`} unit="metre" basis="measured" />
      {open && (
        <FigureField
          label="Clear opening"
          hint={passage.way.replace("-", " ")}
          pointer={`${at}/openingM`}
          unit="millimetre"
          basis="measured"
        />
      )}
      <div className="flex items-baseline justify-between gap-4">
        <div className="grow">{open && <OpeningFields at={at} />}</div>
        <label className="flex items-center gap-1.5 py-0.5 text-[12.5px] text-ink-3">
          <input
            type="checkbox"
            className="accent-[var(--act)]"
            checked={passage.opening.sharp}
            onChange={(event) => set(`${at}/opening/sharp`, event.target.checked)}
          />
          sharp edge<span className="sr-only">: {passage.name}</span>
        </label>
        <label className="flex items-center gap-1.5 py-0.5 text-[12.5px] text-ink-3">
          <input
            type="checkbox"
            className="accent-[var(--act)]"
            checked={pinned.includes(leg)}
            onChange={(event) => pin(event.target.checked)}
          />
          pinned<span className="sr-only">: {passage.name}</span>
        </label>
      </div>
    </div>
  );
}
