import { choices } from "../../parts/choices";
import type { Enclosure } from "../../api/types";
import { useEditor } from "../../edit/RigEditor";
import { Button } from "../../parts/Button";
import { Choice, Tick } from "../../parts/Choice";
import { counted } from "../../parts/counted";
import { FigureField } from "../../parts/FigureField";
import { NameField } from "../../parts/NameField";
import { WordsField } from "../../parts/WordsField";
import { CLOSINGS } from "./OpeningFields";
import { More, RemovePart, Section } from "./Section";
import { SizeFields } from "./SizeFields";
import { EDGES } from "./StandFields";

const KINDS = choices<Enclosure["kind"]>("EnclosureKind");

/** What the battery and what goes with it travel in. */
export function BoxFields() {
  const { rig, take } = useEditor();
  const boxed = new Set(rig.fitOut.boxes.map((each) => each.station));
  return (
    <>
      {rig.fitOut.boxes.map((box, i) => (
        <OneBox key={box.id} box={box} at={`/fitOut/boxes/${i}`} />
      ))}
      {rig.craft.stations.some((each) => !boxed.has(each.id)) && (
        <Button className="mb-4" look="quiet" onClick={() => take("carry.new.box")}>
          Add a box or bag
        </Button>
      )}
    </>
  );
}

function OneBox({ box, at }: { box: Enclosure; at: string }) {
  const { rig } = useEditor();
  const taken = new Set(rig.fitOut.boxes.filter((each) => each !== box).map((each) => each.station));
  const stations = rig.craft.stations
    .filter((each) => !taken.has(each.id))
    .map((each): [string, string] => [each.id, each.name]);
  return (
    <Section
      part={box.id}
      title={<NameField label="Name of the box" pointer={`${at}/name`} />}
      aside={<RemovePart change="carry.without.box" id={box.id} name={box.name} />}
    >
      <Choice label="Kind" pointer={`${at}/kind`} options={KINDS} />
      <Choice label="Stands at" pointer={`${at}/station`} options={stations} />
      <FigureField label="Mass, empty" pointer={`${at}/massKg`} unit="kilogram" basis="measured" />
      <p className="pt-1 text-[13px] text-ink-2">Outside</p>
      <SizeFields at={`${at}/outside`} of={box.name} />
      <FigureField label="Wall thickness" pointer={`${at}/wallM`} unit="fine-millimetre" basis="measured" />
      <FigureField
        label="Free space around things"
        hint="on every side"
        pointer={`${at}/clearM`}
        unit="millimetre"
        basis="chosen"
      />
      <FigureField
        label="Taken under the lid"
        hint="bolts, outlets"
        pointer={`${at}/lidM`}
        unit="millimetre"
        basis="measured"
      />
      <Tick label="Watertight as bought" pointer={`${at}/tight`} />
      <Tick label="Has a vent" pointer={`${at}/vented`} />
      {!box.tight && box.kind !== "bag" && (
        <Tick label="A drain at its lowest corner" pointer={`${at}/drained`} />
      )}
      <More>
        <WordsField label="Bolt holes of its lid" hint="30 × 60 mm" pointer={`${at}/lidBolts`} />
      </More>
      <Ribs box={box} at={`${at}/ribs`} />
      <Exits box={box} at={`${at}/exits`} />
      <Pockets box={box} at={`${at}/pockets`} />
    </Section>
  );
}

/** Entries of one list of a box, each with a name and a way to take it out. */
function Entries({
  at,
  what,
  entries,
  kind,
  box,
  children,
}: {
  at: string;
  what: string;
  entries: { id: string; name: string }[];
  /** As ids of changes name it. */
  kind: string;
  box: string;
  children: (at: string) => React.ReactNode;
}) {
  const { take } = useEditor();
  return (
    <details open={entries.length > 0}>
      <summary className="cursor-pointer py-1 text-[13px] text-ink-3">
        {counted(entries.length, what)}
      </summary>
      {entries.map((entry, i) => (
        <div key={entry.id} className="border-b border-grid pl-3">
          <div className="flex items-baseline gap-3">
            <NameField label={`Name of the ${what}`} pointer={`${at}/${i}/name`} />
            <RemovePart change={`carry.without.${kind}`} id={entry.id} name={entry.name} />
          </div>
          {children(`${at}/${i}`)}
        </div>
      ))}
      <button
        type="button"
        className="block py-1 text-[13px] text-act"
        onClick={() => take(`carry.new.${what}.${box}`)}
      >
        add a {what}
      </button>
    </details>
  );
}

function Ribs({ box, at }: { box: Enclosure; at: string }) {
  return (
    <Entries at={at} what="rib" entries={box.ribs} kind="rib" box={box.id}>
      {(each) => (
        <>
          <Choice
            label="Takes away from"
            pointer={`${each}/takes`}
            options={choices("Inward", { deep: "length", wide: "width", tall: "height" })}
          />
          <FigureField label="Stands in by" pointer={`${each}/depthM`} unit="millimetre" basis="measured" />
        </>
      )}
    </Entries>
  );
}

/** The hole at a pointer. */
function holeAt(box: Enclosure, pointer: string) {
  return box.exits[Number(pointer.slice(pointer.lastIndexOf("/") + 1))];
}

function Exits({ box, at }: { box: Enclosure; at: string }) {
  return (
    <Entries at={at} what="hole" entries={box.exits} kind="exit" box={box.id}>
      {(each) => (
        <>
          <Choice label="Used for" pointer={`${each}/use`} options={choices("ExitUse")} />
          <Tick label="To be drilled" pointer={`${each}/cut`} />
          <Choice label="In which wall" pointer={`${each}/wall`} options={[...EDGES, ["none", "lid"]]} />
          {holeAt(box, each)?.wall !== "none" && (
            <FigureField
              label="Over the floor"
              pointer={`${each}/heightM`}
              unit="millimetre"
              basis="measured"
            />
          )}
          <FigureField
            label="Clear opening"
            pointer={`${each}/openingM`}
            unit="fine-millimetre"
            basis="measured"
          />
          {holeAt(box, each)?.use === "cables" && (
            <Choice label="Closed by" pointer={`${each}/closedBy`} options={CLOSINGS} />
          )}
          <Tick label="Sealed" pointer={`${each}/sealed`} />
        </>
      )}
    </Entries>
  );
}

function Pockets({ box, at }: { box: Enclosure; at: string }) {
  const { rig } = useEditor();
  const parts = [...rig.devices, ...rig.harness.packs, ...rig.transducers].map((each): [string, string] => [
    each.id,
    each.name,
  ]);
  return (
    <Entries at={at} what="pocket" entries={box.pockets} kind="pocket" box={box.id}>
      {(each) => (
        <>
          <Choice label="State" pointer={`${each}/pose`} options={choices("Pose")} />
          <Choice label="Holds" pointer={`${each}/holds`} options={[["", "something else"], ...parts]} />
          <SizeFields at={`${each}/inside`} of="the pocket" />
        </>
      )}
    </Entries>
  );
}
