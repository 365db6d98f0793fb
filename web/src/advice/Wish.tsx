import type { Good, GoodShown } from "../api/types";
import { NumberOf } from "../parts/amounts";
import { capital } from "../units/format";

/** The least or most of one thing, between what there is of it. */
export function Wish({
  good,
  value,
  said,
  onWish,
}: {
  good: GoodShown;
  value: number | undefined;
  /** Whether the rig itself says it. */
  said: boolean;
  onWish: (good: Good, value: number | null) => void;
}) {
  return (
    <div className="border-b border-grid py-1">
      <NumberOf
        label={`${capital(good.words)}, at ${good.more ? "least" : "most"}`}
        unit={good.least.unit}
        value={value ?? 0}
        empty={value === undefined}
        onValue={(next) => onWish(good.good, next)}
        onEmpty={() => onWish(good.good, null)}
      />
      {said && <p className="text-[12.5px] text-ink-3">as this rig says; empty it to look further</p>}
      {good.least.si !== good.most.si && (
        <input
          type="range"
          aria-label={`${good.words}, slider`}
          className="w-full accent-act"
          min={good.least.si}
          max={good.most.si}
          step="any"
          value={value ?? (good.more ? good.least.si : good.most.si)}
          onChange={(event) => onWish(good.good, Number(event.target.value))}
        />
      )}
    </div>
  );
}
