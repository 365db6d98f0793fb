import type { Unreadable } from "../api/types";

/** A rig whose document cannot be read: what it was called, why, and the ways out. */
export function UnreadableRow({
  rig,
  onBack,
  onDelete,
}: {
  rig: Unreadable;
  onBack: () => void;
  onDelete: () => void;
}) {
  return (
    <li className="-mx-6 grid items-baseline gap-x-8 gap-y-1 border-b border-rule px-6 py-4 max-md:-mx-3 max-md:px-3 md:grid-cols-[280px_1fr_320px]">
      <span className="min-w-0 text-[16.5px] font-semibold break-words">{rig.name}</span>
      <span className="text-[13.5px]">
        <b className="font-semibold text-fails">cannot be read.</b> {rig.why} Nothing of it is lost.
      </span>
      <span className="flex flex-wrap gap-x-4 text-[13px] font-semibold text-act">
        {rig.earlier > 0 && (
          <button type="button" onClick={onBack}>
            back to step {rig.earlier}
            <span className="sr-only"> of {rig.name}</span>
          </button>
        )}
        <a href={`/api/rigs/${rig.id}/document`}>
          export it as it is<span className="sr-only">: {rig.name}</span>
        </a>
        <button type="button" onClick={onDelete}>
          delete<span className="sr-only"> {rig.name}</span>
        </button>
      </span>
    </li>
  );
}
