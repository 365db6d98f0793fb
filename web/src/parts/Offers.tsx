import type { Remedy } from "../api/types";
import { says } from "../units/format";
import { Button } from "./Button";
import { Words } from "./Words";

const MENDINGS = { cures: "", helps: "helps", trades: "at a cost" };

/** What may be done about one finding, or why there is nothing. */
export function Offers({ remedy, onCure }: { remedy: Remedy; onCure: (id: string) => void }) {
  if (remedy.offers.length === 0)
    return (
      <p className="text-ink-2">
        <Words text={remedy.without} />
      </p>
    );
  return (
    <ul className="mt-1.5 flex flex-wrap gap-x-2 gap-y-1.5">
      {remedy.offers.map((cure) => {
        // those with something to say stand on a line of their own
        const told = says(cure.note);
        return (
          <li
            key={cure.id}
            className={told ? "flex basis-full flex-wrap items-baseline gap-x-3 gap-y-0.5" : ""}
          >
            <Button className="text-left text-[13px]" onClick={() => onCure(cure.id)}>
              <Words text={cure.label} />
            </Button>
            {told && (
              <span className="min-w-[260px] flex-1 text-[13px] text-ink-3">
                {cure.mending !== "cures" && (
                  <b className="font-semibold text-close">{MENDINGS[cure.mending]} </b>
                )}
                <Words text={cure.note} />
              </span>
            )}
          </li>
        );
      })}
    </ul>
  );
}
