import { useEditor } from "../../edit/RigEditor";
import { Button } from "../../parts/Button";
import { Choice, ChoiceOf, Tick } from "../../parts/Choice";
import { choices } from "../../parts/choices";
import { counted } from "../../parts/counted";
import { FigureField } from "../../parts/FigureField";
import { NameField } from "../../parts/NameField";
import { More, RemovePart, Section } from "./Section";

const MOST_ALIKE = 60;

/** Screws, bolts and rivets: what each passes, what it holds in, what lies behind. */
export function FastenerFields() {
  const { rig, take } = useEditor();
  return (
    <details className="mb-4">
      <summary className="cursor-pointer py-1 text-[13px] text-ink-3">
        {counted(rig.fitOut.fasteners.length, "sort")} of screws, bolts and rivets
      </summary>
      {rig.fitOut.fasteners.map((fastener, i) => (
        <OneSort key={fastener.id} index={i} />
      ))}
      <Button look="quiet" onClick={() => take("carry.new.fastener")}>
        Add screws, bolts or rivets
      </Button>
    </details>
  );
}

function OneSort({ index }: { index: number }) {
  const { rig, set } = useEditor();
  const fastener = rig.fitOut.fasteners[index]!;
  const at = `/fitOut/fasteners/${index}`;
  const behind = fastener.kind === "bolt" || fastener.kind === "rivet";
  const parts = [
    ["", "none of these"],
    ...[
      ...rig.transducers,
      ...rig.devices,
      ...rig.holders,
      ...rig.harness.packs,
      ...rig.harness.junctions,
      ...rig.fitOut.boxes,
      ...rig.fitOut.boards.parts,
      ...rig.fitOut.closures,
    ].map((each) => [each.id, each.name]),
  ] as [string, string][];
  return (
    <Section
      part={fastener.id}
      title={<NameField label="Name of the screws, bolts or rivets" pointer={`${at}/name`} />}
      aside={<RemovePart change="carry.without.fastener" id={fastener.id} name={fastener.name} />}
    >
      <Choice label="Kind" pointer={`${at}/kind`} options={choices("FastenerKind")} />
      <Choice label="What they fasten" pointer={`${at}/of`} options={parts} />
      <ChoiceOf
        label="How many"
        value={String(fastener.count)}
        options={Array.from({ length: MOST_ALIKE }, (_, n) => [String(n + 1), String(n + 1)])}
        onChange={(count) => set(`${at}/count`, Number(count))}
      />
      <FigureField label="Thickness" hint="of the thread" pointer={`${at}/widthM`} unit="fine-millimetre" />
      <FigureField label="Length that goes in" pointer={`${at}/lengthM`} unit="millimetre" />
      <FigureField
        label="Goes through"
        hint="all layers before"
        pointer={`${at}/passesM`}
        unit="fine-millimetre"
        basis="measured"
      />
      <FigureField
        label={behind ? "Wall it clamps" : "Holds in"}
        hint={fastener.kind === "machine-screw" ? "depth of the insert" : "thickness"}
        pointer={`${at}/bitesM`}
        unit="fine-millimetre"
        basis="measured"
      />
      <FigureField
        label="Free behind"
        hint="to what it must not meet"
        pointer={`${at}/behindM`}
        unit="millimetre"
        basis="measured"
      />
      {behind && <Choice label="Reach behind it" pointer={`${at}/back`} options={choices("BackReach")} />}
      <More>
        <Choice label="Material" pointer={`${at}/stuff`} options={choices("Material")} />
        {behind && (
          <Choice label="Its pull is spread by" pointer={`${at}/backing`} options={choices("Backing")} />
        )}
        <ChoiceOf
          label="Came with it"
          value={String(fastener.supplied)}
          options={Array.from({ length: MOST_ALIKE + 1 }, (_, n) => [
            String(n),
            n === 0 ? "none" : String(n),
          ])}
          onChange={(supplied) => set(`${at}/supplied`, Number(supplied))}
        />
        <Tick label="Length was tried there" pointer={`${at}/tried`} />
      </More>
    </Section>
  );
}
