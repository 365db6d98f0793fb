import { useEditor } from "../../edit/RigEditor";
import { FigureField } from "../../parts/FigureField";

/** Where a place or an obstruction of the craft is, seen from above. */
export function PlanFields({ at, of }: { at: string; of: string }) {
  const { rig } = useEditor();
  // nobody looks for the bow of a bucket
  const from = rig.craft.kind === "ice-walk-out" ? "from the front edge" : "from the bow";
  return (
    <>
      <FigureField label={`${of}, ${from}`} pointer={`${at}/fromBowM`} unit="metre" basis="measured" />
      <FigureField
        label="Right of the middle"
        hint="left is negative"
        pointer={`${at}/sideM`}
        unit="metre"
        basis="measured"
      />
    </>
  );
}
