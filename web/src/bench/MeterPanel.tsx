import { useState } from "react";
import type { Bench } from "../api/types";
import { Button, LEADS_ON } from "../parts/Button";
import { Words } from "../parts/Words";
import { useUnits } from "../units/UnitsProvider";
import type { BenchActs } from "./useBench";

/** The simulated meter, with what is wrong with its rig; or one of one's own on a port of this machine. */
export function MeterPanel({ bench, acts }: { bench: Bench; acts: BenchActs }) {
  const { text } = useUnits();
  const { port, faults, may } = bench.meter;
  const [own, typeOwn] = useState("");
  return (
    <div className="border-t border-rule px-7 py-3 max-md:px-3">
      {port === 0 ? (
        <p className="flex flex-wrap items-baseline gap-3">
          <span className="text-ink-2">Type what your meter says, or try it first:</span>
          <Button look="quiet" disabled={acts.busy} onClick={acts.switchOn}>
            switch a simulated meter on
          </Button>
        </p>
      ) : (
        <>
          <p className="flex flex-wrap items-baseline gap-3">
            <span>
              Simulated meter, on port {port} of this machine.{" "}
              {faults.length === 0 ? "Nothing is wrong with its rig." : "Wrong with its rig:"}
            </span>
            <button type="button" className={LEADS_ON} onClick={acts.switchOff}>
              switch it off
            </button>
          </p>
          {faults.map(({ what }, i) => (
            <p key={i} className="text-close">
              <Words text={what} />
            </p>
          ))}
          <p className="flex flex-wrap items-center gap-3 pt-2">
            <Button disabled={acts.busy} onClick={() => acts.take("", 0)}>
              take every reading
            </Button>
            {faults.length < 2 && (
              <select
                aria-label="Let something go wrong"
                value=""
                disabled={acts.busy}
                className="max-w-[300px] border-b border-act bg-transparent text-act"
                onChange={(event) => {
                  const chosen = may[Number(event.target.value)];
                  if (chosen) acts.wrong(chosen.fault);
                }}
              >
                <option value="">let something go wrong</option>
                {may.map(({ what }, i) => (
                  <option key={i} value={i}>
                    {text(what)}
                  </option>
                ))}
              </select>
            )}
            {faults.length > 0 && (
              <button type="button" className={LEADS_ON} onClick={acts.right}>
                put it right
              </button>
            )}
          </p>
        </>
      )}
      <details className="pt-1 text-[13px] text-ink-2">
        <summary className="cursor-pointer">a meter of your own, by its line</summary>
        <p className="py-1">
          A program on this machine that answers HELLO with METER 1, and READ with a point, a number and V, A
          or OHM, one line each.
        </p>
        <label>
          its port{" "}
          <input
            inputMode="numeric"
            value={own}
            onChange={(event) => typeOwn(event.target.value)}
            className="w-[70px] border-b border-act bg-transparent font-semibold text-act"
          />
        </label>{" "}
        <button
          type="button"
          className={LEADS_ON}
          disabled={!/^\d{1,5}$/.test(own)}
          onClick={() => acts.take("", Number(own))}
        >
          take every reading from it
        </button>
      </details>
    </div>
  );
}
