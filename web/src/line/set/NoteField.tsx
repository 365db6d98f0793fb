import { useState } from "react";
import { withNote } from "../../edit/parts";
import { useEditor } from "../../edit/RigEditor";

const LONGEST = 1000;

/** Why a part was chosen, in the person's own words: one line to read, a box to write in once it is opened. */
export function NoteField({ part }: { part: string }) {
  const { rig, save } = useEditor();
  const kept = rig.notes.find((note) => note.part === part)?.text ?? "";
  const [typed, setTyped] = useState<string | null>(null);
  if (typed === null) {
    return (
      <button
        type="button"
        onClick={() => setTyped(kept)}
        className={`block w-full py-[5px] text-left text-[13px] ${kept === "" ? "text-ink-3" : "text-ink-2"}`}
      >
        {kept === "" ? (
          <span className="underline decoration-rule underline-offset-4">note why</span>
        ) : (
          <span className="border-l-2 border-act pl-2 whitespace-pre-line">{kept}</span>
        )}
      </button>
    );
  }
  const commit = () => {
    setTyped(null);
    if (typed.trim() !== kept) save((now) => withNote(now, part, typed));
  };
  return (
    <div className="py-[5px]">
      <textarea
        autoFocus
        aria-label="Note: why it was chosen"
        rows={2}
        maxLength={LONGEST}
        value={typed}
        onChange={(event) => setTyped(event.target.value)}
        onBlur={commit}
        onKeyDown={(event) => {
          if (event.key === "Escape") setTyped(null);
          if (event.key === "Enter" && !event.shiftKey) {
            event.preventDefault();
            commit();
          }
        }}
        className="w-full border border-act bg-transparent px-2 py-1 text-[13px]"
      />
      <p className="text-[12.5px] text-ink-3">Enter keeps it, Shift+Enter begins a line, Escape leaves it.</p>
    </div>
  );
}
