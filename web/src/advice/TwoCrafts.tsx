import { useQuery } from "@tanstack/react-query";
import { advisedPairsQuery, shelfQuery } from "../api/queries";
import type { GoodShown, PairShown } from "../api/types";
import { ChoiceOf } from "../parts/Choice";
import { capital } from "../units/format";
import { useUnits } from "../units/UnitsProvider";
import { Answers } from "./Answers";
import { BesidePlanned } from "./BesidePlanned";
import { WorthRow } from "./WorthRow";

/** This rig and one on another craft, for another season: what they share, what is bought for each, what going to and fro takes. */
export function TwoCrafts({
  id,
  name,
  goods,
  other,
  put,
}: {
  id: string;
  name: string;
  goods: GoodShown[];
  other: string | null;
  put: (key: string, value: string | null) => void;
}) {
  const shelf = useQuery(shelfQuery);
  const rigs = (shelf.data ?? []).filter((each) => each.id !== id);
  const there = rigs.find((each) => each.id === other);
  const pairs = useQuery({ ...advisedPairsQuery(id, other ?? ""), enabled: there !== undefined });
  return (
    <section
      aria-label="With another craft"
      tabIndex={0}
      className="h-full overflow-auto px-6 pb-6 max-md:px-3"
    >
      <div className="max-w-[460px] pt-2">
        <ChoiceOf
          label="With the rig"
          value={there?.id ?? ""}
          options={[["", "…"], ...rigs.map((each): [string, string] => [each.id, each.name])]}
          onChange={(next) => put("with", next === "" ? null : next)}
        />
      </div>
      {!there && (
        <p className="pt-2 text-[13px] text-ink-2">
          Two crafts, one display: choose the rig of the other season, and both are advised together. What
          both can use is bought once; what that costs in minutes at each change is told.
        </p>
      )}
      {there && pairs.isPending && (
        <p className="pt-2 text-ink-3">Going through whole rigs of both: a few seconds…</p>
      )}
      {pairs.isError && <p className="pt-2 text-fails">{pairs.error.message}</p>}
      {there && pairs.data?.length === 0 && (
        <p className="pt-2 text-[16px] font-semibold">On one of the two no whole rig holds</p>
      )}
      {there &&
        pairs.data?.map((each) => (
          <OnePair
            key={each.titles.join()}
            pair={each}
            goods={goods}
            ids={[id, there.id]}
            names={[name, there.name]}
          />
        ))}
    </section>
  );
}

function OnePair({
  pair,
  goods,
  ids,
  names,
}: {
  pair: PairShown;
  goods: GoodShown[];
  ids: [string, string];
  names: [string, string];
}) {
  const { amount } = useUnits();
  const saved = pair.apart.si - pair.price.si;
  return (
    <article className="border-b border-grid py-3">
      <h2 className="text-[15.5px] font-semibold">{capital(pair.titles.join(", "))}</h2>
      <p>
        {pair.shared.length === 0 ? "Nothing is shared" : `One ${pair.shared.join(" and one ")} for both`}:{" "}
        <b className="font-semibold">{amount(pair.price)}</b> still to pay
        {saved > 0.5 && `, ${amount({ ...pair.apart, si: saved })} less than with two`}
        {pair.shared.length > 0 && `; ${amount(pair.minutes)} and ${pair.plugs} plugs at each change`}.
      </p>
      {pair.seconds.map((each) => (
        <p key={each.item} className="text-[13px] text-ink-2">
          A second {each.name}
          {each.price?.kind === "given"
            ? ` for ${amount({ si: each.price.value, unit: "money" })} `
            : ", whose price nobody said, "}
          saves {amount({ si: each.savesMin, unit: "minute" })} of that
          {each.plugs > 0 && ` and ${each.plugs} plugs`}.
        </p>
      ))}
      {pair.twice.length > 0 && (
        <p className="text-[13px] text-ink-2">
          Bought for each:{" "}
          {pair.twice
            .map((each) =>
              each.here === each.there
                ? `${each.kind} (${each.here})`
                : `${each.kind} (${each.here} · ${each.there})`,
            )
            .join("; ")}
          .
        </p>
      )}
      {[pair.here, pair.there].map((side, i) => (
        <div key={ids[i]} className="pt-2">
          <p className="flex flex-wrap items-baseline justify-between gap-x-4">
            <b className="font-semibold">{names[i]}</b>
            <BesidePlanned id={ids[i]!} change={side.change} />
          </p>
          <WorthRow id={ids[i]!} change={side.change} worth={side.worth} goods={goods} />
          <Answers answers={side.answers} />
        </div>
      ))}
    </article>
  );
}
