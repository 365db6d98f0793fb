import { useEffect, useState } from "react";
import { Link as RouterLink } from "react-router";
import { useEditor } from "../edit/RigEditor";
import { nextStep } from "../parts/guide";
import { Kbd } from "../parts/Kbd";
import { LINK_NAMES } from "../parts/verdicts";

const CALLED = "guide-called";

const guideKey = (rig: string) => `guide-away-${rig}`;

/** Brings the guide of a rig back where it was put away. */
export function callGuide(rig: string) {
  localStorage.removeItem(guideKey(rig));
  window.dispatchEvent(new Event(CALLED));
}

/** A first pass in the order of the work: shows what comes next, and steps aside when it is not wanted. */
export function GuideBar() {
  const { saved, link } = useEditor();
  const key = guideKey(saved.id);
  const [away, setAway] = useState(localStorage.getItem(key) !== null);
  useEffect(() => {
    const again = () => setAway(localStorage.getItem(key) !== null);
    window.addEventListener(CALLED, again);
    return () => window.removeEventListener(CALLED, again);
  }, [key]);
  const steps = saved.review.guide;
  const next = nextStep(steps);
  if (away || next === null) return null;
  return (
    <nav
      aria-label="First pass"
      className="flex flex-wrap items-center gap-x-5 gap-y-1 border-b border-rule bg-sheet px-6 py-1.5 max-md:px-3"
    >
      <span className="text-ink-3">first pass</span>
      <ol className="flex flex-wrap gap-x-4">
        {steps.map((step) => (
          <li key={step.link}>
            <RouterLink
              to={`/rigs/${saved.id}/${step.link}`}
              className={
                step === next ? "font-semibold text-act" : step.state === "open" ? "text-ink-2" : "text-ink-3"
              }
            >
              <span aria-hidden="true">{step.state === "answered" ? "●" : "○"} </span>
              {LINK_NAMES[step.link]}
              <span className="sr-only">{step.state === "answered" ? ", answered" : ", open"}</span>
            </RouterLink>
          </li>
        ))}
      </ol>
      <span className="min-w-0 grow">
        {next.link === link ? (
          next.question
        ) : (
          <RouterLink to={`/rigs/${saved.id}/${next.link}`} className="font-semibold text-act">
            Next: {next.question} <Kbd>n</Kbd>
          </RouterLink>
        )}
      </span>
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
