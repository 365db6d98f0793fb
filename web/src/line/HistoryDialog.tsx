import { useInfiniteQuery } from "@tanstack/react-query";
import { answer, api } from "../api/client";
import type { HistoryEntry } from "../api/types";
import { useEditor } from "../edit/RigEditor";
import { Button } from "../parts/Button";
import { Modal } from "../parts/Modal";
import { when } from "../parts/when";
import { Words } from "../parts/Words";

/** Every kept state of the rig with what it changed; any of them can be gone back to. */
export function HistoryDialog({ onClose }: { onClose: () => void }) {
  const { saved } = useEditor();
  const id = saved.id;
  const pages = useInfiniteQuery({
    queryKey: ["rig", id, saved.revision, "history"],
    queryFn: ({ pageParam }) =>
      answer(
        api.GET("/api/rigs/{id}/revisions", {
          params: { path: { id }, query: pageParam === 0 ? {} : { before: pageParam } },
        }),
      ),
    initialPageParam: 0,
    getNextPageParam: (last) => (last.more ? last.entries[last.entries.length - 1]!.number : undefined),
  });
  const entries = pages.data?.pages.flatMap((page) => page.entries) ?? [];
  return (
    <Modal
      open
      onClose={onClose}
      title="History"
      about="Every step that was kept, the newest first. Going back takes nothing away: the later steps stay."
    >
      {pages.isPending && <p className="text-ink-3">Looking back…</p>}
      {pages.isError && <p className="text-fails">{pages.error.message}</p>}
      <ol>
        {entries.map((entry, i) => (
          <Step
            key={entry.number}
            entry={entry}
            branches={entries[i + 1] !== undefined && entry.parent !== entries[i + 1]!.number}
          />
        ))}
      </ol>
      {pages.hasNextPage && (
        <Button
          look="quiet"
          className="mt-3"
          disabled={pages.isFetching}
          onClick={() => void pages.fetchNextPage()}
        >
          Older ones
        </Button>
      )}
    </Modal>
  );
}

function Step({ entry, branches }: { entry: HistoryEntry; branches: boolean }) {
  const { go, busy } = useEditor();
  return (
    <li
      className={`-mx-6 grid grid-cols-[52px_1fr_auto] gap-x-3 border-t border-rule px-6 py-2 ${entry.head ? "bg-act-soft" : ""}`}
    >
      <span className="font-semibold text-ink-3">{entry.number}</span>
      <div>
        {entry.parent === 0 && <p>The beginning.</p>}
        {entry.changes.map((change, i) => (
          <p key={i}>
            <Words text={change} strong />
          </p>
        ))}
        <p className="text-[12.5px] text-ink-3">
          {when(entry.savedAt)}
          {branches && entry.parent > 0 && ` · from ${entry.parent}`}
        </p>
      </div>
      {entry.head ? (
        <span className="text-ink-2">here now</span>
      ) : (
        <Button
          look="quiet"
          aria-label={`Go there, revision ${entry.number}`}
          className="self-start"
          disabled={busy}
          onClick={() => go(entry.number)}
        >
          Go there
        </Button>
      )}
    </li>
  );
}
