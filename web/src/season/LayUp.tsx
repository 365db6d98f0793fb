import { Link } from "react-router";
import type { CareDone, RigCare } from "../api/types";
import { LEADS_ON } from "../parts/Button";
import { useUnits } from "../units/UnitsProvider";
import type { CareActs } from "./useCare";

/** Batteries at rest, day by day, and what was done before. */
export function LayUp({ id, care, acts }: { id: string; care: RigCare; acts: CareActs }) {
  return (
    <section aria-label="Batteries at rest">
      <p className="flex items-baseline justify-between gap-3 py-3">
        <span className="text-[16px] font-semibold">Batteries at rest</span>
        {care.layUp.length > 0 && (
          <a
            href={`/api/rigs/${id}/lay-up`}
            className="text-ink-2 underline decoration-rule underline-offset-4"
          >
            for a calendar (ICS)
          </a>
        )}
      </p>
      {care.layUp.length === 0 ? (
        <p className="max-w-[50ch] text-ink-2">
          No battery is laid up.{" "}
          <Link to={`/rigs/${id}/battery`} className={LEADS_ON}>
            Say from when to when
          </Link>
          , and how warm it lies, and every day of it stands here.
        </p>
      ) : (
        <ul>
          {care.layUp.map((due) => (
            <li key={due.id} className="flex gap-4 border-b border-grid py-2">
              <span className="w-[92px] shrink-0 text-ink-2">{due.day}</span>
              <span className="min-w-0">
                <span className={due.done ? "text-ink-3 line-through" : "font-semibold"}>
                  {due.pack}: {due.what}
                </span>
                <span className="block text-[13px] text-ink-2">{due.why}</span>
              </span>
            </li>
          ))}
        </ul>
      )}
      <Before care={care} acts={acts} />
    </section>
  );
}

function Before({ care, acts }: { care: RigCare; acts: CareActs }) {
  const { amount } = useUnits();
  if (care.done.length === 0) return null;
  const volts = (done: CareDone) =>
    done.restV?.kind === "given" ? `, ${amount({ si: done.restV.value, unit: "volt" })} at rest` : "";
  return (
    <>
      <p className="pt-5 pb-1 font-semibold">Written down</p>
      <ul>
        {[...care.done].reverse().map((done) => (
          <li key={done.task + done.day} className="flex gap-4 border-b border-grid py-1.5 text-[13px]">
            <span className="w-[92px] shrink-0 text-ink-2">{done.day}</span>
            <span className="min-w-0 grow">
              {care.due.find((due) => due.task === done.task)?.what ?? done.task}
              {volts(done)}
            </span>
            <button
              type="button"
              className={`whitespace-nowrap ${LEADS_ON}`}
              aria-label={`not done on ${done.day}: ${done.task}`}
              onClick={() => acts.forget(done.task, done.day)}
            >
              not so
            </button>
          </li>
        ))}
      </ul>
    </>
  );
}
