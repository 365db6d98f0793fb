import { FigureField } from "../../parts/FigureField";

/** Where a place or an obstruction of the craft is, seen from above. */
export function PlanFields({ at, label = "From the bow" }: { at: string; label?: string }) {
  return (
    <>
      <FigureField label={label} pointer={`${at}/fromBowM`} unit="metre" basis="measured" />
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
