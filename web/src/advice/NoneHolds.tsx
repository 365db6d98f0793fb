import type { WholeAdvice } from "../api/types";
import { LINK_NAMES } from "../parts/verdicts";
import { listed } from "../units/format";
import { BesidePlanned } from "./BesidePlanned";
import { Mended } from "./Mended";

/** Where no rig holds, whatever the gear: by what, the rig that is nearest to it, and what may be done about that. */
export function NoneHolds({ id, advice }: { id: string; advice: WholeAdvice }) {
  if (advice.inTheWay.length === 0)
    return (
      <p className="py-3">
        None can be put together of the answers there are. Why stands beside, for each answer by itself.
      </p>
    );
  return advice.inTheWay.map((each) => {
    const names = each.links.map((link) => LINK_NAMES[link]);
    return (
      <section
        key={each.change}
        aria-label={`But for ${listed(names)}`}
        className="border-b border-grid py-3"
      >
        <h2 className="text-[15.5px] font-semibold">
          {listed(names)} {names.length === 1 ? "alone is in the way" : "are in the way together"}
        </h2>
        <p>
          No rig that was gone through holds there. The nearest holds on every other link:{" "}
          <BesidePlanned id={id} change={each.change} />
        </p>
        <Mended id={id} change={each.change} verdict="fails" />
      </section>
    );
  });
}
