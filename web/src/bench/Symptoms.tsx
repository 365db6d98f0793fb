import { queryOptions, useQuery } from "@tanstack/react-query";
import { Link, useSearchParams } from "react-router";
import { answer, api } from "../api/client";
import type { Asking, CureStep, Symptom, SymptomCase } from "../api/types";
import { Button, LEADS_ON } from "../parts/Button";
import { LINK_NAMES } from "../parts/verdicts";
import { Words } from "../parts/Words";
import { says } from "../units/format";

const symptomsQuery = (id: string) =>
  queryOptions({
    queryKey: ["symptoms", id],
    queryFn: () => answer(api.GET("/api/rigs/{id}/symptoms", { params: { path: { id } } })),
    staleTime: 0,
  });

const caseQuery = (id: string, symptom: Symptom, answers: string[]) =>
  queryOptions({
    queryKey: ["symptoms", id, symptom, answers],
    queryFn: () =>
      answer(
        api.GET("/api/rigs/{id}/symptoms/{symptom}", {
          params: { path: { id, symptom }, query: { answer: answers } },
        }),
      ),
    placeholderData: (before) => (before?.symptom === symptom ? before : undefined),
    staleTime: 0,
  });

/** From what a person sees to why: one question after the other, each with what its answers mean. */
export function Symptoms({ id }: { id: string }) {
  const [search, setSearch] = useSearchParams();
  const all = useQuery(symptomsQuery(id));
  const symptom = all.data?.find((each) => each.symptom === search.get("sees"))?.symptom;
  const answers = search.getAll("answer");
  const go = (sees: string, given: string[]) => {
    const next = new URLSearchParams({ by: "sight", sees });
    given.forEach((each) => next.append("answer", each));
    setSearch(next);
  };
  return (
    <main className="grid min-h-0 grow grid-cols-1 md:grid-cols-[280px_minmax(0,1fr)]">
      <nav
        aria-label="What it does"
        className="min-h-0 overflow-auto px-6 py-3 max-md:px-3 md:border-r md:border-rule"
      >
        <p className="pb-1 text-[13px] text-ink-3">What does it do?</p>
        {all.isError && <p className="text-fails">{all.error.message}</p>}
        <ul>
          {all.data?.map((each) => (
            <li key={each.symptom} className={each.symptom !== symptom && symptom ? "max-md:hidden" : ""}>
              <button
                type="button"
                aria-pressed={each.symptom === symptom}
                onClick={() => go(each.symptom === symptom ? "" : each.symptom, [])}
                className={`w-full border-b border-grid py-2 text-left max-md:min-h-[44px] ${
                  each.symptom === symptom ? "font-semibold text-act" : "text-ink"
                }`}
              >
                {each.words}
              </button>
            </li>
          ))}
        </ul>
      </nav>
      {symptom ? (
        <Case
          key={symptom}
          id={id}
          symptom={symptom}
          answers={answers}
          onAnswers={(given) => go(symptom, given)}
        />
      ) : (
        <p className="max-w-[54ch] bg-sheet px-6 py-3 text-ink-2 max-md:hidden">
          Choose what you see. Each next question is the one that tells most, with the volts that this very
          rig should have; what is mended comes in the order clean, set, charge, feed, battery.
        </p>
      )}
    </main>
  );
}

function Case({
  id,
  symptom,
  answers,
  onAnswers,
}: {
  id: string;
  symptom: Symptom;
  answers: string[];
  onAnswers: (answers: string[]) => void;
}) {
  const { data, isError, error } = useQuery(caseQuery(id, symptom, answers));
  if (isError) return <p className="p-6 text-fails">{error.message}</p>;
  if (!data) return <p className="p-6 text-ink-3">Weighing the causes…</p>;
  return (
    <section
      aria-label="Why it may be so"
      tabIndex={0}
      className="min-h-0 overflow-auto bg-sheet px-6 py-3 max-md:border-t max-md:border-rule max-md:px-3"
    >
      <p role="status" className="text-[16px] font-semibold">
        <Words text={data.says} />
      </p>
      {says(data.beyond) && (
        <p className="my-2 max-w-[68ch] border-l-2 border-close pl-3 text-ink-2">
          <Words text={data.beyond} />
        </p>
      )}
      {data.next.length > 0 && (
        <>
          <h2 className="pt-4 font-semibold">Ask next, what tells most first</h2>
          <ol>
            {data.next.map((asking) => (
              <Question
                key={asking.test}
                asking={asking}
                onAnswer={(yes) => onAnswers([...answers, (yes ? "y" : "n") + asking.test])}
              />
            ))}
          </ol>
        </>
      )}
      <Cures id={id} cures={data.cures} />
      <Shares it={data} />
      <Asked it={data} answers={answers} onAnswers={onAnswers} />
    </section>
  );
}

function Question({ asking, onAnswer }: { asking: Asking; onAnswer: (yes: boolean) => void }) {
  return (
    <li className="border-b border-grid py-2.5">
      <p className="font-semibold">
        <Words text={asking.question} />
      </p>
      <p className="text-[13px] text-ink-2">
        <Words text={asking.how} />{" "}
        <span className="text-ink-3">
          {asking.minutes === 60 ? "An hour" : `${asking.minutes} min`}; tells {asking.bits.toFixed(2)} bits.
        </span>
      </p>
      <div className="grid gap-x-4 gap-y-1.5 pt-1.5 sm:grid-cols-[auto_1fr_auto_1fr] sm:items-baseline">
        <Button className="max-md:min-h-[44px]" onClick={() => onAnswer(true)}>
          yes
        </Button>
        <span className="text-[13px] text-ink-2">
          <Words text={asking.ifYes} />
        </span>
        <Button className="max-md:min-h-[44px]" onClick={() => onAnswer(false)}>
          no
        </Button>
        <span className="text-[13px] text-ink-2">
          <Words text={asking.ifNo} />
        </span>
      </div>
    </li>
  );
}

function Cures({ id, cures }: { id: string; cures: CureStep[] }) {
  return (
    <>
      <h2 className="pt-5 font-semibold">In this order, one at a time</h2>
      <ol>
        {cures.map((cure, i) => (
          <li
            key={cure.cause}
            className="grid grid-cols-[24px_64px_1fr] items-baseline border-b border-grid py-2"
          >
            <span className="text-ink-3">{i + 1}</span>
            <span className="text-[13px] text-ink-3">{cure.tier}</span>
            <span>
              <span className="font-semibold">{cure.what}</span>
              <span className="block text-[13px] text-ink-2">
                {cure.cure}{" "}
                <Link to={`/rigs/${id}/${cure.link}?pane=compare`} className={LEADS_ON}>
                  {cure.tier === "clean" || cure.tier === "charge" ? "see" : "change it under"}{" "}
                  {LINK_NAMES[cure.link]}
                </Link>
                {cure.cause === "dirty-contact" && (
                  <>
                    {" · "}
                    <Link to={`/rigs/${id}/bench`} className={LEADS_ON}>
                      which contact: by the meter
                    </Link>
                  </>
                )}
              </span>
            </span>
          </li>
        ))}
      </ol>
    </>
  );
}

function Shares({ it }: { it: SymptomCase }) {
  return (
    <>
      <h2 className="pt-5 pb-1 font-semibold">How likely each is</h2>
      <ul>
        {it.likely.map((each) => (
          <li
            key={each.cause}
            className="grid grid-cols-[minmax(0,1fr)_160px_48px] items-center gap-3 py-0.5 max-md:grid-cols-[minmax(0,1fr)_70px_44px]"
          >
            <span>
              {each.what}
              {says(each.because) && (
                <span className="block text-[13px] text-ink-3">
                  the plan says so itself: <Words text={each.because} />
                </span>
              )}
            </span>
            <span className="h-2 bg-grid">
              <span className="block h-full bg-ink-3" style={{ width: `${each.share * 100}%` }} />
            </span>
            <span className="text-right">{Math.round(each.share * 100)} %</span>
          </li>
        ))}
      </ul>
    </>
  );
}

function Asked({
  it,
  answers,
  onAnswers,
}: {
  it: SymptomCase;
  answers: string[];
  onAnswers: (answers: string[]) => void;
}) {
  if (it.asked.length === 0) return null;
  return (
    <>
      <h2 className="pt-5 pb-1 font-semibold">Answered</h2>
      <ul>
        {it.asked.map((each) => (
          <li key={each.test} className="flex items-baseline gap-3 border-b border-grid py-1 text-[13px]">
            <span className="min-w-0 grow">
              <Words text={each.question} /> <b className="font-semibold">{each.yes ? "yes" : "no"}</b>
            </span>
            <button
              type="button"
              className={LEADS_ON}
              aria-label={`take the answer back: ${each.test}`}
              onClick={() => onAnswers(answers.filter((one) => one.slice(1) !== each.test))}
            >
              take it back
            </button>
          </li>
        ))}
      </ul>
    </>
  );
}
