import type { Transducer } from "../../api/types";
import { useEditor } from "../../edit/RigEditor";
import { Choice } from "../../parts/Choice";
import { FigureField } from "../../parts/FigureField";
import { CraftFields } from "./CraftFields";
import { Section } from "./Section";

type Kind = Transducer["mount"]["kind"];

const KINDS: [Kind, string][] = [
  ["undecided", "not decided"],
  ["scupper", "scupper mount"],
  ["swing-arm", "swing arm on a rail"],
  ["hull-pocket", "hull pocket"],
  ["ice-float", "float in the hole"],
];

/** The craft and what is aboard, and where each transducer meets the water. */
export function SetMount() {
  const { rig } = useEditor();
  return (
    <>
      <CraftFields />
      {rig.transducers.length === 0 && (
        <p className="mb-3 text-ink-2">A mount holds a transducer: add one under Transducer first.</p>
      )}
      {rig.transducers.map((transducer, t) => (
        <MountFields key={transducer.id} index={t} />
      ))}
    </>
  );
}

function MountFields({ index }: { index: number }) {
  const { rig } = useEditor();
  const transducer = rig.transducers[index]!;
  const at = `/transducers/${index}/mount`;
  const { kind, station } = transducer.mount;
  const place = rig.craft.stations.findIndex((each) => each.id === station);
  return (
    <Section title={<span>Mount of the {transducer.name}</span>}>
      <Choice label="Held by" pointer={`${at}/kind`} options={KINDS} />
      <Choice
        label="Sits at"
        pointer={`${at}/station`}
        options={[
          ["", "not decided"],
          ...rig.craft.stations.map((each): [string, string] => [each.id, each.name]),
        ]}
      />
      {kind !== "undecided" && (
        <FigureField
          label={kind === "ice-float" ? "Face below the surface" : "Face below the hull"}
          hint={kind === "hull-pocket" ? "recessed is negative" : ""}
          pointer={`${at}/belowM`}
          unit="millimetre"
          basis="measured"
        />
      )}
      {(kind === "ice-float" || kind === "hull-pocket") && (
        <FigureField
          label={kind === "ice-float" ? "Width of the hole" : "Width of the pocket"}
          pointer={`${at}/openingM`}
          unit="millimetre"
          basis="measured"
        />
      )}
      {place >= 0 && (
        <>
          <FigureField
            label="Its place, from the bow"
            pointer={`/craft/stations/${place}/fromBowM`}
            unit="metre"
            basis="measured"
          />
          <FigureField
            label="Right of the middle"
            hint="left is negative"
            pointer={`/craft/stations/${place}/sideM`}
            unit="metre"
            basis="measured"
          />
        </>
      )}
    </Section>
  );
}
