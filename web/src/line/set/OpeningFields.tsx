import { choices } from "../../parts/choices";
import { Choice, Tick } from "../../parts/Choice";
import { FigureField } from "../../parts/FigureField";
import { NameField } from "../../parts/NameField";

export const CLOSINGS = choices("PassThrough", { undecided: "what fits best" });

const MATERIALS = choices("Material", { undecided: "usual for the craft" });

const BACKS = choices("BackReach");

/** What else is known of the opening of a passage. */
export function OpeningFields({ at }: { at: string }) {
  return (
    <details>
      <summary className="cursor-pointer py-0.5 text-[12.5px] text-ink-3">its opening</summary>
      <Choice label="Closed by" pointer={`${at}/opening/closedBy`} options={CLOSINGS} />
      <FigureField
        label="Flat part it is in"
        hint="narrowest width"
        pointer={`${at}/opening/partM`}
        unit="millimetre"
        basis="measured"
      />
      <Choice label="Material around it" pointer={`${at}/opening/stuff`} options={MATERIALS} />
      <Choice label="Reach behind it" pointer={`${at}/opening/back`} options={BACKS} />
      <Tick label="Tried for leaks" pointer={`${at}/opening/tested`} />
      <div className="flex items-baseline gap-3">
        <span>Using it costs</span>
        <NameField label="What using it costs" pointer={`${at}/opening/costs`} />
      </div>
    </details>
  );
}
