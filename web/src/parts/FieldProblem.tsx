import type { Unit } from "../api/types";
import { useEditor } from "../edit/RigEditor";
import { outOfRange } from "../units/outOfRange";
import { useUnits } from "../units/UnitsProvider";

/**
 * What the server said of the field at a pointer, at the field; of a figure in the words of its label and in the person's own
 * units.
 */
export function FieldProblem({
  pointer,
  id,
  label = "",
  unit,
}: {
  pointer: string;
  id?: string;
  label?: string;
  unit?: Unit;
}) {
  const { problem } = useEditor();
  const { system } = useUnits();
  const at = problem?.pointer?.replace(/^\/rig/, "").replace(/\/(value|basis|kind)$/, "");
  return problem && at === pointer ? (
    <p id={id} role="alert" className="basis-full text-right text-[13px] text-fails">
      {(unit && outOfRange(problem, label, unit, system)) ?? problem.detail} Nothing was saved.
    </p>
  ) : null;
}
