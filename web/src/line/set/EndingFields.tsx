import { choices } from "../../parts/choices";
import type { Ending } from "../../api/types";
import { getAt } from "../../edit/pointer";
import { useEditor } from "../../edit/RigEditor";
import { Choice } from "../../parts/Choice";
import { FigureField } from "../../parts/FigureField";
import { More } from "./Section";

const TERMINALS = choices<Ending["terminal"]>("EndingTerminal");

const HALVES = choices<Ending["half"]>("EndingHalf");

/** What an end is made as; which half, how many pins and how wide matter only for plugs. */
export function EndingFields({ label, pointer }: { label: string; pointer: string }) {
  const { rig } = useEditor();
  const ending = getAt(rig, pointer) as Ending;
  const plug = ending.terminal.endsWith("plug");
  return (
    <>
      <Choice label={label} pointer={`${pointer}/terminal`} options={TERMINALS} />
      {plug && <Choice label={`${label}: which half`} pointer={`${pointer}/half`} options={HALVES} />}
      {ending.terminal !== "undecided" && (
        <More words={plug ? "its pins and width" : "its width"}>
          {plug && <FigureField label={`${label}: pins`} pointer={`${pointer}/pins`} unit="count" />}
          <FigureField
            label={`${label}: width`}
            hint="as it passes a hole"
            pointer={`${pointer}/acrossM`}
            unit="millimetre"
            basis="measured"
          />
        </More>
      )}
    </>
  );
}
