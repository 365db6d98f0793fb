import { Words } from "../parts/Words";
import type { Numbered, Sheet } from "./useBuild";

/** What is ticked: each thing that is to be seen, or the step as a whole. */
export function StepTicks({
  sheet,
  numbered: { step, done },
  onTicked,
}: {
  sheet: Sheet;
  numbered: Numbered;
  onTicked?: () => void;
}) {
  const ticked = done?.ticked ?? [];
  const set = (item: string, on: boolean) => {
    sheet.tick.mutate({ step, item, done: on });
    // a step that was open because it was the next one stays open under the finger that ticked it
    onTicked?.();
  };
  if (step.checks.length === 0) {
    return (
      <label className="flex cursor-pointer items-center gap-2.5 py-1.5">
        <input
          type="checkbox"
          className="size-5 accent-[var(--act)]"
          checked={ticked.includes("")}
          onChange={(event) => set("", event.target.checked)}
        />
        done
      </label>
    );
  }
  return (
    <ul className="py-1">
      {step.checks.map((check) => (
        <li key={check.id}>
          <label className="flex cursor-pointer items-start gap-2.5 py-1.5">
            <input
              type="checkbox"
              className="mt-px size-5 shrink-0 accent-[var(--act)]"
              checked={ticked.includes(check.id)}
              onChange={(event) => set(check.id, event.target.checked)}
            />
            <span>
              <Words text={check.see} strong />
              <span className="block text-[13px] text-ink-2">
                <Words text={check.why} />
              </span>
            </span>
          </label>
        </li>
      ))}
    </ul>
  );
}
