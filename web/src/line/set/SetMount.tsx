import { useQuery } from "@tanstack/react-query";
import { mountsQuery } from "../../api/queries";
import { useEditor } from "../../edit/RigEditor";
import { setAt } from "../../edit/pointer";
import { Choice, ChoiceOf } from "../../parts/Choice";
import { FigureField } from "../../parts/FigureField";
import { CraftFields } from "./CraftFields";
import { WordsField } from "../../parts/WordsField";
import { HabitChoice } from "./HabitChoice";
import { PlanFields } from "./PlanFields";
import { More, Section } from "./Section";

/** The craft and what is aboard, and where each transducer meets the water. */
export function SetMount() {
  const { rig } = useEditor();
  return (
    <>
      <HabitChoice of="drilling" />
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
  const { rig, save } = useEditor();
  const transducer = rig.transducers[index]!;
  const at = `/transducers/${index}/mount`;
  const { kind, station } = transducer.mount;
  const mounts = useQuery(mountsQuery);
  const mount = mounts.data?.find((each) => each.kind === kind);
  const ice = mount?.spots.includes("ice-hole") ?? false;
  const fitting = rig.craft.stations.filter(
    (each) => each.id === station || mount?.spots.includes(each.spot),
  );
  const place = rig.craft.stations.findIndex((each) => each.id === station);
  const placesOf = (spots: string[]) => rig.craft.stations.filter((each) => spots.includes(each.spot));
  // no scupper mount on a craft without a scupper
  const possible = (mounts.data ?? []).filter(
    (each) =>
      each.kind === kind ||
      each.kind === "undecided" ||
      rig.craft.stations.length === 0 ||
      placesOf(each.spots).length > 0,
  );
  /** Where there is but one place for it, it sits there. */
  const hold = (next: string) => {
    const places = placesOf(possible.find((each) => each.kind === next)?.spots ?? []);
    const only = places.length === 1 ? places[0]!.id : undefined;
    save((now) => setAt(only === undefined ? now : setAt(now, `${at}/station`, only), `${at}/kind`, next));
  };
  return (
    <Section title={<span>Mount of the {transducer.name}</span>}>
      <ChoiceOf
        label="Held by"
        field={`${at}/kind`}
        value={kind}
        options={possible.map((each): [string, string] => [each.kind, each.words])}
        onChange={hold}
      />
      <Choice
        label="Sits at"
        pointer={`${at}/station`}
        options={[
          ["", "not decided"],
          ...(fitting.length > 0 ? fitting : rig.craft.stations).map((each): [string, string] => [
            each.id,
            each.name,
          ]),
        ]}
      />
      {kind !== "undecided" && (
        <FigureField
          label={ice ? "Face below the surface" : "Face below the hull"}
          hint={ice ? "" : "recessed: −"}
          pointer={`${at}/belowM`}
          unit="millimetre"
          basis="measured"
        />
      )}
      {(mount?.encloses || kind === "scupper") && (
        <FigureField
          label={ice ? "Width of the hole" : "Width of the opening"}
          hint={kind === "scupper" ? "if it sits up in it" : ""}
          pointer={`${at}/openingM`}
          unit="millimetre"
          basis="measured"
        />
      )}
      {!ice && kind !== "undecided" && (
        <FigureField label="Adapter plate" hint="length" pointer={`${at}/plateM`} unit="millimetre" />
      )}
      {mount?.pole && (
        <FigureField
          label="Turned each way from ahead"
          pointer={`${at}/turnDeg`}
          unit="degree"
          basis="chosen"
        />
      )}
      {kind !== "undecided" && (
        <More>
          {["clamp-bar", "quick-post", "live-pole", "transom-board"].includes(kind) && (
            <FigureField
              label="Edge of the other craft lies lower by"
              hint="higher: −"
              pointer={`${at}/otherEdgeM`}
              unit="millimetre"
              basis="measured"
            />
          )}
          <WordsField label="Comes off with" hint="seat, crate" pointer={`${at}/unit`} />
        </More>
      )}
      {place >= 0 && <PlanFields at={`/craft/stations/${place}`} of="Its place" />}
    </Section>
  );
}
