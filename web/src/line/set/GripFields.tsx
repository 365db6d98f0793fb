import { useEditor } from "../../edit/RigEditor";
import { choices } from "../../parts/choices";
import { Ticks } from "../../parts/Ticks";

const GRIPS = choices("Grip").filter(([grip]) => grip !== "nothing");

/** What there is to hold on to at a place; where nobody looked, what is usual. */
export function GripFields({ index }: { index: number }) {
  const { rig, set } = useEditor();
  const station = rig.craft.stations[index]!;
  return (
    <>
      <p className="pt-1 text-[13px] text-ink-2">
        To grip at the {station.name}
        {station.offers.length === 0 && <span className="text-ink-3">: as is usual, nobody looked</span>}
      </p>
      <Ticks
        label={`To grip at the ${station.name}`}
        column
        options={GRIPS}
        chosen={station.offers}
        onChange={(offers) => set(`/craft/stations/${index}/offers`, offers)}
      />
    </>
  );
}
