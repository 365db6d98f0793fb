import type { Rig, Segment } from "../../api/types";
import { useEditor } from "../../edit/RigEditor";
import { getAt } from "../../edit/pointer";
import { Choice, ChoiceOf, Tick } from "../../parts/Choice";
import { FigureField } from "../../parts/FigureField";
import { NameField } from "../../parts/NameField";
import { EndingFields } from "./EndingFields";
import { GaugeChoice } from "./GaugeChoice";
import { More, RemovePart, Section } from "./Section";

function ends(rig: Rig): { from: [string, string][]; to: [string, string][] } {
  const named = (all: { id: string; name: string }[]) =>
    all.map(({ id, name }): [string, string] => [id, name]);
  return {
    from: named([...rig.harness.packs, ...rig.harness.junctions]),
    to: named([...rig.harness.junctions, ...rig.devices]),
  };
}

/** One wire with what sits in it, or a spare lead, in which nothing is fitted. */
export function SegmentFields({ at, list }: { at: string; list: "segments" | "spares" }) {
  const { rig } = useEditor();
  const segment = getAt(rig, at) as Segment;
  const { from, to } = ends(rig);
  return (
    <Section
      part={segment.id}
      title={<NameField label="Name of the wire" pointer={`${at}/name`} />}
      aside={
        <RemovePart
          change={`wire.without.${list === "spares" ? "spare" : "segment"}`}
          id={segment.id}
          name={segment.name}
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
      <EndingFields label="Starts with" pointer={`${at}/start`} />
      {list === "segments" && <Fittings at={at} />}
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
        <Counted
          label="Conductors in the bundle"
          pointer={`${at}/wire/bundled`}
          usual={[2, 3, 4, 6, 8, 12, 24, 30]}
        />
        <Tick label="Plus and minus twisted" pointer={`${at}/wire/twisted`} />
        <Colours pointer={`${at}/wire/colours`} />
        <Counted
          label="Conductors that carry nothing"
          pointer={`${at}/wire/unused`}
          usual={[0, 1, 2, 3, 4, 5, 6]}
        />
        <EndingFields label="Ends with" pointer={`${at}/end`} />
        {!segment.end.terminal.endsWith("plug") && (
          <FigureField label="Pins at the device" pointer={`${at}/end/pins`} unit="count" />
        )}
      </More>
    </Section>
  );
}

/** A whole number among the usual ones. */
function Counted({ label, pointer, usual }: { label: string; pointer: string; usual: number[] }) {
  const { rig, set } = useEditor();
  const value = Number(getAt(rig, pointer));
  const options = [...new Set([...usual, value])].sort((a, b) => a - b);
  return (
    <ChoiceOf
      label={label}
      value={String(value)}
      options={options.map((count) => [String(count), String(count)])}
      onChange={(next) => set(pointer, Number(next))}
    />
  );
}

const COLOURS: [string, string][] = [
  ["", "red and black"],
  ["red and yellow", "red and yellow"],
  ["orange and black", "orange and black"],
  ["white and blue", "white and blue"],
];

function Colours({ pointer }: { pointer: string }) {
  const { rig, set } = useEditor();
  const value = String(getAt(rig, pointer));
  const known = COLOURS.some(([colours]) => colours === value);
  return (
    <ChoiceOf
      label="Colours"
      value={value}
      options={known ? COLOURS : [...COLOURS, [value, value]]}
      onChange={(next) => set(pointer, next)}
    />
  );
}

/** Joints and switches; fuses have a link of their own. */
function Fittings({ at: wire }: { at: string }) {
  const { rig, take } = useEditor();
  const segment = getAt(rig, wire) as Segment;
  const at = `${wire}/fittings`;
  return (
    <>
      {segment.fittings.map(
        (fitting, f) =>
          fitting.kind !== "fuse" && (
            <div key={fitting.id} className="flex items-baseline gap-2">
              <div className="grow">
                <FigureField label={fitting.name} pointer={`${at}/${f}/ohm`} unit="ohm" basis="measured" />
              </div>
              <RemovePart change="wire.without.fitting" id={fitting.id} name={fitting.name} />
            </div>
          ),
      )}
      <div className="flex gap-4 py-1 text-[13px]">
        <button type="button" className="text-act" onClick={() => take(`wire.new.plug.${segment.id}`)}>
          add a plug
        </button>
        <button type="button" className="text-act" onClick={() => take(`wire.new.switch.${segment.id}`)}>
          add a switch
        </button>
      </div>
    </>
  );
}
