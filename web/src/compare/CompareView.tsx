import { useQuery } from "@tanstack/react-query";
import { Link, useParams, useSearchParams } from "react-router";
import { comparisonQuery } from "../api/queries";
import type { LinkRow, LinkState, MeasureRow, Text } from "../api/types";
import { Joint } from "../drawing/Joint";
import { useKeys } from "../parts/keys";
import { TopBar } from "../parts/TopBar";
import { LINK_NAMES, VERDICT_COLOURS, VERDICT_WORDS } from "../parts/verdicts";
import { Words } from "../parts/Words";
import { capital, listed } from "../units/format";
import { useUnits } from "../units/UnitsProvider";

/** Two to four rigs side by side, or one and what it could be: which link differs, and what each costs, weighs and lasts. */
export default function CompareView() {
  const { left, right } = useParams();
  const [search] = useSearchParams();
  const of = left !== undefined && right !== undefined ? [left, right] : search.getAll("of");
  const { toggle } = useUnits();
  const all = useQuery({ ...comparisonQuery(of), enabled: of.length > 1 });
  useKeys({ u: toggle });
  return (
    <>
      <TopBar>
        <Link to="/" className="whitespace-nowrap text-ink-3">
          Shelf ›
        </Link>
        <span className="text-[16px] font-semibold">Side by side</span>
      </TopBar>
      <main className="px-6 pb-8 max-md:px-3">
        {of.length < 2 && <p className="py-6 text-ink-2">Pick two to four rigs on the shelf.</p>}
        {of.length > 1 && all.isPending && <p className="py-6 text-ink-3">Putting them side by side…</p>}
        {all.isError && <p className="py-6 text-fails">{all.error.message}</p>}
        {all.data && (
          <>
            <h1 className="py-4 text-[21px] font-semibold">{summary(all.data.links)}</h1>
            <div className="overflow-x-auto" tabIndex={0} role="region" aria-label="Side by side">
              <table className={`w-full table-fixed ${of.length > 2 ? "min-w-[720px]" : ""}`}>
                <thead>
                  <tr className="border-b border-rule text-left align-bottom">
                    <th className="w-[132px] pb-2 font-medium text-ink-3 max-md:w-[92px]">
                      <span className="sr-only">what</span>
                    </th>
                    {all.data.names.map((name, i) => (
                      <th key={i} scope="col" className="pr-4 pb-2 text-[15.5px] font-semibold break-words">
                        {of[i]!.includes(":") ? (
                          name
                        ) : (
                          <Link
                            to={`/rigs/${of[i]}`}
                            className="underline decoration-rule underline-offset-4"
                          >
                            {name}
                          </Link>
                        )}
                      </th>
                    ))}
                  </tr>
                </thead>
                <tbody>
                  {all.data.measures.map((row) => (
                    <MeasureLine key={row.name} row={row} of={of} />
                  ))}
                </tbody>
                <tbody className="border-t-2 border-ink">
                  {all.data.links.map((row) => (
                    <LinkLine key={row.link} row={row} of={of} />
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

function summary(links: LinkRow[]): string {
  const names = links.filter((row) => row.differs).map((row) => LINK_NAMES[row.link]);
  if (names.length === 0) return "No link differs";
  return `${listed(names)} ${names.length === 1 ? "differs" : "differ"}`;
}

/** Where a rig shows how a measure of it comes about; findings are on its line. */
const TOLD_AT: Partial<Record<string, string>> = {
  "hours, nine days of ten": "/battery?pane=why",
  "mass of the rig": "#lists",
  "still to pay": "#lists",
  "all its gear": "#lists",
  "cost of a season": "/battery?pane=why",
  "cost of an hour out": "/battery?pane=why",
  "minutes to strip it": "/sheet",
  "holes to drill": "/cable?pane=why",
};

/** What is asked of a whole rig; the best at it stands out, and says so. */
function MeasureLine({ row, of }: { row: MeasureRow; of: string[] }) {
  const at = TOLD_AT[row.name] ?? "";
  return (
    <tr className="border-b border-rule align-baseline">
      <th scope="row" className="py-1.5 pr-3 text-left text-[13.5px] font-medium text-ink-2">
        {capital(row.name)}
      </th>
      {row.values.map((value, i) => (
        <td key={i} className={`py-1.5 pr-4 ${row.best === i ? "font-semibold" : ""}`}>
          {of[i]!.includes(":") ? (
            <Words text={value} />
          ) : (
            <Link to={`/rigs/${of[i]}${at}`}>
              <Words text={value} />
            </Link>
          )}
          {row.best === i && <span className="text-[13px] text-holds"> best</span>}
        </td>
      ))}
    </tr>
  );
}

function LinkLine({ row, of }: { row: LinkRow; of: string[] }) {
  return (
    <tr className={`border-b border-rule align-top ${row.differs ? "" : "text-ink-3"}`}>
      <th scope="row" className="py-2 text-left font-semibold">
        {LINK_NAMES[row.link]}
      </th>
      {row.states.map((state, i) => (
        <Side
          key={i}
          state={state}
          has={row.has[i]!}
          by={row.by[i]!}
          to={of[i]!.includes(":") ? null : `/rigs/${of[i]}/${row.link}`}
        />
      ))}
    </tr>
  );
}

function Side({ state, has, by, to }: { state: LinkState; has: Text; by: Text; to: string | null }) {
  const verdict = state.kind === "judged" ? state.verdict : "unset";
  const inside = (
    <>
      <span className="flex items-center gap-2">
        <span className="max-md:hidden">
          <Joint verdict={verdict} wide={44} />
        </span>
        <span>
          <span className="font-semibold">
            {state.kind === "judged" ? <Words text={state.number} /> : "–"}
          </span>{" "}
          <span className={`text-[13px] ${VERDICT_COLOURS[verdict]}`}>{VERDICT_WORDS[verdict]}</span>
        </span>
      </span>
      <span className="block text-[13px] text-ink-2">
        {state.kind === "judged" ? <Words text={has} /> : <Words text={state.why} />}
      </span>
      <span className="block text-[13px] font-semibold text-ink">
        <Words text={by} />
      </span>
    </>
  );
  return (
    <td className="py-2 pr-4">
      {to === null ? inside : <Link to={state.kind === "judged" ? `${to}?pane=why` : to}>{inside}</Link>}
    </td>
  );
}
