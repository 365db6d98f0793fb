import { useQuery } from "@tanstack/react-query";
import { useRef, useState } from "react";
import { useNavigate } from "react-router";
import { shelfQuery, unreadableQuery } from "../api/queries";
import type { ShelfEntry } from "../api/types";
import { Button } from "../parts/Button";
import { HomeNav } from "../parts/HomeNav";
import { Kbd } from "../parts/Kbd";
import { useKeys } from "../parts/keys";
import { TopBar } from "../parts/TopBar";
import { LINK_NAMES, VERDICT_WORDS } from "../parts/verdicts";
import { useUnits } from "../units/UnitsProvider";
import { DeletedDialog } from "./DeletedDialog";
import { Empty } from "./Empty";
import { ShelfRow } from "./ShelfRow";
import { StartDialog } from "./StartDialog";
import { UnreadableRow } from "./UnreadableRow";
import { Notice } from "./Notice";
import { ShelfFoot } from "./ShelfFoot";
import { type Known } from "./start";
import { useShelf } from "./useShelf";
import { useDropped } from "./useDropped";

/** From so many rigs on, looking for one is quicker than reading all. */
const MANY = 6;

/** Rigs beside each other. */
const MOST = 4;

const NUMBERS = ["", "", "two", "three", "four"];

/** All rigs as small drawn lines, what gives first on top. */
export default function ShelfView() {
  const shelf = useQuery(shelfQuery);
  const spoilt = useQuery(unreadableQuery).data ?? [];
  const does = useShelf();
  const navigate = useNavigate();
  const { toggle } = useUnits();
  const [wanted, setWanted] = useState("");
  const [picked, setPicked] = useState<string[]>([]);
  const [dialog, setDialog] = useState<"start" | "deleted" | { begin: Partial<Known> } | null>(null);
  const search = useRef<HTMLInputElement>(null);
  const file = useRef<HTMLInputElement>(null);
  const over = useDropped(does.take);
  const rigs = shelf.data ?? [];
  const found = rigs.filter((entry) => matches(entry, wanted));
  // a fifth pick pushes out the first
  const pick = (id: string) =>
    setPicked((now) => (now.includes(id) ? now.filter((each) => each !== id) : [...now, id].slice(-MOST)));
  const compare = () =>
    picked.length > 1 && void navigate(`/compare?${picked.map((id) => `of=${id}`).join("&")}`);
  const onRow = (work: (entry: ShelfEntry) => void) => () => {
    const id = document.activeElement?.closest("[data-rig]")?.getAttribute("data-rig");
    const entry = found.find((each) => each.id === id);
    if (entry) work(entry);
  };
  useKeys({
    n: () => setDialog("start"),
    o: () => file.current?.click(),
    g: () => void navigate("/garage"),
    u: toggle,
    c: compare,
    z: () => does.told?.undo?.(),
    "/": () => search.current?.focus(),
    d: onRow(does.duplicate),
    Delete: onRow(does.remove),
    " ": onRow((entry) => pick(entry.id)),
    ArrowDown: () => step(1),
    ArrowUp: () => step(-1),
  });
  return (
    <div className="flex min-h-screen flex-col">
      <TopBar>
        <HomeNav at="shelf" />
      </TopBar>
      <main className="grow px-6 pb-4 max-md:px-3">
        <div className="-mx-6 flex flex-wrap items-center gap-x-4 gap-y-2 border-b border-rule px-6 pt-6 pb-3 max-md:-mx-3 max-md:px-3">
          <h1 className="text-[21px] font-semibold">
            {count(shelf.data && shelf.data.length + spoilt.length, found.length + spoilt.length)}
          </h1>
          {rigs.length > 1 && <span className="text-ink-3">what gives first on top</span>}
          {rigs.length >= MANY && (
            <input
              ref={search}
              type="search"
              aria-label="Find a rig"
              placeholder="name, craft or link   /"
              value={wanted}
              onChange={(event) => setWanted(event.target.value)}
              className="w-[230px] border-b border-act bg-transparent py-0.5"
            />
          )}
          <span className="ml-auto flex gap-2.5">
            {picked.length > 1 && (
              <Button onClick={compare}>
                Compare the {NUMBERS[picked.length]} <Kbd>c</Kbd>
              </Button>
            )}
            <Button onClick={() => setDialog("start")} disabled={does.busy}>
              Start a rig <Kbd>n</Kbd>
            </Button>
            <Button look="quiet" onClick={() => file.current?.click()}>
              Open a file <Kbd>o</Kbd>
            </Button>
          </span>
          <input
            ref={file}
            type="file"
            accept=".json,.zip,application/json,application/zip"
            multiple
            aria-label="Rig files"
            className="hidden"
            onChange={(event) => {
              does.take([...(event.target.files ?? [])]);
              event.target.value = "";
            }}
          />
        </div>
        {does.told && <Notice told={does.told} onClose={does.hush} />}
        {shelf.isPending && <p className="py-6 text-ink-3">Looking at the shelf…</p>}
        {shelf.isError && <p className="py-6 text-fails">{shelf.error.message}</p>}
        {shelf.data?.length === 0 && spoilt.length === 0 && (
          <Empty onStart={does.start} onBegin={(begin) => setDialog({ begin })} />
        )}
        {rigs.length > 0 && found.length === 0 && (
          <p className="py-6 text-ink-2">No rig is called, carried or held up by “{wanted}”.</p>
        )}
        <ul>
          {spoilt.map((rig) => (
            <UnreadableRow
              key={rig.id}
              rig={rig}
              onBack={() => does.setBack(rig)}
              onDelete={() => does.remove(rig)}
            />
          ))}
          {found.map((entry) => (
            <ShelfRow
              key={entry.id}
              entry={entry}
              picked={picked.includes(entry.id)}
              onPick={() => pick(entry.id)}
              onDuplicate={() => does.duplicate(entry)}
              onDelete={() => does.remove(entry)}
            />
          ))}
        </ul>
      </main>
      <ShelfFoot onDeleted={() => setDialog("deleted")} />
      {over && (
        <div className="pointer-events-none fixed inset-4 z-40 flex items-center justify-center border-2 border-dashed border-act bg-act-soft/90 text-[18px] font-semibold text-act">
          Let go, and the rig stands on the shelf
        </div>
      )}
      {dialog !== null && dialog !== "deleted" && (
        <StartDialog
          begin={dialog === "start" ? {} : dialog.begin}
          onStart={does.start}
          onClose={() => setDialog(null)}
        />
      )}
      {dialog === "deleted" && <DeletedDialog onRestore={does.restore} onClose={() => setDialog(null)} />}
    </div>
  );
}

function matches(entry: ShelfEntry, wanted: string): boolean {
  const words =
    `${entry.name} ${entry.carried} ${LINK_NAMES[entry.weakest]} ${VERDICT_WORDS[entry.verdict]}`.toLowerCase();
  return wanted
    .toLowerCase()
    .split(/\s+/)
    .every((word) => words.includes(word));
}

/** Moves the focus from rig to rig. */
function step(by: number) {
  const links = [...document.querySelectorAll<HTMLElement>("[data-rig] > a")];
  const row = document.activeElement?.closest("[data-rig]");
  const at = links.findIndex((link) => link.parentElement === row);
  links[Math.max(0, Math.min(links.length - 1, at + by))]?.focus();
}

function count(rigs: number | undefined, found: number): string {
  if (rigs === undefined) return "Rigs";
  if (found < rigs) return `${found} of ${rigs} rigs`;
  return rigs === 0 ? "No rigs yet" : rigs === 1 ? "One rig" : `${rigs} rigs`;
}
