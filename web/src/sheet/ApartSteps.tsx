import { useState } from "react";
import type { ApartSheet } from "../api/types";
import { Words } from "../parts/Words";
import { shortly, workWords } from "./days";

/** The steps of a sheet for one occasion, ticked as one goes. */
export function ApartSteps({ sheet, title }: { sheet: ApartSheet; title?: string }) {
  const [ticked, tick] = useState<string[]>([]);
  const steps = sheet.order.flatMap((id) => sheet.sheet.steps.find((step) => step.id === id) ?? []);
  const counts = [
    [sheet.plugs, "plug"],
    [sheet.knobs, "knob or clamp"],
    [sheet.straps, "strap or tether"],
  ] as const;
  return (
    <>
      <h2 className="text-[19px] font-semibold first-letter:uppercase">{title ?? sheet.title}</h2>
      <p className="pb-3 text-ink-2 first-letter:uppercase">
        {title === undefined && `${sheet.what}: `}
        {title === undefined ? workWords(sheet.minutes) : shortly(sheet.minutes)}
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
