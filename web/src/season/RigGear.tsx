import { useState } from "react";
import { Link } from "react-router";
import type { RigGarage, RigPiece } from "../api/types";
import { Button, LEADS_ON } from "../parts/Button";
import { Words } from "../parts/Words";
import type { RigGarageActs } from "./useRigGarage";

/** Which of a rig's parts are pieces of the garage, and which could be. */
export function RigGear({ own, acts }: { own: RigGarage; acts: RigGarageActs }) {
  const pieces = own.pieces.filter((piece) => piece.item !== "");
  const others = own.pieces.filter((piece) => piece.item === "");
  return (
    <section aria-label="What it is made of" className="border-b border-rule pb-3">
      <p className="flex items-baseline justify-between gap-3 py-3">
        <span className="text-[16px] font-semibold">What it is made of</span>
        <Link to="/garage" className="text-ink-2 underline decoration-rule underline-offset-4">
          the garage
        </Link>
      </p>
      <ul>
        {pieces.map((piece) => (
          <li key={piece.part} className="border-b border-grid py-1.5">
            <span className="font-semibold">{piece.name}</span>{" "}
            <span className="text-[13px] text-ink-2">
              {piece.alsoIn.length > 0 ? `also in ${piece.alsoIn.join(", ")}` : "in this rig alone"}
            </span>
            {piece.differs.map((words, i) => (
              <span key={i} className="block text-[13px] text-close">
                <Words text={words} />
              </span>
            ))}
            {piece.differs.length > 0 && (
              <span className="flex flex-wrap gap-x-4 text-[13px]">
                <button type="button" className={LEADS_ON} onClick={() => acts.copy(piece.item)}>
                  take the garage’s word<span className="sr-only"> for {piece.name}</span>
                </button>
                <button type="button" className={LEADS_ON} onClick={() => acts.original(piece.item)}>
                  write this rig’s word there<span className="sr-only"> for {piece.name}</span>
                </button>
              </span>
            )}
          </li>
        ))}
      </ul>
      {others.length > 0 && <PutIn others={others} acts={acts} />}
    </section>
  );
}

/** What is on hand is picked already. */
function PutIn({ others, acts }: { others: RigPiece[]; acts: RigGarageActs }) {
  const owned = others.filter((piece) => piece.owned).map((piece) => piece.part);
  const [picked, pick] = useState(owned);
  const there = picked.filter((part) => others.some((piece) => piece.part === part));
  return (
    <details className="pt-2">
      <summary className="cursor-pointer text-ink-2">
        {others.length} {others.length === 1 ? "part stands" : "parts stand"} in no garage
      </summary>
      <ul className="py-1">
        {others.map((piece) => (
          <li key={piece.part}>
            <label className="flex items-baseline gap-2 py-0.5">
              <input
                type="checkbox"
                className="size-4 accent-[var(--act)]"
                checked={picked.includes(piece.part)}
                onChange={(event) =>
                  pick(
                    event.target.checked
                      ? [...picked, piece.part]
                      : picked.filter((each) => each !== piece.part),
                  )
                }
              />
              <span>
                {piece.name} <span className="text-[13px] text-ink-3">{piece.kind.replace("-", " ")}</span>
              </span>
            </label>
          </li>
        ))}
      </ul>
      <Button disabled={acts.busy || there.length === 0} onClick={() => acts.put(there, () => pick([]))}>
        Put into the garage
      </Button>
    </details>
  );
}
