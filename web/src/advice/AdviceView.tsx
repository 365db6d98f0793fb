import { keepPreviousData, useMutation, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useNavigate, useParams, useSearchParams } from "react-router";
import { answer, api } from "../api/client";
import { adviceQuery, whyNotQuery } from "../api/queries";
import type { GoodShown, NamedRig, WholeAdvice } from "../api/types";
import { NumberOf } from "../parts/amounts";
import { Button, LEADS_ON } from "../parts/Button";
import { ChoiceOf } from "../parts/Choice";
import { useKeys } from "../parts/keys";
import { RigHead, Trouble } from "../parts/RigHead";
import { Words } from "../parts/Words";
import { capital } from "../units/format";
import { useUnits } from "../units/UnitsProvider";

const GOODS = ["hours", "mass", "price", "holes", "minutes", "seen", "buys"] as const;

type Wishes = Partial<Record<(typeof GOODS)[number], number>>;

/** Whole rigs in place of this one: a few by name, what each wins and gives up, and why another is not there. */
export default function AdviceView() {
  const { id = "" } = useParams();
  const navigate = useNavigate();
  const [search, setSearch] = useSearchParams();
  const { toggle } = useUnits();
  useKeys({ u: toggle, l: () => void navigate(`/rigs/${id}`) });
  const wishes: Wishes = Object.fromEntries(
    GOODS.filter((good) => search.has(good)).map((good) => [good, Number(search.get(good))]),
  );
  const wish = (good: string, value: number | null) => {
    const next = new URLSearchParams(search);
    if (value === null) next.delete(good);
    else next.set(good, String(value));
    setSearch(next, { replace: true });
  };
  const advice = useQuery({ ...adviceQuery(id, wishes), placeholderData: keepPreviousData });
  const taking = useMutation({
    mutationFn: (change: string) =>
      answer(
        api.POST("/api/rigs/{id}/changes/{change}", {
          params: { path: { id, change }, header: { "If-Match": `"${advice.data?.revision ?? 0}"` } },
        }),
      ),
    onSuccess: () => void navigate(`/rigs/${id}`),
  });
  return (
    <div className="flex min-h-screen flex-col md:h-screen">
      <RigHead id={id} at="advice" />
      <Trouble words={taking.error?.message ?? ""} />
      {advice.isPending && <p className="p-7 text-ink-3">Going through whole rigs: a few seconds…</p>}
      {advice.isError && <p className="p-7 text-fails">{advice.error.message}</p>}
      {advice.data && (
        <main className="grid min-h-0 grow grid-cols-1 md:grid-cols-[minmax(0,1fr)_minmax(380px,0.6fr)]">
          <section
            aria-label="Rigs by name"
            tabIndex={0}
            className="min-h-0 overflow-auto px-6 pb-6 max-md:px-3 md:border-r md:border-rule"
          >
            <p className="py-3 text-[16px] font-semibold">{summary(advice.data)}</p>
            {advice.data.relax.map((each) => (
              <p key={each.good} className="text-close">
                {capital(each.words)}:{" "}
                <Words text={{ words: ["nothing keeps within ", "; "], amounts: [each.from] }} />
                <button type="button" className={LEADS_ON} onClick={() => wish(each.good, each.to.si)}>
                  <Words text={{ words: ["with ", " there is one"], amounts: [each.to] }} />
                </button>
              </p>
            ))}
            <ul>
              {advice.data.named.map((each) => (
                <Named key={each.change} id={id} rig={each} advice={advice.data} take={taking.mutate} />
              ))}
            </ul>
          </section>
          <aside
            tabIndex={0}
            role="region"
            aria-label="Wishes and reasons"
            className="min-h-0 overflow-auto bg-sheet px-6 pb-6 max-md:border-t max-md:border-rule max-md:px-3"
          >
            <h2 className="pt-3 pb-1 font-semibold">Wishes</h2>
            {advice.data.goods.map((good) => (
              <Wish key={good.good} good={good} value={wishes[good.good]} onWish={wish} />
            ))}
            <WhyNot id={id} advice={advice.data} />
            <Measure advice={advice.data} />
            <h2 className="pt-5 pb-1 font-semibold">What was gone through</h2>
            <p className="text-[13px] text-ink-2">{gone(advice.data)}</p>
            <p className="pt-1 text-[13px] text-ink-2">
              {advice.data.ruledOut
                .slice(0, 6)
                .map((each) => `${each.rigs.toLocaleString("en")} by ${each.rule}`)
                .join(", ")}
            </p>
            <a href={`/api/rigs/${id}/advice/list`} className={LEADS_ON}>
              all that nothing beats (CSV)
            </a>
          </aside>
        </main>
      )}
    </div>
  );
}

function summary(advice: WholeAdvice): string {
  const count = advice.front.length;
  if (count === 0)
    return advice.relax.length > 0 ? "No rig keeps all of these wishes" : "No whole rig here holds";
  return count === 1 ? "One rig that nothing beats" : `${count} rigs that nothing beats, a few by name`;
}

function gone(advice: WholeAdvice): string {
  const n = (count: number) => count.toLocaleString("en");
  const whole =
    advice.searched === advice.all
      ? `All ${n(advice.all)} rigs`
      : `${n(advice.searched)} rigs of the first answers to each question, of ${n(advice.all)} in all`;
  return `${whole}: ${n(advice.cannot)} cannot be put together, ${n(advice.beaten)} are no better in anything than one shown.`;
}

/** One rig: its names, what it is worth, what it wins and what it gives up. */
function Named({
  id,
  rig,
  advice,
  take,
}: {
  id: string;
  rig: NamedRig;
  advice: WholeAdvice;
  take: (change: string) => void;
}) {
  const other = rig.answers.filter((each) => !each.now);
  return (
    <li className="border-b border-grid py-3">
      <div className="flex flex-wrap items-baseline justify-between gap-x-4">
        <h2 className="text-[15.5px] font-semibold">{capital(rig.titles.join(", "))}</h2>
        <span className="flex gap-4">
          <Link to={`/compare?of=${id}&of=${id}:${rig.change}`} className={LEADS_ON}>
            beside what is planned
          </Link>
          <Button onClick={() => take(rig.change)}>Take it</Button>
        </span>
      </div>
      <p className="flex flex-wrap gap-x-4 text-[13px]">
        {rig.worth.map((amount, i) => (
          <span key={i} className="whitespace-nowrap">
            <span className="text-ink-3">{advice.goods[i]!.words}</span>{" "}
            <Words text={{ words: ["", ""], amounts: [amount] }} strong />
          </span>
        ))}
      </p>
      {rig.wins.words.join("") !== "" && (
        <p className="text-holds">
          <Words text={rig.wins} />
        </p>
      )}
      {rig.gives.words.join("") !== "" && (
        <p className="text-close">
          <Words text={rig.gives} />
        </p>
      )}
      <dl className="grid grid-cols-[minmax(120px,auto)_1fr] gap-x-3 pt-1 text-[13px]">
        {other.map((each) => (
          <div key={each.question} className="contents">
            <dt className="text-ink-3">{each.question}</dt>
            <dd>
              <Words text={each.answer} />
            </dd>
          </div>
        ))}
      </dl>
      {other.length === 0 && <p className="text-[13px] text-ink-2">As it is planned.</p>}
    </li>
  );
}

/** The least or most of one thing, between what there is of it. */
function Wish({
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

/** Asked of any answer: the rule, the rig nearest to it, and what wanting it costs. */
function WhyNot({ id, advice }: { id: string; advice: WholeAdvice }) {
  const [axis, setAxis] = useState(advice.questions[0]!.axis);
  const [choice, setChoice] = useState("");
  const question = advice.questions.find((each) => each.axis === axis)!;
  const why = useQuery({ ...whyNotQuery(id, axis, choice), enabled: choice !== "" });
  return (
    <section aria-label="Why another is not there">
      <h2 className="pt-5 pb-1 font-semibold">Why not another?</h2>
      <ChoiceOf
        label="Of the"
        value={axis}
        options={advice.questions.map((each): [string, string] => [each.axis, each.words])}
        onChange={(next) => {
          setAxis(next as typeof axis);
          setChoice("");
        }}
      />
      <ChoiceOf
        label="Why not"
        value={choice}
        options={[
          ["", "…"],
          ...question.choices.map((each): [string, string] => [each.id, each.label.words.join("")]),
        ]}
        onChange={setChoice}
      />
      {why.isFetching && <p className="text-[13px] text-ink-3">Looking…</p>}
      {why.isError && <p className="text-[13px] text-fails">{why.error.message}</p>}
      {why.data && choice !== "" && (
        <div className="text-[13px]">
          <p>
            <Words text={why.data.says} />
          </p>
          {why.data.rules.map((rule, i) => (
            <p key={i} className="text-fails">
              <Words text={rule} />
            </p>
          ))}
          {why.data.costs.words.join("") !== "" && (
            <p className="text-close">
              Wanting it costs: <Words text={why.data.costs} />
            </p>
          )}
          {why.data.with !== "" && (
            <Link to={`/compare?of=${id}&of=${id}:${why.data.with}`} className={LEADS_ON}>
              the best with it, beside what is planned
            </Link>
          )}
        </div>
      )}
    </section>
  );
}

/** Figures nobody measured, and from where on another rig would be advised. */
function Measure({ advice }: { advice: WholeAdvice }) {
  return advice.measure.length === 0 ? null : (
    <>
      <h2 className="pt-5 pb-1 font-semibold">What to measure first</h2>
      <ul className="text-[13px]">
        {advice.measure.map((each) => (
          <li key={each.what} className="border-b border-grid py-1">
            {capital(each.what)}: taken for <Words text={{ words: ["", ""], amounts: [each.is] }} strong />;{" "}
            <Words
              text={{
                words: ["at ", each.then ? " another rig is advised" : " none of these holds"],
                amounts: [each.turns],
              }}
            />
          </li>
        ))}
      </ul>
    </>
  );
}
