import type { ReactNode } from "react";
import { useEditor } from "../../edit/RigEditor";
import { Proposed } from "../../parts/Proposed";
import { NoteField } from "./NoteField";

/** A titled part of the Set pane. */
export function Section({
  title,
  aside,
  part,
  children,
}: {
  title: ReactNode;
  aside?: ReactNode;
  /** Id of the part it is about, where that can carry a note. */
  part?: string;
  children: ReactNode;
}) {
  return (
    <section className="mb-4">
      <div className="flex items-baseline gap-3 border-b border-rule pb-0.5">
        <div className="min-w-0 grow text-[14.5px] font-semibold">{title}</div>
        {part !== undefined && <Proposed part={part} />}
        {aside}
      </div>
      {children}
      {part !== undefined && <NoteField part={part} />}
    </section>
  );
}

export function Remove({ what, onClick }: { what: string; onClick: () => void }) {
  return (
    <button
      type="button"
      onClick={onClick}
      className="shrink-0 text-[12.5px] text-ink-3 underline underline-offset-4"
    >
      remove<span className="sr-only"> {what}</span>
    </button>
  );
}

/** Takes a part out with all that named it, by the change that says so: `carry.without.box`. */
export function RemovePart({ change, id, name }: { change: string; id: string; name: string }) {
  const { take } = useEditor();
  return <Remove what={name} onClick={() => take(`${change}.${id}`)} />;
}

/** Figures that few people change. */
export function More({ words = "less often needed", children }: { words?: string; children: ReactNode }) {
  return (
    <details>
      <summary className="cursor-pointer py-1 text-[13px] text-ink-3">{words}</summary>
      {children}
    </details>
  );
}
