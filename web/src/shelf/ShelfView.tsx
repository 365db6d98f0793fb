import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { Link, useNavigate } from "react-router";
import { answer, api, documentOf } from "../api/client";
import { rigQuery, shelfQuery } from "../api/queries";
import type { Rig, ShelfEntry } from "../api/types";
import { Joint, Stretch } from "../drawing/Joint";
import { useKeys } from "../parts/keys";
import { Button } from "../parts/Button";
import { TopBar } from "../parts/TopBar";
import { LINK_NAMES, VERDICT_COLOURS } from "../parts/verdicts";
import { Words } from "../parts/Words";
import { useUnits } from "../units/UnitsProvider";

const BLANK: Rig = {
  name: "New rig",
  outing: { phases: [{ id: "day", name: "the day", uses: [] }] },
  craft: { kind: "undecided" },
  devices: [],
  harness: { packs: [], junctions: [], segments: [] },
  schools: { fusing: "undecided" },
  quieted: [],
  notes: [],
};

/** All rigs as small drawn lines with the link that gives first. */
export default function ShelfView() {
  const shelf = useQuery(shelfQuery);
  const client = useQueryClient();
  const navigate = useNavigate();
  const { toggle } = useUnits();
  useKeys({ u: toggle });
  const start = useMutation({
    mutationFn: () => answer(api.POST("/api/rigs", { body: documentOf(BLANK) })),
    onSuccess: (saved) => {
      client.setQueryData(rigQuery(saved.id).queryKey, saved);
      void client.invalidateQueries({ queryKey: shelfQuery.queryKey });
      void navigate(`/rigs/${saved.id}/screen`);
    },
  });
  return (
    <>
      <TopBar>
        <span className="text-[16px] font-semibold">Shelf</span>
      </TopBar>
      <main className="px-6 max-md:px-3">
        <div className="flex items-center gap-4 border-b border-rule pt-7 pb-3">
          <h1 className="text-[21px] font-semibold">{count(shelf.data?.length)}</h1>
          <Button className="ml-auto" onClick={() => start.mutate()} disabled={start.isPending}>
            Start a rig
          </Button>
        </div>
        {shelf.isPending && <p className="py-6 text-ink-3">Looking at the shelf…</p>}
        {shelf.isError && <p className="py-6 text-fails">{shelf.error.message}</p>}
        {start.isError && <p className="py-3 text-fails">{start.error.message}</p>}
        {shelf.data?.length === 0 && (
          <p className="max-w-[60ch] py-8 text-ink-2">
            Nothing on the shelf yet. Start a rig: say what draws current and for how long, then its battery,
            its wire and its fuse. Whatever is still open stays dashed, and nothing is made up for it.
          </p>
        )}
        <ul>
          {shelf.data?.map((entry) => (
            <Entry key={entry.id} entry={entry} />
          ))}
        </ul>
      </main>
    </>
  );
}

function count(rigs: number | undefined): string {
  if (rigs === undefined) return "Rigs";
  return rigs === 0 ? "No rigs yet" : rigs === 1 ? "One rig" : `${rigs} rigs`;
}

function Entry({ entry }: { entry: ShelfEntry }) {
  const weakest = entry.links.find((state) => state.link === entry.weakest);
  const verdict = weakest?.kind === "judged" ? weakest.verdict : "unset";
  return (
    <li className="border-b border-rule">
      <Link
        to={`/rigs/${entry.id}/${entry.weakest}`}
        className="grid items-center gap-x-8 py-4 hover:bg-act-soft md:grid-cols-[280px_1fr_300px]"
      >
        <span>
          <span className="block text-[16.5px] font-semibold">{entry.name}</span>
          <span className="text-[13px] text-ink-2">{entry.carried}</span>
        </span>
        <span className="flex max-md:my-2" aria-hidden="true">
          {entry.links.map((state) => {
            const each = state.kind === "judged" ? state.verdict : "unset";
            return (
              <span key={state.link} className="flex min-w-0 grow items-center">
                <Stretch verdict={each} />
                <Joint verdict={each} wide={44} />
                <Stretch verdict={each} />
              </span>
            );
          })}
        </span>
        <span className="text-[13.5px]">
          <b className="font-semibold">{LINK_NAMES[entry.weakest]}</b>{" "}
          <span className={VERDICT_COLOURS[verdict]}>{verdict}:</span> <Words text={entry.says} />
        </span>
      </Link>
    </li>
  );
}
