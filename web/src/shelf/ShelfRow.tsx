import { Link } from "react-router";
import type { ShelfEntry } from "../api/types";
import { Joint, Stretch } from "../drawing/Joint";
import { useNarrow } from "../parts/narrow";
import { LINK_NAMES, VERDICT_COLOURS, VERDICT_WORDS } from "../parts/verdicts";
import { Words } from "../parts/Words";

/** One rig: its name, its drawn line, what gives first; and what can be done with it. */
export function ShelfRow({
  entry,
  picked,
  onPick,
  onDuplicate,
  onDelete,
}: {
  entry: ShelfEntry;
  picked: boolean;
  onPick: () => void;
  onDuplicate: () => void;
  onDelete: () => void;
}) {
  return (
    <li
      data-rig={entry.id}
      className={`group relative -mx-6 border-b border-rule px-6 focus-within:bg-act-soft hover:bg-act-soft max-md:-mx-3 max-md:px-3 ${picked ? "bg-act-soft" : ""}`}
    >
      <Link
        to={`/rigs/${entry.id}/${entry.weakest}`}
        className="grid grid-cols-[minmax(0,1fr)] items-center gap-x-8 py-4 pb-8 md:grid-cols-[280px_1fr_320px] md:pb-4"
      >
        <span className="min-w-0">
          <span className="block text-[16.5px] font-semibold break-words">{entry.name}</span>
          <span className="text-[13px] text-ink-2">{entry.carried}</span>
        </span>
        <Drawn entry={entry} />
        <span className="text-[13.5px] md:pb-4">
          <b className="font-semibold">{LINK_NAMES[entry.weakest]}</b>{" "}
          <span className={VERDICT_COLOURS[entry.verdict]}>{VERDICT_WORDS[entry.verdict]}:</span>{" "}
          <Words text={entry.says} />
        </span>
      </Link>
      <span className="absolute right-6 bottom-1.5 flex w-[320px] gap-4 text-[13px] font-semibold text-act opacity-0 group-focus-within:opacity-100 group-hover:opacity-100 max-md:right-auto max-md:left-3 max-md:opacity-100 [@media(hover:none)]:opacity-100">
        <label className="flex items-center gap-1.5">
          <input
            type="checkbox"
            checked={picked}
            onChange={onPick}
            className="size-3.5 accent-[var(--act)]"
          />
          compare<span className="sr-only"> {entry.name}</span>
        </label>
        <button type="button" onClick={onDuplicate}>
          duplicate<span className="sr-only"> {entry.name}</span>
        </button>
        <a href={`/api/rigs/${entry.id}/export`}>
          export<span className="sr-only"> {entry.name}</span>
        </a>
        <button type="button" onClick={onDelete}>
          delete<span className="sr-only"> {entry.name}</span>
        </button>
      </span>
    </li>
  );
}

function Drawn({ entry }: { entry: ShelfEntry }) {
  const wide = useNarrow() ? 40 : 44;
  return (
    <span className="flex min-w-0 max-md:my-2" aria-hidden="true">
      {entry.links.map((state) => {
        const each = state.kind === "judged" ? state.verdict : "unset";
        return (
          <span key={state.link} className="flex min-w-0 grow items-center">
            <Stretch verdict={each} />
            <Joint verdict={each} wide={wide} />
            <Stretch verdict={each} />
          </span>
        );
      })}
    </span>
  );
}
