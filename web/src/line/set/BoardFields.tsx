import { useEditor } from "../../edit/RigEditor";
import { ChoiceOf, Tick } from "../../parts/Choice";
import { FigureField } from "../../parts/FigureField";
import { NameField } from "../../parts/NameField";
import { RemovePart, Section } from "./Section";

const MOST_ALIKE = 12;

/** What is sawn from boards. */
export function BoardFields() {
  const { rig, take } = useEditor();
  const { parts } = rig.fitOut.boards;
  const at = "/fitOut/boards";
  return (
    <Section title="Built of boards">
      <FigureField
        label="Thickness of the wall a pod hangs on"
        pointer={`${at}/hangsOverM`}
        unit="millimetre"
        basis="measured"
      />
      {rig.fitOut.boards.hangsOverM?.kind === "given" && (
        <FigureField
          label="Inside height of that wall"
          hint="from the floor"
          pointer={`${at}/insideM`}
          unit="millimetre"
          basis="measured"
        />
      )}
      {parts.length > 0 && (
        <>
          <FigureField label="Board length" pointer={`${at}/stockLengthM`} unit="metre" />
          <FigureField label="Board width" pointer={`${at}/stockWideM`} unit="millimetre" />
          <FigureField label="Board thickness" pointer={`${at}/thickM`} unit="fine-millimetre" />
          <FigureField
            label="Saw cut takes"
            pointer={`${at}/kerfM`}
            unit="fine-millimetre"
            basis="measured"
          />
        </>
      )}
      {parts.map((part, i) => (
        <PartFields key={part.id} index={i} />
      ))}
      <button
        type="button"
        className="block py-1 text-[13px] text-act"
        onClick={() => take("carry.new.board-part")}
      >
        add a part
      </button>
    </Section>
  );
}

function PartFields({ index }: { index: number }) {
  const { rig, set } = useEditor();
  const part = rig.fitOut.boards.parts[index]!;
  const at = `/fitOut/boards/parts/${index}`;
  return (
    <div role="group" aria-label={part.name} className="border-b border-grid">
      <div className="flex items-baseline gap-3">
        <NameField label="Name of the part" pointer={`${at}/name`} />
        <RemovePart change="carry.without.board-part" id={part.id} name={part.name} />
      </div>
      <FigureField label="Length" pointer={`${at}/lengthM`} unit="millimetre" basis="chosen" />
      <FigureField label="Width" pointer={`${at}/wideM`} unit="millimetre" basis="chosen" />
      <ChoiceOf
        label="How many"
        value={String(part.count)}
        options={Array.from({ length: MOST_ALIKE }, (_, n) => [String(n + 1), String(n + 1)])}
        onChange={(chosen) => set(`${at}/count`, Number(chosen))}
      />
      <Tick label="May be turned" pointer={`${at}/turns`} />
    </div>
  );
}
