import { useEffect, useState } from "react";
import { useEditor } from "../edit/RigEditor";
import { getAt } from "../edit/pointer";
import { FieldProblem } from "./FieldProblem";

export function NameField({
  label,
  pointer,
  big = false,
}: {
  label: string;
  pointer: string;
  big?: boolean;
}) {
  const { rig, set } = useEditor();
  const kept = String(getAt(rig, pointer) ?? "");
  const [typed, setTyped] = useState(kept);
  useEffect(() => setTyped(kept), [kept]);
  const commit = () => typed !== kept && set(pointer, typed);
  return (
    <span className="block min-w-0 grow">
      <input
        aria-label={label}
        value={typed}
        onChange={(event) => setTyped(event.target.value)}
        onBlur={commit}
        onKeyDown={(event) => {
          if (event.key === "Enter") commit();
          if (event.key === "Escape") setTyped(kept);
        }}
        className={`w-full min-w-0 border-b border-transparent bg-transparent py-0.5 hover:border-rule focus:border-act ${
          big ? "text-[16px] font-semibold" : "font-semibold"
        }`}
      />
      <FieldProblem pointer={pointer} />
    </span>
  );
}
