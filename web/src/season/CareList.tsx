import { useState } from "react";
import type { CareDue, RigCare } from "../api/types";
import { NumberOf } from "../parts/amounts";
import { today } from "../parts/when";
import { Button, LEADS_ON } from "../parts/Button";
import { counted } from "../parts/counted";
import type { CareActs } from "./useCare";

/** Work that comes again, what is due first on top. */
export function CareList({ id, care, acts }: { id: string; care: RigCare; acts: CareActs }) {
  const [open, setOpen] = useState("");
  return (
    <section
      aria-label="What is due"
      tabIndex={0}
      className="min-h-0 overflow-auto px-6 pb-6 max-md:px-3 md:border-r md:border-rule"
    >
      <p className="flex items-baseline justify-between gap-3 py-3">
        <span className="text-[16px] font-semibold">What is due</span>
        <a
          href={`/api/rigs/${id}/care/calendar`}
          className="text-ink-2 underline decoration-rule underline-offset-4"
        >
          for a calendar (ICS)
        </a>
      </p>
      <ul>
        {care.due.map((due) => (
          <li key={due.task} className="border-b border-grid py-2.5">
            <div className="flex items-baseline gap-4">
              <span className={`w-[92px] shrink-0 ${due.due ? "font-semibold text-close" : "text-ink-2"}`}>
                {due.due ? "due" : due.day}
              </span>
              <span className="min-w-0 grow">
                <span className="font-semibold">{due.what}</span>
                <span className="block text-[13px] text-ink-2">{due.why}</span>
                <span className="block text-[13px] text-ink-3">{told(due)}</span>
              </span>
              <Button
                look={due.due ? "act" : "quiet"}
                aria-expanded={open === due.task}
                onClick={() => setOpen(open === due.task ? "" : due.task)}
              >
                done
              </Button>
            </div>
            {open === due.task && <Done due={due} acts={acts} onDone={() => setOpen("")} />}
          </li>
        ))}
      </ul>
    </section>
  );
}

function told(due: CareDue): string {
  const before = due.last === "" ? "not written down yet" : `last ${due.last}`;
  const since = due.due ? `; due since ${due.day}` : "";
  if (due.usesLeft < 0 || due.due) return before + since;
  return `${before}; or after ${counted(due.usesLeft, "more day")} out`;
}

/** When it was done, and what the battery had. */
function Done({ due, acts, onDone }: { due: CareDue; acts: CareActs; onDone: () => void }) {
  const [day, setDay] = useState(today());
  const [volts, setVolts] = useState(0);
  return (
    <form
      aria-label={`done: ${due.what}`}
      className="flex flex-wrap items-baseline gap-x-5 gap-y-1 pt-2 pl-[108px] max-md:pl-0"
      onSubmit={(event) => {
        event.preventDefault();
        acts.done(due.task, day, volts, onDone);
      }}
    >
      <label>
        on{" "}
        <input
          type="date"
          required
          max={today()}
          value={day}
          onChange={(event) => setDay(event.target.value)}
          className="border-b border-act bg-transparent font-semibold text-act max-md:min-h-[44px]"
        />
      </label>
      {due.charge && (
        <NumberOf
          label="rest volts an hour after"
          unit="volt"
          value={volts}
          empty={volts === 0}
          onValue={setVolts}
          onEmpty={() => setVolts(0)}
        />
      )}
      <Button type="submit" disabled={acts.busy}>
        write it down
      </Button>
      <button type="button" className={LEADS_ON} onClick={onDone}>
        leave it
      </button>
    </form>
  );
}
