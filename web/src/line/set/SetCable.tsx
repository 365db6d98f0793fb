import { goingOn, withLegs } from "../../edit/parts";
import { useEditor } from "../../edit/RigEditor";
import { ChoiceOf } from "../../parts/Choice";
import { FigureField } from "../../parts/FigureField";
import { Kbd } from "../../parts/Kbd";
import { Section } from "./Section";
import { SitsAt } from "./SitsAt";

/** The way of every cable, leg by leg, and the slack it has. */
export function SetCable() {
  const { rig } = useEditor();
  const place = (item: string) => rig.places.find((each) => each.item === item)?.station ?? "";
  return (
    <>
      {rig.craft.passages.length === 0 && (
        <p className="mb-3 text-ink-2">
          Cables go through passages of the craft: begin from a craft under Mount first.
        </p>
      )}
      <p className="mb-3 text-[13px] text-ink-2">
        Whole ways stand under Compare <Kbd>c</Kbd>; here each leg can be taken by itself.
      </p>
      {rig.devices
        .filter((device) => device.kind.startsWith("display"))
        .map((device) => (
          <SitsAt key={device.id} item={device.id} label={`${device.name} sits at`} />
        ))}
      {rig.transducers.map((transducer) => (
        <RunFields
          key={transducer.id}
          carries={transducer.id}
          name={`Lead of the ${transducer.name}`}
          start={transducer.mount.station}
          sonar
        />
      ))}
      {rig.harness.segments.map((segment) => (
        <RunFields key={segment.id} carries={segment.id} name={segment.name} start={place(segment.from)} />
      ))}
    </>
  );
}

function RunFields({
  carries,
  name,
  start,
  sonar = false,
}: {
  carries: string;
  name: string;
  start: string;
  sonar?: boolean;
}) {
  const { rig, save } = useEditor();
  const index = rig.runs.findIndex((run) => run.carries === carries);
  const run = rig.runs[index];
  const legs = run?.legs ?? [];
  const on = goingOn(rig.craft, start, legs);
  return (
    <Section part={run?.id} title={<span>{name}</span>}>
      {legs.map((leg) => (
        <LegFields key={leg} leg={leg} />
      ))}
      {legs.length > 0 && (
        <button
          type="button"
          className="py-1 text-[13px] text-act"
          onClick={() => save((now) => withLegs(now, carries, legs.slice(0, -1)))}
        >
          take the last leg off
        </button>
      )}
      <ChoiceOf
        label={legs.length === 0 ? "It begins" : "It goes on"}
        value=""
        options={[["", "choose a leg"], ...on.map((each): [string, string] => [each.id, each.name])]}
        onChange={(leg) => leg !== "" && save((now) => withLegs(now, carries, [...legs, leg]))}
      />
      {index >= 0 && (
        <>
          <FigureField label="Service loop" pointer={`/runs/${index}/loopM`} unit="metre" basis="chosen" />
          <FigureField label="Drip loop" pointer={`/runs/${index}/dripM`} unit="metre" basis="chosen" />
          <FigureField
            label="Slack for what moves"
            hint="swivel, lid"
            pointer={`/runs/${index}/movingM`}
            unit="metre"
            basis="measured"
          />
          {sonar && (
            <FigureField
              label="Left free at the transducer"
              pointer={`/runs/${index}/freeM`}
              unit="metre"
              basis="chosen"
            />
          )}
          <FigureField
            label="Width of the cable"
            pointer={`/runs/${index}/cableM`}
            unit="millimetre"
            basis="measured"
          />
        </>
      )}
    </Section>
  );
}

function LegFields({ leg }: { leg: string }) {
  const { rig } = useEditor();
  const index = rig.craft.passages.findIndex((each) => each.id === leg);
  const passage = rig.craft.passages[index]!;
  const at = `/craft/passages/${index}`;
  const open = passage.way !== "open-deck" && passage.way !== "inside";
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
    </div>
  );
}
