import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router";
import type { ApartSheet } from "../api/types";
import { Words } from "../parts/Words";
import { APART } from "./Days";
import { workWords } from "./days";
import { apartQuery } from "./queries";

/** A sheet for one occasion: what comes off or goes on, with counts; ticked as one goes, and clean again the next time. */
export function ApartView({ id, occasion }: { id: string; occasion: string }) {
  const all = useQuery(apartQuery(id));
  const sheet = all.data?.find((each) => each.occasion === occasion);
  return (
    <main className="mx-auto w-full max-w-[760px] px-6 py-4 max-md:px-3 md:overflow-auto">
      <nav aria-label="Sheets" className="flex flex-wrap gap-x-5 gap-y-1 pb-3 text-ink-2">
        <Link to="?" className="underline decoration-rule underline-offset-4">
          ‹ build
        </Link>
        {APART.filter(([each]) => all.data?.some((one) => one.occasion === each)).map(([each, words]) => (
          <Link
            key={each}
            to={`?apart=${each}`}
            aria-current={each === occasion ? "page" : undefined}
            className={
              each === occasion ? "font-semibold text-ink" : "underline decoration-rule underline-offset-4"
            }
          >
            {words}
          </Link>
        ))}
      </nav>
      {all.isError && <p className="text-fails">{all.error.message}</p>}
      {all.data && !sheet && <p className="text-ink-2">{nothing(occasion)}</p>}
      {sheet && <Steps key={occasion} sheet={sheet} />}
    </main>
  );
}

function nothing(occasion: string): string {
  if (occasion === "charge") return "No charger is said for any battery: say it on the line, under Battery.";
  if (occasion === "swap") return "The rig serves one craft only: say how many, under my habits.";
  return "Nothing comes off this rig: say what leaves the craft, on the line, under Carry.";
}

function Steps({ sheet }: { sheet: ApartSheet }) {
  const [ticked, tick] = useState<string[]>([]);
  const steps = sheet.order.flatMap((id) => sheet.sheet.steps.find((step) => step.id === id) ?? []);
  const counts = [
    [sheet.plugs, "plug"],
    [sheet.knobs, "knob or clamp"],
    [sheet.straps, "strap or tether"],
  ] as const;
  return (
    <>
      <h2 className="text-[19px] font-semibold first-letter:uppercase">{sheet.title}</h2>
      <p className="pb-3 text-ink-2 first-letter:uppercase">
        {sheet.what}: {workWords(sheet.minutes)}
        {counts.filter(([count]) => count > 0).map(([count, what]) => `, ${count} × ${what}`)}.
      </p>
      <ol>
        {steps.map((step, i) => (
          <li key={step.id} className="border-b border-grid">
            <label className="grid cursor-pointer grid-cols-[26px_30px_1fr] items-baseline py-2">
              <input
                type="checkbox"
                className="size-5 self-start accent-[var(--act)]"
                checked={ticked.includes(step.id)}
                onChange={(event) =>
                  tick(
                    event.target.checked ? [...ticked, step.id] : ticked.filter((each) => each !== step.id),
                  )
                }
              />
              <span className="font-semibold text-ink-3">{i + 1}</span>
              <span>
                <span
                  className={`font-semibold ${ticked.includes(step.id) ? "text-ink-3 line-through" : ""}`}
                >
                  <Words text={step.title} />
                </span>
                {[...step.says, ...step.checks.map((check) => check.see)].map((say, s) => (
                  <span key={s} className="block text-[13px] text-ink-2">
                    <Words text={say} />
                  </span>
                ))}
              </span>
            </label>
          </li>
        ))}
      </ol>
    </>
  );
}
