import { useQuery } from "@tanstack/react-query";
import { Link } from "react-router";
import { readyQuery } from "../api/queries";
import { Words } from "../parts/Words";

/** Where each is mended; care is beside it. */
const AT: Partial<Record<string, (id: string) => string>> = {
  line: (id) => `/rigs/${id}`,
  hours: (id) => `/rigs/${id}/battery?pane=why`,
  parts: (id) => `/rigs/${id}#lists`,
  build: (id) => `/rigs/${id}/sheet`,
  places: () => "/garage",
  gear: () => "/garage",
};

/** What is looked at before a rig goes out on a day: what is not ready first. */
export function ReadyList({ id, day }: { id: string; day: string }) {
  const ready = useQuery(readyQuery(id, day));
  if (ready.isPending) return <p className="text-[13px] text-ink-3">Looking…</p>;
  if (ready.isError) return <p className="text-[13px] text-fails">{ready.error.message}</p>;
  const open = ready.data.filter((each) => !each.ready);
  return (
    <>
      <p className={`pt-1 text-[13px] font-semibold ${open.length === 0 ? "text-holds" : "text-close"}`}>
        {open.length === 0 ? "Ready." : `${open.length} of ${ready.data.length} still to look at.`}
      </p>
      <dl className="grid grid-cols-[64px_1fr] gap-x-3 text-[13px]">
        {[...open, ...ready.data.filter((each) => each.ready)].map((each) => (
          <div key={each.what} className="contents">
            <dt className={each.ready ? "text-ink-3" : "font-semibold text-close"}>
              {each.ready ? "✓ " : "○ "}
              {at(id, each.what)}
            </dt>
            <dd className={each.ready ? "text-ink-3" : "text-ink-2"}>
              <Words text={each.says} />
            </dd>
          </div>
        ))}
      </dl>
    </>
  );
}

function at(id: string, what: string) {
  const to = AT[what]?.(id);
  return to === undefined ? (
    what
  ) : (
    <Link to={to} className="underline decoration-rule underline-offset-4">
      {what}
    </Link>
  );
}
