import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { listQuery, listsQuery } from "../api/queries";
import type { ListTable, Purchase, Rig, Text } from "../api/types";
import { useEditor } from "../edit/RigEditor";
import { UNSET } from "../edit/parts";
import { ChoiceOf } from "../parts/Choice";
import { choices } from "../parts/choices";
import { FigureField } from "../parts/FigureField";
import { Modal } from "../parts/Modal";
import { Words } from "../parts/Words";
import { capital } from "../units/format";
import { useUnits } from "../units/UnitsProvider";

const EVERYTHING = "everything";

/** Every list of the rig, one at a time; in the whole list a person says what is on hand and for what the rest is had. */
export function ListsDialog({ onClose }: { onClose: () => void }) {
  const { saved } = useEditor();
  const { system } = useUnits();
  const [list, setList] = useState(EVERYTHING);
  const lists = useQuery(listsQuery(saved.id, saved.revision)).data ?? [];
  const table = useQuery(listQuery(saved.id, saved.revision, list));
  return (
    <Modal
      open
      wide
      onClose={onClose}
      title="Lists"
      about="What the plan comes to, to take along or to print."
    >
      <ChoiceOf
        label="List"
        value={list}
        options={lists.map((each) => [each.id, each.title])}
        onChange={setList}
      />
      {list === EVERYTHING && (
        <FigureField label="May be spent" pointer="/purse/budget" unit="money" basis="chosen" />
      )}
      {table.isError && <p className="text-fails">{table.error.message}</p>}
      {table.data && <Table table={table.data} money={list === EVERYTHING} />}
      <p className="pt-3 text-[13px]">
        <a
          className="text-act underline underline-offset-2"
          href={`/api/rigs/${saved.id}/lists/${list}?habit=${system}`}
        >
          The same as a file (CSV)
        </a>
      </p>
    </Modal>
  );
}

const plain = (text: Text | undefined) => (text?.words ?? []).join("");

/** Ids are for files and machines; a column without a word is left out. */
function Table({ table, money }: { table: ListTable; money: boolean }) {
  const shown = table.columns
    .map((name, at) => ({ name, at }))
    .filter(({ name }) => !/(^|\s)ids?$/.test(name) && name !== "unit" && name !== "whose price")
    .filter(({ at }) => table.rows.some((row) => plain(row[at]) !== "" || row[at]!.amounts.length > 0));
  const priced = table.columns.indexOf("price of all");
  const having = table.columns.indexOf("on hand or to buy");
  const usual = table.columns.indexOf("whose price");
  const cell = (row: Text[], name: string, at: number) => {
    // a sum is of money, not of pieces
    if (total(row) && name === "amount" && row[priced]!.amounts.length > 0) return null;
    // small things of a wire are on hand where the wire is: said of its conductors, which are one part
    const own = plain(row[usual]) !== "usual" || OF_A_PART.includes(plain(row[1]));
    return money && at === having && !total(row) && own && !plain(row[0]).includes(" ") ? (
      <HavingOf id={plain(row[0])} what={plain(row[2])} taken={plain(row[having])} />
    ) : (
      <Words text={row[at]!} />
    );
  };
  return (
    <div className="overflow-x-auto" role="region" aria-label="The list" tabIndex={0}>
      <table className="mt-2 w-full border-collapse text-[13px]">
        <thead>
          <tr className="border-b border-rule text-left">
            {shown.map(({ name }) => (
              <th key={name} scope="col" className="py-1 pr-3 font-semibold">
                {capital(name)}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {table.rows.map((row, i) => (
            <tr
              key={i}
              className={`border-b border-rule align-baseline ${total(row) ? "font-semibold" : ""}`}
            >
              {shown.map(({ name, at }) => (
                <td key={name} className="py-1 pr-3">
                  {cell(row, name, at)}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

/** Lines with a usual price of which one says all the same whether they are there. */
const OF_A_PART = ["wire", "fastener"];

const total = (row: Text[]) => plain(row[1]) === "total";

/** Whether a part is there, and what it costs where it is not; what is taken for granted stands until somebody says. */
function HavingOf({ id, what, taken }: { id: string; what: string; taken: string }) {
  const { rig, set } = useEditor();
  const [part, piece = ""] = id.split("/") as [string, string?];
  const origin = originOf(rig, part);
  const at = rig.purse.purchases.findIndex((each) => each.part === part && each.piece === piece);
  const said = rig.purse.purchases[at];
  const fits = said?.origin === origin;
  const say = (having: string) => {
    const others = rig.purse.purchases.filter((_, i) => i !== at);
    const next = {
      part,
      piece,
      origin,
      having,
      price: fits ? said.price : UNSET,
      cameWith: "",
      item: fits && having === "owned" ? said.item : "",
    } as Purchase;
    set("/purse/purchases", [...others, next]);
  };
  return (
    <span className="flex flex-wrap items-baseline gap-x-4">
      <select
        aria-label={`Is it there: ${what}`}
        value={
          fits ? said.having : (choices("Having").find(([, words]) => words === taken)?.[0] ?? "undecided")
        }
        onChange={(event) => say(event.target.value)}
        className="border-b border-act py-0.5 font-semibold text-act"
      >
        {choices("Having").map(([word, words]) => (
          <option key={word} value={word}>
            {words}
          </option>
        ))}
      </select>
      {fits && said.having === "comes-with" && <CameWith part={part} index={at} />}
      {fits && said.having === "buy" && (
        <FigureField label="for" pointer={`/purse/purchases/${at}/price`} unit="money" basis="chosen" />
      )}
    </span>
  );
}

/** In the box of what it comes. */
function CameWith({ part, index }: { part: string; index: number }) {
  const { rig, set } = useEditor();
  const said = rig.purse.purchases[index]!;
  const givers = [
    ...rig.devices,
    ...rig.transducers,
    ...rig.holders,
    ...rig.harness.packs,
    ...rig.chargers,
    ...rig.fitOut.boxes,
  ].filter((each) => each.id !== part);
  return (
    <select
      aria-label="It comes with"
      value={said.cameWith}
      onChange={(event) => set(`/purse/purchases/${index}/cameWith`, event.target.value)}
      className="border-b border-act py-0.5 text-act"
    >
      <option value="">not said with which</option>
      {givers.map((each) => (
        <option key={each.id} value={each.id}>
          {each.name}
        </option>
      ))}
    </select>
  );
}

/** Of another part in its place nothing was said. */
function originOf(rig: Rig, part: string): string {
  const all = [...rig.devices, ...rig.transducers, ...rig.holders, ...rig.harness.packs];
  return all.find((each) => each.id === part)?.origin ?? "";
}
