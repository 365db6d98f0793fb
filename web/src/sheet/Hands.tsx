import { Link } from "react-router";
import type { Build, Saved } from "../api/types";
import { LEADS_ON } from "../parts/Button";
import { LINK_NAMES } from "../parts/verdicts";
import { Words } from "../parts/Words";
import { dayWords } from "./days";
import type { Numbered } from "./useBuild";

/** What has to lie ready: for the step that is looked at, and for the whole of its day. */
export function Hands({
  saved,
  build,
  steps,
  selected,
}: {
  saved: Saved;
  build: Build;
  steps: Numbered[];
  selected: Numbered | undefined;
}) {
  const sitting = build.plan.schedule.sittings.find(
    (each) => selected && each.steps.includes(selected.step.id),
  );
  const mine = steps.filter((each) => sitting?.steps.includes(each.step.id)).map((each) => each.step);
  const tools = [...new Set(mine.flatMap((step) => step.tools))];
  const materials = counted(mine.flatMap((step) => step.materials));
  const cautions = saved.review.cautions.filter((each) => selected?.step.cautions.includes(each.id));
  const parts = selected ? selected.step.facts : [];
  return (
    <aside
      aria-label="In your hands"
      className="min-h-0 overflow-auto bg-sheet px-5 py-4 max-md:border-t max-md:border-rule max-md:px-3 max-md:pb-28 md:border-l md:border-rule"
    >
      {parts.length > 0 && (
        <>
          <h2 className="pb-1 font-semibold">This step stands on</h2>
          <dl className="pb-4 text-[13px]">
            {parts.map((fact) => (
              <div key={fact.name} className="flex justify-between gap-3 border-b border-grid py-1">
                <dt className="text-ink-2">{fact.name}</dt>
                <dd className="text-right">
                  <Words text={fact.value} />
                </dd>
              </div>
            ))}
          </dl>
          {selected && (
            <p className="-mt-2 pb-4 text-[13px]">
              <Link to={`/rigs/${saved.id}/${selected.step.link}?pane=why`} className={LEADS_ON}>
                how these come about, under {LINK_NAMES[selected.step.link]}
              </Link>
            </p>
          )}
        </>
      )}
      {cautions.map((caution) => (
        <p key={caution.id} className="mb-3 border-l-[3px] border-fails pl-3 text-[13px]">
          {caution.text}
        </p>
      ))}
      {sitting && (
        <>
          <h2 className="pb-1 font-semibold">In your hands, {dayWords(sitting)}</h2>
          <List words={tools} />
          {materials.length > 0 && (
            <>
              <h3 className="pt-3 pb-1 text-[13px] text-ink-3">used up</h3>
              <List words={materials} />
            </>
          )}
        </>
      )}
    </aside>
  );
}

function List({ words }: { words: string[] }) {
  return (
    <ul className="text-[13px]">
      {words.map((each) => (
        <li key={each} className="border-b border-grid py-1">
          {each}
        </li>
      ))}
    </ul>
  );
}

/** Each once; what comes with a number is counted together. */
function counted(words: string[]): string[] {
  const all = new Map<string, number>();
  for (const each of words) {
    const [, count, what] = /^(\d+) × (.*)$/.exec(each) ?? [];
    const name = what ?? each;
    all.set(name, (all.get(name) ?? 0) + (count === undefined ? 0 : Number(count)));
  }
  return [...all].map(([what, count]) => (count > 0 ? `${count} × ${what}` : what));
}
