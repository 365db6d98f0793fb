import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { worthQuery } from "../api/queries";
import type { Amount, Good, GoodShown } from "../api/types";
import { WorkingTable } from "../line/WorkingTable";
import { Words } from "../parts/Words";

/** What a rig is worth; each number opens how it comes about. */
export function WorthRow({
  id,
  change,
  worth,
  goods,
}: {
  id: string;
  change: string;
  worth: Amount[];
  goods: GoodShown[];
}) {
  const [open, setOpen] = useState<Good | null>(null);
  return (
    <>
      <p className="flex flex-wrap gap-x-4 text-[13px]">
        {worth.map((amount, i) => {
          const good = goods[i]!;
          return (
            <button
              key={good.good}
              type="button"
              aria-expanded={open === good.good}
              title={`How ${good.words} comes about`}
              className={`border-b border-dashed whitespace-nowrap ${open === good.good ? "border-act" : "border-faint"} hover:border-act`}
              onClick={() => setOpen(open === good.good ? null : good.good)}
            >
              <span className="text-ink-3">{good.words}</span>{" "}
              <Words text={{ words: ["", ""], amounts: [amount] }} strong />
            </button>
          );
        })}
      </p>
      {open !== null && <WorthOf id={id} change={change} good={open} />}
    </>
  );
}

function WorthOf({ id, change, good }: { id: string; change: string; good: Good }) {
  const working = useQuery(worthQuery(id, change, good));
  return (
    <div className="my-2 border-l-2 border-rule pl-3">
      {working.isPending && <p className="text-[13px] text-ink-3">Fetching the working…</p>}
      {working.isError && <p className="text-[13px] text-fails">{working.error.message}</p>}
      {working.data && <WorkingTable working={working.data} />}
    </div>
  );
}
