import { useEditor } from "../../edit/RigEditor";
import { Button } from "../../parts/Button";
import { Choice, Tick } from "../../parts/Choice";
import { choices } from "../../parts/choices";
import { counted } from "../../parts/counted";
import { NameField } from "../../parts/NameField";
import { Ticks } from "../../parts/Ticks";
import { WordsField } from "../../parts/WordsField";
import { More, RemovePart, Section } from "./Section";

/** What shuts places and parts away: of a kit, or of the craft itself. The sheet opens it first and shuts it last. */
export function ClosureFields() {
  const { rig, take } = useEditor();
  return (
    <details className="mb-4">
      <summary className="cursor-pointer py-1 text-[13px] text-ink-3">
        {counted(rig.fitOut.closures.length, "thing")} that shut: covers, plates, seats, straps, foam
      </summary>
      {rig.fitOut.closures.map((closure, i) => (
        <OneClosure key={closure.id} index={i} />
      ))}
      <Button look="quiet" onClick={() => take("carry.new.closure")}>
        Add a cover, plate, seat, strap or layer of foam
      </Button>
    </details>
  );
}

function OneClosure({ index }: { index: number }) {
  const { rig, set } = useEditor();
  const closure = rig.fitOut.closures[index]!;
  const at = `/fitOut/closures/${index}`;
  const parts = [
    ...rig.transducers,
    ...rig.devices,
    ...rig.holders,
    ...rig.harness.packs,
    ...rig.harness.junctions,
    ...rig.harness.segments,
    ...rig.network.leads,
    ...rig.fitOut.boxes,
    ...rig.fitOut.boards.parts,
    ...rig.fitOut.extras,
    ...rig.fitOut.closures.filter((each) => each.id !== closure.id),
  ].map((each) => [each.id, each.name]) as [string, string][];
  const screws = rig.fitOut.fasteners.filter((each) => each.of === closure.id);
  return (
    <Section
      part={closure.id}
      title={<NameField label="Name of what shuts" pointer={`${at}/name`} />}
      aside={<RemovePart change="carry.without.closure" id={closure.id} name={closure.name} />}
    >
      <Choice label="Kind" pointer={`${at}/kind`} options={choices("ClosureKind")} />
      <Choice label="It sits right when" pointer={`${at}/seating`} options={choices("Seating")} />
      <Tick label="On the craft already, comes off first" pointer={`${at}/there`} />
      <Tick label="Has a gasket" pointer={`${at}/gasket`} />
      <WordsField label="Before it goes on" hint="what has to be right" pointer={`${at}/under`} />
      <p className="pt-1 text-[13px] text-ink-3">
        {screws.length > 0
          ? `Held by ${screws.map((each) => `${each.count} × ${each.name}`).join(", ")}.`
          : "Its screws stand below, under “What they fasten”."}
      </p>
      <p className="pt-1 text-[13px] text-ink-2">
        Places that it shuts away
        {closure.stations.length === 0 && <span className="text-ink-3">: none yet</span>}
      </p>
      <Ticks
        label={`Places that the ${closure.name} shuts away`}
        column
        options={rig.craft.stations.map((each) => [each.id, each.name])}
        chosen={closure.stations}
        onChange={(stations) => set(`${at}/stations`, stations)}
      />
      <More words="Parts that it shuts away">
        <Ticks
          label={`Parts that the ${closure.name} shuts away`}
          column
          options={parts}
          chosen={closure.parts}
          onChange={(chosen) => set(`${at}/parts`, chosen)}
        />
      </More>
    </Section>
  );
}
