import { useId, useRef, useState } from "react";
import { useEditor } from "../edit/RigEditor";
import { getAt } from "../edit/pointer";

/** A choice among words at a pointer of the rig. */
export function Choice({
  label,
  pointer,
  options,
}: {
  label: string;
  pointer: string;
  options: [string, string][];
}) {
  const { rig, set } = useEditor();
  return (
    <ChoiceOf
      label={label}
      value={String(getAt(rig, pointer))}
      options={options}
      field={pointer}
      onChange={(value) => set(pointer, value)}
    />
  );
}

/** By pointer a choice counts at once; by keys, which pass over others on the way, with Enter or when one leaves. */
export function ChoiceOf({
  label,
  value,
  options,
  field,
  onChange,
}: {
  label: string;
  value: string;
  options: [string, string][];
  /** Pointer of what it chooses, by which it is found where that is wanted. */
  field?: string;
  onChange: (value: string) => void;
}) {
  const id = useId();
  const keyed = useRef(false);
  const [pending, setPending] = useState<string | null>(null);
  const commit = () => {
    if (pending !== null && pending !== value) onChange(pending);
    setPending(null);
  };
  return (
    <div className="flex items-baseline justify-between gap-3 py-[5px]">
      <label htmlFor={id}>{label}</label>
      <select
        id={id}
        data-field={field}
        value={pending ?? value}
        onPointerDown={() => {
          keyed.current = false;
        }}
        onKeyDown={(event) => {
          keyed.current = true;
          if (event.key === "Escape") setPending(null);
          if (event.key === "Enter" && pending !== null) {
            event.preventDefault();
            commit();
          }
        }}
        onBlur={() => {
          keyed.current = false;
          commit();
        }}
        onChange={(event) => {
          if (keyed.current) setPending(event.target.value);
          else onChange(event.target.value);
        }}
        className="max-w-[60%] border-b border-act py-0.5 pr-1 font-semibold text-act"
      >
        {options.map(([key, words]) => (
          <option key={key} value={key}>
            {words}
          </option>
        ))}
      </select>
    </div>
  );
}

export function Tick({ label, pointer }: { label: string; pointer: string }) {
  const { rig, set } = useEditor();
  return (
    <label className="flex items-center justify-between gap-3 py-[5px]">
      <span>{label}</span>
      <input
        type="checkbox"
        className="size-4 accent-[var(--act)]"
        checked={getAt(rig, pointer) === true}
        onChange={(event) => set(pointer, event.target.checked)}
      />
    </label>
  );
}
