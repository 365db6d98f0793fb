import { useState } from "react";
import type { RigGarage } from "../api/types";
import { Button, LEADS_ON } from "../parts/Button";
import { today } from "../parts/when";
import { ReadyList } from "./ReadyList";
import type { RigGarageActs } from "./useRigGarage";

/** Days to come, and what another rig wants on one of them, too. */
export function DaysOut({ id, own, acts }: { id: string; own: RigGarage; acts: RigGarageActs }) {
  const [day, setDay] = useState("");
  const [looked, look] = useState("");
  return (
    <section aria-label="Days out to come" className="border-b border-rule pb-3">
      <h2 className="py-3 text-[16px] font-semibold">Days out to come</h2>
      <ul>
        {own.days.map((each) => (
          <li key={each} className="border-b border-grid py-1.5">
            <span className="flex items-baseline gap-4">
              <span className="font-semibold">{each}</span>
              <button
                type="button"
                className={LEADS_ON}
                aria-expanded={looked === each}
                onClick={() => look(looked === each ? "" : each)}
              >
                ready?<span className="sr-only"> on {each}</span>
              </button>
              <button
                type="button"
                className="ml-auto text-[13px] text-ink-2 underline decoration-rule underline-offset-4"
                onClick={() => acts.drop(each)}
              >
                not then<span className="sr-only">, not on {each}</span>
              </button>
            </span>
            {own.clashes
              .filter((clash) => clash.day === each)
              .map((clash) => (
                <span key={clash.item} className="block text-[13px] text-close">
                  {clash.name} is wanted by {clash.rigs.join(" and ")}.
                </span>
              ))}
            {looked === each && <ReadyList id={id} day={each} />}
          </li>
        ))}
      </ul>
      <form
        aria-label="A day out"
        className="flex flex-wrap items-baseline gap-4 pt-2"
        onSubmit={(event) => {
          event.preventDefault();
          if (day !== "") acts.want(day, () => setDay(""));
        }}
      >
        <label>
          out on{" "}
          <input
            type="date"
            required
            min={today()}
            value={day}
            onChange={(event) => setDay(event.target.value)}
            className="border-b border-act bg-transparent font-semibold text-act max-md:min-h-[44px]"
          />
        </label>
        <Button type="submit" disabled={acts.busy || day === ""}>
          plan it
        </Button>
      </form>
    </section>
  );
}
