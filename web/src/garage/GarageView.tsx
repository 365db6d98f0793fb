import { useEffect, useRef, useState } from "react";
import { useNavigate } from "react-router";
import type { Garage, ItemShown } from "../api/types";
import { Button, LEADS_ON } from "../parts/Button";
import { counted } from "../parts/counted";
import { HomeNav } from "../parts/HomeNav";
import { Kbd } from "../parts/Kbd";
import { useKeys } from "../parts/keys";
import { useNarrow } from "../parts/narrow";
import { AddPhoto, PhotoList } from "../parts/Photos";
import { Trouble } from "../parts/RigHead";
import { TopBar } from "../parts/TopBar";
import { useUnits } from "../units/UnitsProvider";
import { AddItem } from "./AddItem";
import { ItemForm, ItemUses } from "./ItemForm";
import { ItemRow } from "./ItemRow";
import { worthOf } from "./said";
import { useGarage } from "./useGarage";

/** Own gear, each piece once: where it is, which rigs have it, what it is worth. */
export default function GarageView() {
  const acts = useGarage();
  const { toggle } = useUnits();
  const navigate = useNavigate();
  const [open, setOpen] = useState("");
  const [adding, add] = useState(false);
  const [told, tell] = useState<string[]>([]);
  const file = useRef<HTMLInputElement>(null);
  useKeys({ u: toggle, n: () => add(true), g: () => void navigate("/") });
  const { data, isPending, isError, error } = acts.garage;
  const item = data?.items.find((each) => each.id === open);
  const narrow = useNarrow();
  const one = useRef<HTMLElement>(null);
  const list = useRef<HTMLElement>(null);
  // on a phone the piece stands below all others
  useEffect(() => {
    if (narrow && open !== "") one.current?.scrollIntoView({ block: "start" });
  }, [narrow, open]);
  return (
    <div className="flex min-h-screen flex-col md:h-screen">
      <TopBar>
        <HomeNav at="garage" />
        <h1 className="text-ink-3">
          <span className="sr-only">Garage: </span>
          {data ? summary(data) : "…"}
        </h1>
      </TopBar>
      <Trouble words={acts.trouble} />
      {isPending && <p className="p-7 text-ink-3">Looking into the garage…</p>}
      {isError && <p className="p-7 text-fails">{error.message}</p>}
      {data && (
        <main className="grid min-h-0 grow grid-cols-1 md:grid-cols-[minmax(0,1fr)_minmax(400px,0.8fr)]">
          <section
            ref={list}
            aria-label="Gear"
            tabIndex={0}
            className="min-h-0 overflow-auto px-6 pb-6 max-md:px-3 md:border-r md:border-rule"
          >
            <p className="flex flex-wrap items-baseline gap-x-4 gap-y-1 py-3">
              <Button onClick={() => add(true)}>
                Add a piece <Kbd>n</Kbd>
              </Button>
              <Button look="quiet" onClick={() => file.current?.click()}>
                Read a table (CSV)
              </Button>
              {data.items.length > 0 && (
                <a
                  href="/api/garage/list"
                  className="ml-auto text-ink-2 underline decoration-rule underline-offset-4"
                >
                  as a table (CSV)
                </a>
              )}
              <input
                ref={file}
                type="file"
                accept=".csv,.tsv,.txt,text/csv"
                aria-label="A table of gear"
                className="hidden"
                onChange={(event) => {
                  const table = event.target.files?.[0];
                  tell([]);
                  if (table) {
                    acts.read(table, (read) =>
                      tell([
                        `${counted(read.added, "piece")} added, ${read.changed} told anew.`,
                        ...read.said.map((words) => `${words}.`),
                      ]),
                    );
                  }
                  event.target.value = "";
                }}
              />
            </p>
            {told.length > 0 && (
              <p role="status" className="pb-2 text-[13px] text-ink-2">
                {told.map((words) => (
                  <span key={words} className="block">
                    {words}
                  </span>
                ))}
              </p>
            )}
            {data.clashes.length > 0 && (
              <ul aria-label="Wanted twice" className="border-y border-rule py-2">
                {data.clashes.map((clash) => (
                  <li key={`${clash.day} ${clash.item}`} className="text-close">
                    {clash.day}: {clash.name} is wanted by {clash.rigs.join(" and ")}.
                  </li>
                ))}
              </ul>
            )}
            {adding && (
              <AddItem
                garage={data}
                acts={acts}
                onLeft={() => {
                  acts.hush();
                  add(false);
                }}
                onAdded={(id) => {
                  add(false);
                  setOpen(id);
                }}
              />
            )}
            {data.items.length === 0 && !adding && <Bare />}
            {data.kinds.map(({ kind, many }) => {
              const some = data.items.filter((each) => each.kind === kind);
              return some.length === 0 ? null : (
                <section key={kind} aria-label={many} className="pb-3">
                  <h2 className="border-b border-rule pt-2 pb-1 text-[13px] text-ink-3">{many}</h2>
                  <ul>
                    {some.map((each) => (
                      <ItemRow
                        key={each.id}
                        item={each}
                        open={open === each.id}
                        onOpen={() => setOpen(open === each.id ? "" : each.id)}
                      />
                    ))}
                  </ul>
                </section>
              );
            })}
          </section>
          <section
            ref={one}
            aria-label="One piece"
            tabIndex={0}
            className="min-h-0 overflow-auto bg-sheet px-6 py-3 max-md:border-t max-md:border-rule max-md:px-3"
          >
            {item ? (
              <>
                {narrow && (
                  <button
                    type="button"
                    className={`${LEADS_ON} pb-2`}
                    onClick={() => list.current?.scrollIntoView({ block: "start" })}
                  >
                    all gear
                  </button>
                )}
                <h2 className="pb-1 text-[16px] font-semibold">{item.name}</h2>
                <ItemUses item={item} />
                <ItemForm key={JSON.stringify(item)} item={item} acts={acts} onGone={() => setOpen("")} />
                <AddPhoto onAdd={(picture) => acts.photo(item.id, picture)} />
                <PhotoList
                  of={item.name}
                  photos={item.photos.map((photo) => ({ id: photo }))}
                  at={(photo) => `/api/garage/${item.id}/photos/${photo}`}
                  onDrop={(photo) => acts.dropPhoto(item.id, photo)}
                />
              </>
            ) : (
              <p className="max-w-[48ch] text-ink-2">
                {data.items.length > 0
                  ? "Choose a piece to see what is declared of it, where it is and which rigs have it."
                  : "A rig takes pieces, not copies: change one here, and each rig that has it says what is another by now."}
              </p>
            )}
          </section>
        </main>
      )}
    </div>
  );
}

function Bare() {
  return (
    <p className="max-w-[56ch] pt-2 text-ink-2">
      Nothing here yet. Add what you own piece by piece, read a table, or open a rig’s Season, where its parts
      go into the garage at once.
    </p>
  );
}

function summary(garage: Garage): string {
  const worth = garage.items.reduce((sum: number, item: ItemShown) => sum + worthOf(item), 0);
  const pieces = counted(garage.items.length, "piece");
  return worth > 0 ? `${pieces}, worth ${Math.round(worth)}` : pieces;
}
