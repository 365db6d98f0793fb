import { useEffect, useState } from "react";
import { Link as RouterLink, useNavigate } from "react-router";
import { focusField } from "../edit/fields";
import { useEditor } from "../edit/RigEditor";
import { LEADS_ON } from "../parts/Button";
import { counted } from "../parts/counted";
import { beginGuide, guideBegun, nextStep, type Step, stepsOf } from "../parts/guide";
import { Kbd } from "../parts/Kbd";
import { LINK_NAMES } from "../parts/verdicts";

const CALLED = "guide-called";

const guideKey = (rig: string) => `guide-away-${rig}`;

/** Brings the guide of a rig back where it was put away. */
export function callGuide(rig: string) {
  localStorage.removeItem(guideKey(rig));
  window.dispatchEvent(new Event(CALLED));
}

const SIGNS: Record<Step["state"], [string, string]> = {
  answered: ["●", ", answered"],
  waits: ["◐", ", waits for another step"],
  open: ["○", ", open"],
};

/** A first pass in the order of the work: shows what comes next, says when it is through, and steps aside when not wanted. */
export function GuideBar({ onFindings, onLists }: { onFindings: () => void; onLists: () => void }) {
  const { saved, link } = useEditor();
  const key = guideKey(saved.id);
  const [away, setAway] = useState(localStorage.getItem(key) !== null);
  useEffect(() => {
    const again = () => setAway(localStorage.getItem(key) !== null);
    window.addEventListener(CALLED, again);
    return () => window.removeEventListener(CALLED, again);
  }, [key]);
  const steps = stepsOf(saved.review);
  const here = steps.find((step) => step.link === link);
  const next = nextStep(steps, link);
  const begun = guideBegun(saved.id);
  useEffect(() => {
    if (next !== null) beginGuide(saved.id);
  }, [next, saved.id]);
  // who opens a rig that was whole already went through no first pass
  if (away || (next === null && !begun)) return null;
  return (
    <nav
      aria-label="First pass"
      className="flex flex-wrap items-center gap-x-5 gap-y-1 border-b border-rule bg-sheet px-6 py-1.5 max-md:px-3"
    >
      {next === null ? (
        <Through onFindings={onFindings} onLists={onLists} />
      ) : (
        <>
          <span className="text-ink-3">first pass</span>
          <ol className="flex flex-wrap gap-x-4">
            {steps.map((step) => (
              <li key={step.link}>
                <RouterLink
                  to={`/rigs/${saved.id}/${step.link}`}
                  className={
                    step.link === link
                      ? "font-semibold text-act"
                      : step.state === "open"
                        ? "text-ink-2"
                        : "text-ink-3"
                  }
                >
                  <span aria-hidden="true">{SIGNS[step.state][0]} </span>
                  {LINK_NAMES[step.link]}
                  <span className="sr-only">{SIGNS[step.state][1]}</span>
                </RouterLink>
              </li>
            ))}
          </ol>
          <span className="flex min-w-0 grow flex-wrap items-baseline gap-x-5">
            {here?.state === "open" && <Here step={here} />}
            {next.link !== link && (
              <RouterLink to={`/rigs/${saved.id}/${next.link}`} className="font-semibold text-act">
                Next: {here?.state === "open" ? LINK_NAMES[next.link] : next.question} <Kbd>n</Kbd>
              </RouterLink>
            )}
          </span>
        </>
      )}
      <button
        type="button"
        onClick={() => {
          localStorage.setItem(key, "away");
          setAway(true);
        }}
        className="text-ink-3 underline decoration-rule underline-offset-4"
      >
        put the guide away
      </button>
    </nav>
  );
}

/** What is asked here, and the way to the field that wants it. */
function Here({ step }: { step: Step }) {
  return (
    <span>
      {step.question}{" "}
      <button
        type="button"
        onClick={() => focusField(step.wanted[0]!)}
        className={`font-semibold ${LEADS_ON}`}
      >
        {step.wanted.length === 1 ? "answer it" : `to the first of ${step.wanted.length} answers`}
      </button>
    </span>
  );
}

/** The end: what was made, and what is done with it next. */
function Through({ onFindings, onLists }: { onFindings: () => void; onLists: () => void }) {
  const { rig, saved } = useEditor();
  const navigate = useNavigate();
  const parts =
    rig.devices.length +
    rig.transducers.length +
    rig.holders.length +
    rig.harness.packs.length +
    rig.harness.segments.length +
    rig.harness.junctions.length +
    rig.chargers.length +
    rig.fitOut.boxes.length +
    rig.fitOut.extras.length;
  const counting = saved.review.findings.filter((each) => !each.putAside);
  const failing = counting.filter((each) => each.verdict === "fails").length;
  const act = `font-semibold ${LEADS_ON}`;
  return (
    <span className="flex grow flex-wrap items-baseline gap-x-5">
      <span>
        <b className="font-semibold">First pass done:</b> {counted(parts, "part")} planned
        {rig.proposed.length > 0 && <>, {rig.proposed.length} of them proposed</>}, all nine links answered.
      </span>
      <span className="text-ink-2">Next:</span>
      {counting.length > 0 && (
        <button type="button" className={act} onClick={onFindings}>
          {failing > 0 ? `mend what won't work (${failing})` : `look at what is tight (${counting.length})`}
        </button>
      )}
      <button
        type="button"
        className={act}
        onClick={() => void navigate(`/rigs/${saved.id}/${saved.review.weakest}?pane=compare`)}
      >
        compare {LINK_NAMES[saved.review.weakest]}, which gives first
      </button>
      <button type="button" className={act} onClick={onLists}>
        what to buy and to ask
      </button>
    </span>
  );
}
