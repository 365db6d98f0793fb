import { type KeyboardEvent, useEffect, useRef } from "react";
import { useNavigate } from "react-router";
import type { Link, LinkState, Review } from "../api/types";
import { LINK_NAMES, VERDICT_COLOURS, VERDICT_WORDS } from "../parts/verdicts";
import { Words } from "../parts/Words";
import { useUnits } from "../units/UnitsProvider";
import { Joint, Stretch } from "./Joint";

/** The nine links on one drawn cable; arrows move along it. */
export function CableStrip({
  id,
  review,
  selected,
  onAssumed,
}: {
  id: string;
  review: Review;
  selected: Link;
  onAssumed: (link: Link) => void;
}) {
  const navigate = useNavigate();
  const strip = useRef<HTMLElement>(null);
  // on a telephone the strip is pushed along: what is looked at is in sight
  useEffect(() => {
    strip.current
      ?.querySelector<HTMLElement>(`[data-link="${selected}"]`)
      ?.scrollIntoView?.({ inline: "center", block: "nearest" });
  }, [selected]);
  const onKeyDown = (event: KeyboardEvent) => {
    const by = event.key === "ArrowRight" ? 1 : event.key === "ArrowLeft" ? -1 : 0;
    if (by !== 0) {
      event.preventDefault();
      const now = review.links.findIndex((state) => state.link === selected);
      const next = review.links[(now + by + review.links.length) % review.links.length]!;
      void navigate(`/rigs/${id}/${next.link}`);
      strip.current?.querySelector<HTMLElement>(`[data-link="${next.link}"]`)?.focus();
    }
  };
  return (
    <nav
      ref={strip}
      aria-label="The line"
      onKeyDown={onKeyDown}
      className="grid grid-cols-9 border-b border-rule bg-sheet px-6 max-md:px-2 max-sm:flex max-sm:overflow-x-auto"
    >
      {review.links.map((state) => (
        <LinkCell
          key={state.link}
          state={state}
          assumed={review.assumed.filter((each) => each.links.includes(state.link)).length}
          selected={state.link === selected}
          onSelect={() => void navigate(`/rigs/${id}/${state.link}`)}
          onAssumed={() => onAssumed(state.link)}
        />
      ))}
    </nav>
  );
}

/** Characters that fit a cell in its usual lettering. */
const LONGEST = 14;

function LinkCell({
  state,
  assumed,
  selected,
  onSelect,
  onAssumed,
}: {
  state: LinkState;
  assumed: number;
  selected: boolean;
  onSelect: () => void;
  onAssumed: () => void;
}) {
  const { text } = useUnits();
  const verdict = state.kind === "judged" ? state.verdict : "unset";
  const long = state.kind === "judged" && text(state.number).length > LONGEST;
  return (
    <div
      className={`relative h-[132px] min-w-0 max-sm:min-w-[124px] max-sm:grow ${selected ? "bg-act-soft" : "hover:bg-paper"}`}
    >
      <button
        type="button"
        data-link={state.link}
        aria-current={selected ? "page" : undefined}
        onClick={onSelect}
        className="flex h-full w-full flex-col items-stretch pt-[8px]"
      >
        <span className={`text-[13px] ${selected ? "font-semibold text-ink" : "font-medium text-ink-2"}`}>
          {LINK_NAMES[state.link]}
        </span>
        <span className="flex items-center">
          <Stretch verdict={verdict} />
          <Joint verdict={verdict} />
          <Stretch verdict={verdict} />
        </span>
        <span className="flex h-[30px] items-center justify-center">
          <span
            className={`px-1 font-semibold ${long ? "line-clamp-2 text-[13.5px] leading-[15px]" : "truncate text-[16.5px] leading-6"} ${verdict === "fails" ? "text-fails" : "text-ink"}`}
          >
            {state.kind === "judged" ? <Words text={state.number} /> : "–"}
          </span>
        </span>
        <span className={`text-[12.5px] leading-4 ${VERDICT_COLOURS[verdict]}`}>
          {VERDICT_WORDS[verdict]}
        </span>
        <MarginBar state={state} />
      </button>
      {assumed > 0 && (
        <button
          type="button"
          onClick={onAssumed}
          className="absolute inset-x-0 bottom-[3px] mx-auto flex w-fit items-end px-1 text-[12px] leading-4 text-ink-3 underline decoration-rule decoration-dotted underline-offset-2 hover:text-ink"
        >
          we guessed {assumed}
          <span className="sr-only"> for {LINK_NAMES[state.link]}: list them</span>
        </button>
      )}
    </div>
  );
}

function MarginBar({ state }: { state: LinkState }) {
  if (state.kind !== "judged") {
    return null;
  }
  const margin = Math.round(state.margin * 100);
  return (
    <span
      role="img"
      aria-label={`margin ${margin} of 100`}
      className="mx-auto mt-[5px] block h-1 w-[78px] max-w-[80%] bg-track"
    >
      <span
        className={`block h-1 ${state.verdict === "close" ? "bg-close" : state.verdict === "fails" ? "bg-fails" : "bg-holds"}`}
        style={{ width: `${margin}%` }}
      />
    </span>
  );
}
