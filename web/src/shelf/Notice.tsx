import { Kbd } from "../parts/Kbd";
import type { Told } from "./useShelf";

/** What was done last, and how it is taken back. */
export function Notice({ told, onClose }: { told: Told; onClose: () => void }) {
  return (
    <div
      role="status"
      className={`-mx-6 flex items-baseline gap-5 border-b border-rule bg-sheet px-6 py-2 max-md:-mx-3 max-md:px-3 ${told.fault ? "text-fails" : ""}`}
    >
      <span className="grow">{told.words}</span>
      {told.undo && (
        <button type="button" onClick={told.undo} className="font-semibold text-act">
          Bring it back <Kbd>z</Kbd>
        </button>
      )}
      <button type="button" onClick={onClose} className="text-ink-3 underline underline-offset-4">
        dismiss
      </button>
    </div>
  );
}
