import { useEditor } from "../edit/RigEditor";

/** Of a part that was filled in: that it is only proposed, until the person keeps it. */
export function Proposed({ part }: { part: string }) {
  const { rig, set } = useEditor();
  if (!rig.proposed.includes(part)) return null;
  return (
    <span className="flex shrink-0 items-baseline gap-2 text-[12.5px] font-normal">
      <span className="border border-dashed border-act px-1.5 text-act">proposed</span>
      <button
        type="button"
        onClick={() =>
          set(
            "/proposed",
            rig.proposed.filter((each) => each !== part),
          )
        }
        className="text-ink-3 underline underline-offset-4"
      >
        keep it
      </button>
    </span>
  );
}
