import type { GoodShown } from "../api/types";
import { NumberOf } from "../parts/amounts";
import { capital } from "../units/format";

/** The least or most of one thing, between what there is of it. */
export function Wish({
  good,
  value,
  onWish,
}: {
  good: GoodShown;
  value: number | undefined;
  onWish: (good: string, value: number | null) => void;
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
