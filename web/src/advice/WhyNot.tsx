import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { whyNotQuery } from "../api/queries";
import type { WholeAdvice, WhyNotShown } from "../api/types";
import { ChoiceOf } from "../parts/Choice";
import { Opened } from "../parts/Opened";
import { Words } from "../parts/Words";
import { capital, says } from "../units/format";
import { BesidePlanned } from "./BesidePlanned";
import { Because } from "./GoneThrough";
import { Mended } from "./Mended";

/** Asked of any answer: the rule, the rig nearest to it, and what wanting it costs. */
export function WhyNot({ id, advice }: { id: string; advice: WholeAdvice }) {
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
      {why.data && choice !== "" && <Answered id={id} why={why.data} />}
    </section>
  );
}

function Answered({ id, why }: { id: string; why: WhyNotShown }) {
  const beside = (change: string, words: string) =>
    change !== "" && (
      <p>
        <BesidePlanned id={id} change={change} words={words} />
      </p>
    );
  return (
    <div className="text-[13px]">
      <p>
        <Words text={why.says} />
      </p>
      {why.rules.map((rule, i) => (
        <p key={i} className="text-fails">
          {capital(rule.link)}: <Words text={rule.says} />
        </p>
      ))}
      {says(why.costs) && (
        <p className="text-close">
          Wanting it costs: <Words text={why.costs} />
        </p>
      )}
      {why.with === "" && why.ruledOut.length > 0 && <Because id={id} all={why.ruledOut} />}
      {beside(why.with, "the best with it, beside what is planned")}
      {beside(why.tried, "the nearest with it, beside what is planned")}
      {why.tried !== "" && (
        <Opened summary={<summary className="cursor-pointer">What may be done about it</summary>}>
          <Mended id={id} change={why.tried} verdict="fails" />
        </Opened>
      )}
      {why.tried !== "" && beside(why.nearest, "the nearest that holds, beside what is planned")}
    </div>
  );
}
