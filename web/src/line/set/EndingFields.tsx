import type { Ending } from "../../api/types";
import { getAt } from "../../edit/pointer";
import { useEditor } from "../../edit/RigEditor";
import { Choice } from "../../parts/Choice";
import { FigureField } from "../../parts/FigureField";

const TERMINALS: [Ending["terminal"], string][] = [
  ["undecided", "not known"],
  ["quick-plug", "quick plug"],
  ["screw-ring-plug", "plug with a screw ring"],
  ["accessory-plug", "12 V accessory plug"],
  ["tab-4-8", "4.8 mm tab"],
  ["tab-6-3", "6.3 mm tab"],
  ["post", "post with a ring"],
  ["clip", "spring clip"],
  ["bare", "bare wire"],
];

const HALVES: [Ending["half"], string][] = [
  ["undecided", "not known"],
  ["shrouded", "shrouded half"],
  ["open-pins", "open-pin half"],
];

/** What an end is made as; which half, how many pins and how wide matter only for plugs. */
export function EndingFields({ label, pointer }: { label: string; pointer: string }) {
  const { rig } = useEditor();
  const ending = getAt(rig, pointer) as Ending;
  const plug = ending.terminal.endsWith("plug");
  return (
    <>
      <Choice label={label} pointer={`${pointer}/terminal`} options={TERMINALS} />
      {plug && <Choice label={`${label}: which half`} pointer={`${pointer}/half`} options={HALVES} />}
      {plug && <FigureField label={`${label}: pins`} pointer={`${pointer}/pins`} unit="count" />}
      {ending.terminal !== "undecided" && (
        <FigureField
          label={`${label}: width`}
          hint="as it passes a hole"
          pointer={`${pointer}/acrossM`}
          unit="millimetre"
          basis="measured"
        />
      )}
    </>
  );
}
