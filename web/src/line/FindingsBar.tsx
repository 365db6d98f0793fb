import { useQuery } from "@tanstack/react-query";
import { remediesQuery } from "../api/queries";
import type { Finding, Verdict } from "../api/types";
import { useEditor } from "../edit/RigEditor";
import { useReach } from "../edit/useReach";
import { LEADS_ON } from "../parts/Button";
import { Kbd } from "../parts/Kbd";
import { VERDICT_COLOURS, VERDICT_WORDS } from "../parts/verdicts";
import { Words } from "../parts/Words";

/** The bottom edge: the worst finding with its cheapest cure, and how many there are. */
export function FindingsBar({
  onCure,
  onAll,
  onKeys,
}: {
  onCure: (id: string) => void;
  onAll: () => void;
  onKeys: () => void;
}) {
  const { saved } = useEditor();
  const counting = saved.review.findings.filter((finding) => !finding.putAside);
  const aside = saved.review.findings.length - counting.length;
  const worst = counting[0];
  return (
    <footer className="flex min-h-[46px] shrink-0 items-center max-md:flex-wrap gap-x-4 gap-y-1 border-t border-rule bg-sheet px-6 py-1.5 max-md:sticky max-md:bottom-0 max-md:z-10 max-md:px-3">
      {worst ? (
        <Worst finding={worst} onCure={onCure} onAll={onAll} />
      ) : (
        <span>All nine links are good.</span>
      )}
      <span className="ml-auto flex shrink-0 items-center gap-4">
        <Whole onCure={onCure} />
        {(["fails", "unset", "close"] as Verdict[]).map((verdict) => {
          const count = counting.filter((finding) => finding.verdict === verdict).length;
          return (
            count > 0 && (
              <span key={verdict} className={VERDICT_COLOURS[verdict]}>
                {count} {VERDICT_WORDS[verdict]}
              </span>
            )
          );
        })}
        {aside > 0 && <span className="text-ink-3">{aside} put aside</span>}
        <button
          type="button"
          onClick={onAll}
          className="text-ink-2 underline decoration-rule underline-offset-4"
        >
          findings <Kbd>f</Kbd>
        </button>
        <button
          type="button"
          onClick={onKeys}
          className="text-ink-2 underline decoration-rule underline-offset-4 max-md:hidden"
        >
          keys <Kbd>?</Kbd>
        </button>
      </span>
    </footer>
  );
}

/** What is open filled in, what fails mended, what was proposed kept: each in one step. */
function Whole({ onCure }: { onCure: (id: string) => void }) {
  const { rig, saved, set } = useEditor();
  const open = saved.review.links.some((each) => each.kind === "open");
  const fails = saved.review.findings.filter((each) => !each.putAside && each.verdict === "fails").length;
  return (
    <>
      {open && (
        <button type="button" className={LEADS_ON} onClick={() => onCure("water.fill-in")}>
          fill in the rest
        </button>
      )}
      {!open && fails > 1 && (
        <button type="button" className={LEADS_ON} onClick={() => onCure("water.mend-all")}>
          mend all that won't work
        </button>
      )}
      {rig.proposed.length > 0 && (
        <button type="button" className={LEADS_ON} onClick={() => set("/proposed", [])}>
          keep all {rig.proposed.length} proposed
        </button>
      )}
    </>
  );
}

function Worst({
  finding,
  onCure,
  onAll,
}: {
  finding: Finding;
  onCure: (id: string) => void;
  onAll: () => void;
}) {
  const { saved } = useEditor();
  const remedies = useQuery(remediesQuery(saved.id, saved.revision)).data;
  const remedy = remedies?.find((each) => each.rule === finding.rule);
  const [first, ...others] = remedy?.offers ?? [];
  const reach = useReach();
  const wanted = finding.verdict === "unset" ? finding.pointers[0] : undefined;
  return (
    <>
      <span className="min-w-0 md:line-clamp-2">
        <Words text={finding.text} strong />
      </span>
      {first && (
        <button
          type="button"
          onClick={() => onCure(first.id)}
          data-first
          className={`shrink-0 font-semibold max-md:shrink ${LEADS_ON}`}
        >
          <Words text={first.label} />
        </button>
      )}
      {wanted !== undefined && (
        <button
          type="button"
          onClick={() => reach(wanted, finding.link)}
          data-first
          className={`shrink-0 font-semibold ${LEADS_ON}`}
        >
          say it
        </button>
      )}
      {first && first.mending !== "cures" && (
        <span className="shrink-0 text-ink-3">{first.mending === "helps" ? "helps" : "at a cost"}</span>
      )}
      {others.length > 0 && (
        <button type="button" onClick={onAll} className="shrink-0 text-ink-3">
          or {others.length} other {others.length === 1 ? "way" : "ways"}
        </button>
      )}
    </>
  );
}
