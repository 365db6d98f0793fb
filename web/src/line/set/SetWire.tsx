import type { Fitting, Rig } from "../../api/types";
import { freshId, newSegment, withHarness, withoutFitting, withoutJunction } from "../../edit/parts";
import { useEditor } from "../../edit/RigEditor";
import { setAt } from "../../edit/pointer";
import { Button } from "../../parts/Button";
import { Choice, ChoiceOf, Tick } from "../../parts/Choice";
import { FigureField } from "../../parts/FigureField";
import { NameField } from "../../parts/NameField";
import { GaugeChoice } from "./GaugeChoice";
import { More, Remove, Section } from "./Section";

/** The harness: segments from battery to device, and what sits in them. */
export function SetWire() {
  const { rig, save } = useEditor();
  const { segments, junctions } = rig.harness;
  const ready = rig.harness.packs.length > 0 && rig.devices.length > 0;
  return (
    <>
      {!ready && (
        <p className="mb-3 text-ink-2">
          A wire needs both ends: add a battery (Battery) and a device (Screen) first.
        </p>
      )}
      {segments.map((segment, i) => (
        <SegmentFields key={segment.id} index={i} />
      ))}
      {junctions.map((junction, i) => (
        <Section
          key={junction.id}
          part={junction.id}
          title={<NameField label="Name of the junction" pointer={`/harness/junctions/${i}/name`} />}
          aside={
            <Remove what={junction.name} onClick={() => save((now) => withoutJunction(now, junction.id))} />
          }
        >
          <p className="text-[13px] text-ink-3">Where wires meet: a splitter, a block.</p>
        </Section>
      ))}
      <div className="flex gap-3">
        <Button
          look="quiet"
          disabled={!ready}
          onClick={() =>
            save((now) => withHarness(now, { segments: [...now.harness.segments, newSegment(now)] }))
          }
        >
          Add a wire
        </Button>
        <Button
          look="quiet"
          onClick={() =>
            save((now) =>
              withHarness(now, {
                junctions: [...now.harness.junctions, { id: freshId(now, "junction"), name: "splitter" }],
              }),
            )
          }
        >
          Add a junction
        </Button>
      </div>
    </>
  );
}

function ends(rig: Rig): { from: [string, string][]; to: [string, string][] } {
  const named = (all: { id: string; name: string }[]) =>
    all.map(({ id, name }): [string, string] => [id, name]);
  return {
    from: named([...rig.harness.packs, ...rig.harness.junctions]),
    to: named([...rig.harness.junctions, ...rig.devices]),
  };
}

function SegmentFields({ index }: { index: number }) {
  const { rig, save } = useEditor();
  const segment = rig.harness.segments[index]!;
  const at = `/harness/segments/${index}`;
  const { from, to } = ends(rig);
  return (
    <Section
      part={segment.id}
      title={<NameField label="Name of the wire" pointer={`${at}/name`} />}
      aside={
        <Remove
          what={segment.name}
          onClick={() =>
            save((now) =>
              withHarness(now, { segments: now.harness.segments.filter((each) => each.id !== segment.id) }),
            )
          }
        />
      }
    >
      <Choice label="From" pointer={`${at}/from`} options={from} />
      <Choice label="To" pointer={`${at}/to`} options={to} />
      <GaugeChoice pointer={`${at}/wire/gauge`} />
      <FigureField
        label="Length"
        hint="one way"
        pointer={`${at}/wire/lengthM`}
        unit="metre"
        basis="measured"
      />
      <Fittings index={index} />
      <More>
        <Tick label="Tinned strands" pointer={`${at}/wire/tinned`} />
        <Tick label="Inside a sheath over its whole length" pointer={`${at}/wire/sheathed`} />
        <Choice
          label="Insulation for"
          pointer={`${at}/wire/insulation`}
          options={[
            ["c60", "60 °C"],
            ["c105", "105 °C"],
          ]}
        />
        <Bundled index={index} />
        <FigureField
          label="Pins of its plug"
          hint="at the device"
          pointer={`/harness/segments/${index}/wire/plugPins`}
          unit="count"
        />
      </More>
    </Section>
  );
}

function Bundled({ index }: { index: number }) {
  const { rig, set } = useEditor();
  const pointer = `/harness/segments/${index}/wire/bundled`;
  const bundled = rig.harness.segments[index]!.wire.bundled;
  const options = [...new Set([2, 3, 4, 6, 8, 12, 24, 30, bundled])].sort((a, b) => a - b);
  return (
    <ChoiceOf
      label="Conductors in the bundle"
      value={String(bundled)}
      options={options.map((count) => [String(count), String(count)])}
      onChange={(value) => set(pointer, Number(value))}
    />
  );
}

/** Joints and switches; fuses have a link of their own. */
function Fittings({ index }: { index: number }) {
  const { rig, save } = useEditor();
  const segment = rig.harness.segments[index]!;
  const at = `/harness/segments/${index}/fittings`;
  const add = (kind: "joint" | "switch") => {
    save((now) => {
      const fitting = {
        kind,
        id: freshId(now, kind),
        name: kind === "joint" ? "plug" : "switch",
        ohm: { kind: "unset" },
      } as Fitting;
      return setAt(now, at, [...now.harness.segments[index]!.fittings, fitting]);
    });
  };
  return (
    <>
      {segment.fittings.map(
        (fitting, f) =>
          fitting.kind !== "fuse" && (
            <div key={fitting.id} className="flex items-baseline gap-2">
              <div className="grow">
                <FigureField label={fitting.name} pointer={`${at}/${f}/ohm`} unit="ohm" basis="measured" />
              </div>
              <Remove
                what={fitting.name}
                onClick={() => save((now) => withoutFitting(now, index, fitting.id))}
              />
            </div>
          ),
      )}
      <div className="flex gap-4 py-1 text-[13px]">
        <button type="button" className="text-act" onClick={() => add("joint")}>
          add a plug
        </button>
        <button type="button" className="text-act" onClick={() => add("switch")}>
          add a switch
        </button>
      </div>
    </>
  );
}
