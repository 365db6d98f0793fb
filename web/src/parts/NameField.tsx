import { useEditor } from "../edit/RigEditor";
import { getAt } from "../edit/pointer";
import { FieldProblem } from "./FieldProblem";
import { useTyped } from "./useTyped";

export function NameField({
  label,
  pointer,
  big = false,
  ruled = false,
}: {
  label: string;
  pointer: string;
  big?: boolean;
  /** Seen also where it is empty. */
  ruled?: boolean;
}) {
  const { rig, set } = useEditor();
  const kept = String(getAt(rig, pointer) ?? "");
  const { typed, put, back, enter, leave } = useTyped(kept, (name) => set(pointer, name));
  return (
    <span className="block min-w-0 grow">
      <input
        aria-label={label}
        value={typed}
        onChange={(event) => put(event.target.value)}
        onBlur={leave}
        onKeyDown={(event) => {
          if (event.key === "Enter") enter();
          if (event.key === "Escape") back();
        }}
        className={`w-full min-w-0 border-b ${ruled ? "border-act" : "border-transparent"} bg-transparent py-0.5 hover:border-rule focus:border-act ${
          big ? "text-[16px] font-semibold" : "font-semibold"
        }`}
      />
      <FieldProblem pointer={pointer} />
    </span>
  );
}
