import type { Link } from "../api/types";
import { useEditor } from "../edit/RigEditor";
import { SetBattery } from "./set/SetBattery";
import { SetCable } from "./set/SetCable";
import { SetCarry } from "./set/SetCarry";
import { SetFuse } from "./set/SetFuse";
import { SetMount } from "./set/SetMount";
import { SetScreen } from "./set/SetScreen";
import { SetTransducer } from "./set/SetTransducer";
import { SetWater } from "./set/SetWater";
import { SetWire } from "./set/SetWire";

const FIELDS: Record<Link, () => React.ReactNode> = {
  water: SetWater,
  transducer: SetTransducer,
  mount: SetMount,
  cable: SetCable,
  screen: SetScreen,
  wire: SetWire,
  fuse: SetFuse,
  battery: SetBattery,
  carry: SetCarry,
};

/** The few inputs of the link, with what can hurt someone below. */
export function SetPane() {
  const { link, saved } = useEditor();
  const Fields = FIELDS[link];
  const cautions = saved.review.cautions.filter((caution) => caution.link === link);
  return (
    <>
      <Fields />
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
