import { choices } from "../../parts/choices";
import { useQuery } from "@tanstack/react-query";
import { extensionsQuery, transducersQuery } from "../../api/queries";
import type { Figure, Rig } from "../../api/types";
import { getAt, setAt } from "../../edit/pointer";
import { useEditor } from "../../edit/RigEditor";
import { Choice, ChoiceOf } from "../../parts/Choice";
import { FigureField } from "../../parts/FigureField";
import { NameField } from "../../parts/NameField";
import { PlugFields, SHAPES } from "./PlugFields";
import { More, Remove, RemovePart, Section } from "./Section";

const TYPES = choices("TransducerType");

const QUOTED = choices("BeamQuoted");

const LOOKS = choices("Look");

const HANDLES = choices("Handle");

const BLANK = "blank";

/** Each transducer as its label says: beams, lead and plug. */
export function SetTransducer() {
  const { rig } = useEditor();
  return (
    <>
      {rig.transducers.map((transducer, t) => (
        <TransducerFields key={transducer.id} index={t} />
      ))}
      <AddTransducer />
    </>
  );
}

function TransducerFields({ index }: { index: number }) {
  const { rig, take } = useEditor();
  const transducer = rig.transducers[index]!;
  const at = `/transducers/${index}`;
  const live = transducer.beams.some((beam) => beam.shape === "live");
  const displays = rig.devices.filter(
    (device) => device.kind.startsWith("display") || (live && device.kind === "live-module"),
  );
  return (
    <Section
      part={transducer.id}
      title={<NameField label="Name of the transducer" pointer={`${at}/name`} />}
      aside={<RemovePart change="transducer.without.transducer" id={transducer.id} name={transducer.name} />}
    >
      <ChoiceOf
        label="Type"
        field={`${at}/type`}
        value={transducer.type}
        options={TYPES}
        onChange={(type) => take(`transducer.sort.${transducer.id}.${type}`)}
      />
      {transducer.beams.map((beam, b) => (
        <BeamFields key={beam.id} transducer={index} beam={b} />
      ))}
      <button
        type="button"
        className="py-1 text-[13px] text-act"
        onClick={() => take(`transducer.new.beam.${transducer.id}`)}
      >
        add a beam
      </button>
      {transducer.beams.length > 1 && (
        <Choice
          label="Beam in use"
          pointer={`${at}/inUse`}
          options={[
            ["", "switched by the depth"],
            ...transducer.beams.map((beam): [string, string] => [beam.id, beam.name]),
          ]}
        />
      )}
      {live && <LiveFields at={at} />}
      {displays.length > 1 && (
        <Choice
          label="Plugs into"
          pointer={`${at}/feeds`}
          options={[
            ["", "not said"],
            ...displays.map((device): [string, string] => [device.id, device.name]),
          ]}
        />
      )}
      <FigureField label="Lead as supplied" pointer={`${at}/lead/lengthM`} unit="metre" />
      <ExtensionFields at={`${at}/lead/extensionM`} />
      <More>
        <FigureField
          label="Width of its plug"
          pointer={`${at}/lead/plugM`}
          unit="millimetre"
          basis="measured"
        />
        <FigureField label="Mass" hint="with its lead" pointer={`${at}/massKg`} unit="kilogram" />
        <FigureField label="Largest width" hint="with its float" pointer={`${at}/bodyM`} unit="millimetre" />
        <PlugFields index={index} />
      </More>
    </Section>
  );
}

/** How a live head is turned, and what its pole says of that. */
function LiveFields({ at }: { at: string }) {
  return (
    <>
      <Choice label="Looks toward" pointer={`${at}/look`} options={LOOKS} />
      <Choice label="Handle points" pointer={`${at}/handle`} options={HANDLES} />
      <FigureField label="Tilt of the head" hint="built in" pointer={`${at}/tiltDeg`} unit="degree" />
      <FigureField
        label="Lean of the pole"
        hint="off upright"
        pointer={`${at}/leanDeg`}
        unit="degree"
        basis="measured"
      />
    </>
  );
}

const OTHER = "other";

/** The maker's extension in the lead: one of the usual lengths, or another. */
function ExtensionFields({ at }: { at: string }) {
  const { rig, set } = useEditor();
  const extensions = useQuery(extensionsQuery);
  const figure = getAt(rig, at) as Figure | undefined;
  const length = figure?.kind === "given" ? figure.value : undefined;
  const known = extensions.data?.find((each) => each.lengthM === length);
  return (
    <>
      <ChoiceOf
        label="Extension"
        value={length === undefined ? "" : (known?.id ?? OTHER)}
        options={[
          ["", "none"],
          ...(extensions.data ?? []).map((each): [string, string] => [each.id, each.name]),
          ...(length !== undefined && !known ? [[OTHER, "another length"] as [string, string]] : []),
        ]}
        onChange={(id) => {
          const chosen = extensions.data?.find((each) => each.id === id);
          if (id === "") set(at, { kind: "unset" });
          if (chosen) set(at, { kind: "given", value: chosen.lengthM, basis: "rated" });
        }}
      />
      {length !== undefined && <FigureField label="Its length" pointer={at} unit="metre" />}
    </>
  );
}

function BeamFields({ transducer, beam }: { transducer: number; beam: number }) {
  const { rig, save } = useEditor();
  const list = `/transducers/${transducer}/beams`;
  const at = `${list}/${beam}`;
  const { beams } = rig.transducers[transducer]!;
  const { id, name, shape } = beams[beam]!;
  const without = (now: Rig) => {
    const { beams: all, inUse } = now.transducers[transducer]!;
    const left = setAt(
      now,
      list,
      all.filter((each) => each.id !== id),
    );
    return inUse === id ? setAt(left, `/transducers/${transducer}/inUse`, "") : left;
  };
  return (
    <div className="border-b border-grid pb-1">
      <div className="flex items-baseline pt-1">
        <NameField label="Name of the beam" pointer={`${at}/name`} />
        {beams.length > 1 && <Remove what={name} onClick={() => save(without)} />}
      </div>
      <FigureField
        label={shape === "cone" ? "Full angle" : "Large angle"}
        pointer={`${at}/fullDeg`}
        unit="degree"
      />
      {shape !== "cone" && <FigureField label="Small angle" pointer={`${at}/alongDeg`} unit="degree" />}
      <FigureField label="Rated depth" hint="in fresh water" pointer={`${at}/ratedM`} unit="depth" />
      <More>
        <FigureField label="Frequency" pointer={`${at}/kiloHertz`} unit="kilohertz" />
        <Choice label="Shape" pointer={`${at}/shape`} options={SHAPES} />
        <Choice label="Angle is quoted at" pointer={`${at}/quoted`} options={QUOTED} />
        <FigureField
          label="Bandwidth of the ping"
          hint="a tone of 0.1 ms counts as 10 kHz"
          pointer={`${at}/bandwidthKhz`}
          unit="kilohertz"
        />
      </More>
    </div>
  );
}

function AddTransducer() {
  const { take } = useEditor();
  const transducers = useQuery(transducersQuery);
  const options: [string, string][] = [
    ["", "choose one"],
    ...(transducers.data ?? []).map((each): [string, string] => [each.id, each.name]),
    [BLANK, "another, from its label"],
  ];
  return (
    <ChoiceOf
      label="Add a transducer"
      field="/transducers"
      value=""
      options={options}
      onChange={(id) => {
        if (id === BLANK) take("transducer.new.transducer");
        else if (id !== "") take(`transducer.one-more.${id}`);
      }}
    />
  );
}
