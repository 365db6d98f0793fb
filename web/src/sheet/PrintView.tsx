import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { useParams } from "react-router";
import { useKeys } from "../parts/keys";
import { RigHead } from "../parts/RigHead";
import { useUnits } from "../units/UnitsProvider";
import { PRINT_PARTS, printQuery, type PrintPart, wantedOf } from "./queries";

const PARTS: [PrintPart, string, string][] = [
  ["sheet", "the sheet", "steps with boxes to tick"],
  ["lists", "the lists", "parts, wires, ends, holes, screws"],
  ["harness", "the harness", "as it is wired"],
  ["templates", "the templates", "in full size: print without scaling, then lay a ruler on the bar"],
];

/** What goes on paper, looked at before it does. */
export default function PrintView() {
  const { id = "" } = useParams();
  const { system, toggle } = useUnits();
  const [parts, choose] = useState<PrintPart[]>(PRINT_PARTS);
  const printed = useQuery(printQuery(id, system, parts));
  const query = new URLSearchParams({
    habit: system,
    ...Object.fromEntries(Object.entries(wantedOf(parts)).map(([part, wanted]) => [part, String(wanted)])),
  }).toString();
  useKeys({ u: toggle });
  return (
    <div className="flex min-h-screen flex-col md:h-screen">
      <RigHead id={id} at="sheet" back={["Sheet", `/rigs/${id}/sheet`]} after=", on paper" />
      <div className="grid min-h-0 grow grid-cols-1 md:grid-cols-[260px_minmax(0,1fr)]">
        <aside
          aria-label="What goes on paper"
          className="border-rule px-6 py-4 max-md:border-b max-md:px-3 md:border-r"
        >
          {PARTS.map(([part, words, what]) => (
            <label key={part} className="flex cursor-pointer items-start gap-2.5 py-1.5">
              <input
                type="checkbox"
                className="mt-px size-5 shrink-0 accent-[var(--act)]"
                checked={parts.includes(part)}
                onChange={(event) =>
                  choose(
                    PRINT_PARTS.filter((each) =>
                      each === part ? event.target.checked : parts.includes(each),
                    ),
                  )
                }
              />
              <span>
                {words}
                <span className="block text-[13px] text-ink-2">{what}</span>
              </span>
            </label>
          ))}
          <p className="py-3 text-ink-2" role="status">
            {parts.length === 0
              ? "Nothing is chosen."
              : printed.data
                ? `${printed.data.pages} ${printed.data.pages === 1 ? "page" : "pages"}, ${system === "metric" ? "A4" : "Letter"}`
                : "Laying out…"}
          </p>
          {parts.length > 0 && (
            <a
              href={`/api/rigs/${id}/build/pdf?${query}`}
              className="rounded border border-act px-3 py-1 font-semibold text-act"
            >
              Take it as PDF
            </a>
          )}
        </aside>
        <main className="min-h-0 overflow-auto px-6 py-4 max-md:px-3" aria-label="Pages" tabIndex={0}>
          {printed.isError && <p className="text-fails">{printed.error.message}</p>}
          <ol className="flex flex-wrap gap-5">
            {Array.from({ length: printed.data?.pages ?? 0 }, (_, page) => (
              <li key={`${query} ${page}`}>
                <img
                  src={`/api/rigs/${id}/build/print/${page + 1}?${query}`}
                  alt={`Page ${page + 1}`}
                  loading="lazy"
                  width={794}
                  height={1123}
                  className="h-auto w-[470px] max-w-full border border-rule bg-white"
                />
              </li>
            ))}
          </ol>
        </main>
      </div>
    </div>
  );
}
