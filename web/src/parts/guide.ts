import type { Link, Review } from "../api/types";
import { linkOf } from "../edit/fields";

/** A step of the first pass, as its own fields stand. */
export interface Step {
  link: Link;
  question: string;
  /** Pointers that are wanted and typed here, whichever link asks for them. */
  wanted: string[];
  /** It waits where its own questions are answered, and something that is said elsewhere is missing. */
  state: "open" | "waits" | "answered";
}

/** The first pass in the order of the work; a step is answered once what is typed on its link is. */
export function stepsOf(review: Review): Step[] {
  const asked = [
    ...review.links.flatMap((each) =>
      each.kind === "open" ? each.pointers.map((pointer) => ({ pointer, link: each.link })) : [],
    ),
    ...review.findings
      .filter((each) => each.verdict === "unset" && !each.putAside)
      .flatMap((each) => each.pointers.map((pointer) => ({ pointer, link: each.link }))),
  ];
  return review.guide.map(({ link, question }) => {
    const wanted = new Set(
      asked.filter((each) => linkOf(each.pointer, each.link) === link).map((each) => each.pointer),
    );
    const judged = review.links.find((each) => each.link === link)?.kind === "judged";
    return {
      link,
      question,
      wanted: [...wanted],
      state: wanted.size > 0 ? "open" : judged ? "answered" : "waits",
    };
  });
}

/** The open step that comes after a link, and only where none is left the first one before it; null once all is answered. */
export function nextStep(steps: Step[], after?: Link): Step | null {
  const at = steps.findIndex((step) => step.link === after);
  const open = (step: Step) => step.state === "open";
  return steps.slice(at + 1).find(open) ?? steps.find(open) ?? null;
}

const begunKey = (rig: string) => `guide-begun-${rig}`;

/** A first pass is on its way: its end is told. */
export function beginGuide(rig: string) {
  localStorage.setItem(begunKey(rig), "begun");
}

export function guideBegun(rig: string): boolean {
  return localStorage.getItem(begunKey(rig)) !== null;
}
