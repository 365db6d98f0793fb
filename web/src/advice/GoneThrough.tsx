import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect } from "react";
import { Link } from "react-router";
import { answer, api } from "../api/client";
import { allGoneQuery } from "../api/queries";
import type { RuledOut, WholeAdvice } from "../api/types";
import { Button, LEADS_ON } from "../parts/Button";

/** So many rules are told at once. */
const TOLD = 6;

/** What the search looked at and why rigs went; all there are can be gone through. */
export function GoneThrough({ id, advice }: { id: string; advice: WholeAdvice }) {
  return (
    <section aria-label="What was gone through">
      <h2 className="pt-5 pb-1 font-semibold">What was gone through</h2>
      <p className="text-[13px] text-ink-2">{gone(advice)}</p>
      <AllOfThem id={id} advice={advice} />
      <Because id={id} all={advice.ruledOut} />
      {advice.named.length > 0 && (
        <a href={`/api/rigs/${id}/advice/list`} className={LEADS_ON}>
          all that nothing beats (CSV)
        </a>
      )}
    </section>
  );
}

/** Rules that rule out, in words, leading to their link. */
export function Because({ id, all }: { id: string; all: RuledOut[] }) {
  return (
    <ul className="pt-1 text-[13px] text-ink-2">
      {all.slice(0, TOLD).map((each) => (
        <li key={each.rule}>
          {count(each.rigs)} because{" "}
          <Link to={`/rigs/${id}/${each.link}?pane=why`} className={LEADS_ON}>
            {each.words}
          </Link>
        </li>
      ))}
    </ul>
  );
}

function AllOfThem({ id, advice }: { id: string; advice: WholeAdvice }) {
  const queries = useQueryClient();
  const going = useQuery({
    ...allGoneQuery(id),
    refetchInterval: ({ state }) => (state.data?.running ? 1000 : false),
  });
  const path = { params: { path: { id } } };
  const told = (next: typeof going.data) => queries.setQueryData(allGoneQuery(id).queryKey, next);
  const begin = useMutation({
    mutationFn: () => answer(api.POST("/api/rigs/{id}/advice/all", path)),
    onSuccess: told,
  });
  const stop = useMutation({
    mutationFn: () => answer(api.DELETE("/api/rigs/{id}/advice/all", path)),
    onSuccess: told,
  });
  const running = going.data?.running ?? false;
  const done = going.data?.done ?? 0;
  useEffect(() => {
    // what it found is there as soon as it has ended
    if (!running && done > advice.searched) {
      void queries.invalidateQueries({ queryKey: ["rig-garage", id] });
    }
  }, [running, done, advice.searched, queries, id]);
  if (advice.searched === advice.all) return null;
  if (!running) {
    return (
      <p className="py-1">
        <Button onClick={() => begin.mutate()} disabled={begin.isPending}>
          Go through all {count(advice.all)}
        </Button>
        <span className="pl-3 text-[13px] text-ink-3">a minute or two, beside all else</span>
      </p>
    );
  }
  return (
    <p className="flex items-center gap-3 py-1 text-[13px]">
      <progress
        className="grow accent-act"
        aria-label="Rigs gone through"
        max={advice.all}
        value={going.data?.done}
      />
      <span className="whitespace-nowrap">{count(going.data?.left ?? 0)} left at most</span>
      <Button look="quiet" onClick={() => stop.mutate()}>
        Stop
      </Button>
    </p>
  );
}

function count(rigs: number): string {
  return rigs.toLocaleString("en");
}

function gone(advice: WholeAdvice): string {
  const whole =
    advice.searched === advice.all
      ? `All ${count(advice.all)} rigs, and none was missed`
      : `${count(advice.searched)} of the ${count(advice.all)} rigs that all answers give; among these none was missed, the others were not asked`;
  const beaten =
    advice.beaten > 0 ? `, ${count(advice.beaten)} are no better in anything than one shown` : "";
  return `${whole}. ${count(advice.cannot)} cannot be put together${beaten}.`;
}
