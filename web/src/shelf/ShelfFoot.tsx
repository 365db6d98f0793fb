import { Kbd } from "../parts/Kbd";

/** The keys of the shelf, and what concerns all rigs. */
export function ShelfFoot({ onDeleted }: { onDeleted: () => void }) {
  return (
    <footer className="sticky bottom-0 flex min-h-[44px] flex-wrap items-center gap-x-5 gap-y-1 border-t border-rule bg-sheet px-6 py-1.5 text-ink-3 max-md:px-3">
      <span className="flex flex-wrap items-center gap-x-3 max-md:hidden">
        <span>
          <Kbd>↑</Kbd> <Kbd>↓</Kbd> move
        </span>
        <span>
          <Kbd>enter</Kbd> open
        </span>
        <span>
          <Kbd>space</Kbd> pick two to four to compare
        </span>
        <span>
          <Kbd>d</Kbd> duplicate
        </span>
        <span>
          <Kbd>delete</Kbd> delete
        </span>
      </span>
      <span className="ml-auto flex gap-5">
        <button type="button" onClick={onDeleted} className="underline decoration-rule underline-offset-4">
          deleted rigs
        </button>
        <a href="/api/backup" className="underline decoration-rule underline-offset-4">
          back up everything
        </a>
        <a href="/licences.html" className="underline decoration-rule underline-offset-4">
          licences
        </a>
      </span>
    </footer>
  );
}
