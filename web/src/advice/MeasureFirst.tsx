import type { WholeAdvice } from "../api/types";
import { Words } from "../parts/Words";
import { capital } from "../units/format";

/** Figures nobody measured, and from where on another rig would be advised. */
export function MeasureFirst({ advice }: { advice: WholeAdvice }) {
  return advice.measure.length === 0 ? null : (
    <>
      <h2 className="pt-5 pb-1 font-semibold">What to measure first</h2>
      <ul className="text-[13px]">
        {advice.measure.map((each) => (
          <li key={each.what} className="border-b border-grid py-1">
            {capital(each.what)}: taken for <Words text={{ words: ["", ""], amounts: [each.is] }} strong />;{" "}
            {each.edge ? (
              `as soon as it is ${each.turns.si > each.is.si ? "more" : "less"}, `
            ) : (
              <Words text={{ words: ["at ", " "], amounts: [each.turns] }} />
            )}
            {each.then ? "another rig is advised" : "none of these holds"}
          </li>
        ))}
      </ul>
    </>
  );
}
