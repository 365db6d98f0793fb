import { useQuery } from "@tanstack/react-query";
import { Link, useParams } from "react-router";
import { comparisonQuery } from "../api/queries";
import type { LinkState, Pair } from "../api/types";
import { Joint } from "../drawing/Joint";
import { useKeys } from "../parts/keys";
import { TopBar } from "../parts/TopBar";
import { LINK_NAMES, VERDICT_COLOURS, VERDICT_WORDS } from "../parts/verdicts";
import { Words } from "../parts/Words";
import { useUnits } from "../units/UnitsProvider";

/** Two rigs side by side: which link differs, and by how much. */
export default function CompareView() {
  const { left = "", right = "" } = useParams();
  const { toggle } = useUnits();
  const both = useQuery(comparisonQuery(left, right));
  useKeys({ u: toggle });
  return (
    <>
      <TopBar>
        <Link to="/" className="whitespace-nowrap text-ink-3">
          Shelf ›
        </Link>
        <span className="text-[16px] font-semibold">Two rigs side by side</span>
      </TopBar>
      <main className="px-6 pb-8 max-md:px-3">
        {both.isPending && <p className="py-6 text-ink-3">Putting them side by side…</p>}
        {both.isError && <p className="py-6 text-fails">{both.error.message}</p>}
        {both.data && (
          <>
            <h1 className="py-5 text-[21px] font-semibold">{summary(both.data.links)}</h1>
            <div className="overflow-x-auto">
              <table className="w-full table-fixed">
                <thead>
                  <tr className="border-b border-rule text-left align-bottom">
                    <th className="w-[110px] pb-2 max-md:w-[82px] font-medium text-ink-3">link</th>
                    <th className="pb-2 text-[16px] font-semibold">
                      <Link to={`/rigs/${left}`} className="underline decoration-rule underline-offset-4">
                        {both.data.left}
                      </Link>
                    </th>
                    <th className="pb-2 text-[16px] font-semibold">
                      <Link to={`/rigs/${right}`} className="underline decoration-rule underline-offset-4">
                        {both.data.right}
                      </Link>
                    </th>
                    <th className="w-[150px] pb-2 font-medium text-ink-3 max-md:hidden">the right one has</th>
                  </tr>
                </thead>
                <tbody>
                  {both.data.links.map((pair) => (
                    <PairRow key={pair.link} pair={pair} left={left} right={right} />
                  ))}
                </tbody>
              </table>
            </div>
          </>
        )}
      </main>
    </>
  );
}

function summary(links: Pair[]): string {
  const names = links.filter((pair) => pair.differs).map((pair) => LINK_NAMES[pair.link]);
  if (names.length === 0) return "No link differs";
  const last = names.pop()!;
  const all = names.length === 0 ? last : `${names.join(", ")} and ${last}`;
  return `${all} ${names.length === 0 ? "differs" : "differ"}`;
}

function PairRow({ pair, left, right }: { pair: Pair; left: string; right: string }) {
  return (
    <tr className={`border-b border-rule ${pair.differs ? "bg-act-soft" : "text-ink-3"}`}>
      <th className="py-2.5 pl-2 text-left font-semibold">{LINK_NAMES[pair.link]}</th>
      <Side state={pair.left} has={pair.leftHas} to={`/rigs/${left}/${pair.link}`} />
      <Side state={pair.right} has={pair.rightHas} by={pair.by} to={`/rigs/${right}/${pair.link}`} />
      <td className="py-2.5 font-semibold text-ink max-md:hidden">
        <Words text={pair.by} />
      </td>
    </tr>
  );
}

function Side({
  state,
  has,
  by,
  to,
}: {
  state: LinkState;
  has: Pair["leftHas"];
  by?: Pair["by"];
  to: string;
}) {
  const verdict = state.kind === "judged" ? state.verdict : "unset";
  return (
    <td className="py-2.5 pr-4">
      <Link to={state.kind === "judged" ? `${to}?pane=why` : to} className="flex items-center gap-3">
        <span className="max-md:hidden">
          <Joint verdict={verdict} wide={44} />
        </span>
        <span>
          <span className="font-semibold">
            {state.kind === "judged" ? <Words text={state.number} /> : "–"}
          </span>{" "}
          <span className={`text-[13px] ${VERDICT_COLOURS[verdict]}`}>{VERDICT_WORDS[verdict]}</span>
          <span className="block text-[13px] text-ink-2">
            {state.kind === "judged" ? <Words text={has} /> : <Words text={state.why} />}
          </span>
          {by && (
            <span className="block text-[13px] font-semibold text-ink md:hidden">
              <Words text={by} />
            </span>
          )}
        </span>
      </Link>
    </td>
  );
}
