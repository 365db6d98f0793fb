import { useId } from "react";
import { useEditor } from "../edit/RigEditor";
import { getAt } from "../edit/pointer";
import { FieldProblem } from "./FieldProblem";

/** A day of the calendar, or none. */
export function DayField({ label, pointer }: { label: string; pointer: string }) {
  const { rig, set } = useEditor();
  const id = useId();
  return (
    <div className="flex flex-wrap items-baseline justify-between gap-3 py-[5px]">
      <label htmlFor={id}>{label}</label>
      <input
        id={id}
        type="date"
        value={String(getAt(rig, pointer) ?? "")}
        onChange={(event) => set(pointer, event.target.value)}
        className="border-b border-act bg-transparent font-semibold text-act"
      />
      <FieldProblem pointer={pointer} />
    </div>
  );
}
