import { Button } from "../parts/Button";
import { Kbd } from "../parts/Kbd";
import { nextItem, type Numbered } from "./useBuild";

/** How far it is; on a telephone the one large button that a thumb meets. */
export function Foot({
  done,
  all,
  selected,
  onTick,
  onNext,
}: {
  done: number;
  all: number;
  selected: Numbered | undefined;
  onTick: () => void;
  onNext: () => void;
}) {
  const item = selected && nextItem(selected);
  const check = selected?.step.checks.findIndex((each) => each.id === item) ?? -1;
  return (
    <footer className="flex items-center gap-4 border-t border-rule bg-sheet px-6 py-2 max-md:fixed max-md:inset-x-0 max-md:bottom-0 max-md:z-10 max-md:px-3">
      <span className="flex gap-4 text-ink-2 max-md:hidden">
        <span>
          <Kbd>space</Kbd> tick
        </span>
        <span>
          <Kbd>j</Kbd> <Kbd>k</Kbd> next, before
        </span>
        <span>
          <Kbd>m</Kbd> note
        </span>
        <span>
          <Kbd>p</Kbd> photo
        </span>
        <span>
          <Kbd>d</Kbd> days
        </span>
      </span>
      <Button className="grow md:hidden" onClick={() => (item === undefined ? onNext() : onTick())}>
        {item === undefined
          ? "next step"
          : check >= 0
            ? `seen, ${check + 1} of ${selected!.step.checks.length}`
            : `step ${selected?.number ?? ""} is done`}
      </Button>
      <span className="ml-auto font-semibold whitespace-nowrap" role="status">
        {done} of {all} done
      </span>
    </footer>
  );
}
