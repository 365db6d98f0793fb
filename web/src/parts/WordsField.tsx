import { NameField } from "./NameField";

/** A few words beside what they say, as on a line of figures. */
export function WordsField({ label, hint, pointer }: { label: string; hint?: string; pointer: string }) {
  return (
    <div className="flex items-baseline justify-between gap-3 border-b border-grid py-1">
      <span className="text-[14px] text-ink-2">
        {label} {hint && <span className="text-[12.5px] text-ink-3">{hint}</span>}
      </span>
      <span className="w-40">
        <NameField label={label} pointer={pointer} ruled />
      </span>
    </div>
  );
}
