import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import type { Bench, Expected } from "../api/types";
import { WorkingTable } from "../line/WorkingTable";
import { LEADS_ON } from "../parts/Button";
import { Words } from "../parts/Words";
import { useUnits } from "../units/UnitsProvider";
import { Seen } from "./Seen";
import { readAs, shownAs, symbolAs } from "./values";
import { type BenchActs, readingWorkingQuery } from "./useBench";

const KINDS: [Expected["kind"], string][] = [
  ["insulation", "Fuses out, everything unplugged"],
  ["unused", "Unused conductors, fuses out"],
  ["rest", "Battery at rest"],
  ["drain", "Everything off"],
  ["dead", "Switched off"],
  ["polarity", "Before anything is plugged in"],
  ["on-volts", "Each alone, full brightness"],
  ["on-amps", "Its current"],
  ["dim-amps", "Its current, screen darkest"],
  ["all-volts", "Everything on, full brightness"],
  ["pack-volts", "The battery meanwhile"],
  ["all-amps", "All of the current"],
  ["drop", "Across each contact meanwhile"],
  ["start", "As the largest load starts"],
];

/** Every point in the order in which it is read, with what is all right there. */
export function Readings({ id, bench, acts }: { id: string; bench: Bench; acts: BenchActs }) {
  const known = new Set(bench.expected.map((each) => each.id));
  const gone = bench.readings.filter((read) => !known.has(read.point)).length;
  return (
    <section
      aria-label="Readings"
      tabIndex={0}
      className="min-h-0 overflow-auto bg-sheet px-6 pb-6 max-md:px-3 max-md:border-t max-md:border-rule"
    >
      <p className="flex items-baseline justify-between gap-3 py-3 text-ink-2">
        <span role="status">
          {bench.readings.length - gone} of {bench.expected.length} read
          {bench.outside.length > 0 && (
            <b className="font-semibold text-fails">, {bench.outside.length} outside</b>
          )}
          {gone > 0 && `, ${gone} of points that the rig no longer has`}
        </span>
        <span className="flex gap-4">
          <a href={`/api/rigs/${id}/bench/list`} className="underline decoration-rule underline-offset-4">
            as a list (CSV)
          </a>
          {bench.readings.length > 0 && (
            <button type="button" className={LEADS_ON} onClick={() => acts.forget("")}>
              forget all
            </button>
          )}
        </span>
      </p>
      {KINDS.map(([kind, title]) => {
        const mine = bench.expected.filter((each) => each.kind === kind);
        return mine.length === 0 ? null : (
          <section key={kind} aria-label={title}>
            <h3 className="border-b border-rule pt-3 pb-1 font-semibold">{title}</h3>
            <p className="pt-1 text-[13px] text-ink-2">
              <Words text={mine[0]!.how} />
            </p>
            {mine.map((each) => (
              <Row key={each.id} id={id} expected={each} bench={bench} acts={acts} />
            ))}
          </section>
        );
      })}
      <Seen id={id} />
    </section>
  );
}

const GRADES = { good: "text-holds", worn: "text-close", bad: "text-fails" };

function Row({
  id,
  expected,
  bench,
  acts,
}: {
  id: string;
  expected: Expected;
  bench: Bench;
  acts: BenchActs;
}) {
  const { amount } = useUnits();
  const [open, setOpen] = useState(false);
  const contact = bench.contacts.find((each) => each.reading === expected.id);
  const read = bench.readings.find((each) => each.point === expected.id);
  const outside = bench.outside.includes(expected.id);
  const symbol = symbolAs(expected.unit);
  return (
    <div
      id={expected.id}
      className={`grid grid-cols-[minmax(0,1fr)_auto] items-baseline gap-x-4 border-b border-grid py-1.5 ${outside ? "bg-act-soft" : ""}`}
    >
      <span className="first-letter:uppercase">
        <Words text={expected.title} />
        <span className="block text-[13px] text-ink-2">
          <button
            type="button"
            aria-expanded={open}
            onClick={() => setOpen(!open)}
            className="underline decoration-rule decoration-dotted underline-offset-4"
          >
            {expected.kind === "insulation" || expected.kind === "unused"
              ? `more than ${amount({ si: expected.low, unit: expected.unit })}`
              : `${amount({ si: expected.low, unit: expected.unit })} to ${amount({ si: expected.high, unit: expected.unit })}`}
            <span className="sr-only">, how it came about</span>
          </button>
          {outside && <b className="font-semibold text-fails"> · outside</b>}
          {read && !outside && <span className="text-holds"> · all right</span>}
        </span>
        {contact && (
          <span className={`block text-[13px] ${GRADES[contact.grade]}`}>
            <Words text={contact.says} />
          </span>
        )}
      </span>
      <span className="whitespace-nowrap">
        <Field
          key={`${read?.value ?? ""}`}
          label={`Reading in ${symbol}`}
          kept={read ? shownAs(read.value, expected.unit) : ""}
          onKeep={(words) =>
            words === "" ? acts.forget(expected.id) : acts.read(expected.id, readAs(words, expected.unit))
          }
        />{" "}
        <span className="inline-block w-[28px]">{symbol}</span>
        {bench.meter.port > 0 && (
          <button
            type="button"
            className={`text-[13px] ${LEADS_ON}`}
            disabled={acts.busy}
            onClick={() => acts.take(expected.id, 0)}
          >
            take it
          </button>
        )}
      </span>
      {open && <HowItCame id={id} point={expected.id} revision={bench.revision} />}
    </div>
  );
}

function HowItCame({ id, point, revision }: { id: string; point: string; revision: number }) {
  const working = useQuery(readingWorkingQuery(id, point, revision));
  return (
    <div className="col-span-2 pt-2 pl-4">
      {working.data ? (
        <WorkingTable working={working.data} />
      ) : (
        <p className="text-[13px] text-ink-3">{working.error?.message ?? "Working it out…"}</p>
      )}
    </div>
  );
}

function Field({ label, kept, onKeep }: { label: string; kept: string; onKeep: (words: string) => void }) {
  const [typed, type] = useState(kept);
  const keep = () => typed.trim() !== kept && onKeep(typed.trim());
  return (
    <input
      aria-label={label}
      inputMode="decimal"
      value={typed}
      onChange={(event) => type(event.target.value)}
      onBlur={keep}
      onKeyDown={(event) => {
        if (event.key === "Enter") keep();
        if (event.key === "Escape") type(kept);
      }}
      className="w-[76px] border-b border-act bg-transparent text-right font-semibold text-act"
    />
  );
}
