import type { Link } from "../api/types";
import { useEditor } from "../edit/RigEditor";
import { LINK_NAMES } from "../parts/verdicts";
import { SetBattery } from "./set/SetBattery";
import { SetFuse } from "./set/SetFuse";
import { SetScreen } from "./set/SetScreen";
import { SetWater } from "./set/SetWater";
import { SetWire } from "./set/SetWire";

const FIELDS: Partial<Record<Link, () => React.ReactNode>> = {
  water: SetWater,
  screen: SetScreen,
  wire: SetWire,
  fuse: SetFuse,
  battery: SetBattery,
};

/** The few inputs of the link, with what can hurt someone below. */
export function SetPane() {
  const { link, saved } = useEditor();
  const Fields = FIELDS[link];
  const cautions = saved.review.cautions.filter((caution) => caution.link === link);
  return (
    <>
      {Fields ? (
        <Fields />
      ) : (
        <p className="text-ink-2">
          {LINK_NAMES[link]} is not built yet. Nothing of it is judged, so it stands dashed in the line.
        </p>
      )}
      {cautions.length > 0 && (
        <section
          aria-label="Cautions"
          className="mt-4 border-l-[3px] border-fails pl-3 text-[13px] text-ink-2"
        >
          {cautions.map((caution) => (
            <p key={caution.id} className="mb-1.5">
              {caution.text}
            </p>
          ))}
        </section>
      )}
    </>
  );
}
