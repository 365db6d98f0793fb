import { useState } from "react";
import { WantedHere } from "./WantedHere";
import type { Row, Working } from "../api/types";
import { useIsEdited } from "../edit/RigEditor";
import { Words } from "../parts/Words";
import { useUnits } from "../units/UnitsProvider";

const STANDINGS = {
  published: "published",
  "from-memory": "from memory",
  "common-practice": "common practice, no source",
  derived: "worked out",
};

/** How one number came about; lines with a triangle open their own working. */
export function WorkingTable({ working }: { working: Working }) {
  return (
    <section className="mb-4">
      <h3 className="text-[15px] font-semibold">
        <Words text={working.title} />
      </h3>
      {working.formula !== "" && <p className="my-1 font-medium text-ink-2">{working.formula}</p>}
      <div role="list" className="text-[13.5px]">
        {working.rows.map((row, i) => (
          <WorkingRow key={i} row={row} />
        ))}
      </div>
      <p className="mt-1 text-[12.5px] text-ink-3">
        {STANDINGS[working.source.standing]}: {working.source.name}
      </p>
    </section>
  );
}

function WorkingRow({ row }: { row: Row }) {
  const { amount } = useUnits();
  const [open, setOpen] = useState(false);
  const edited = useIsEdited();
  if (row.kind === "remark") {
    return (
      <p role="listitem" className="py-[3px] text-ink-3">
        <Words text={row.label} />
      </p>
    );
  }
  if (row.kind === "wanted") {
    return (
      <p role="listitem" className="py-[3px]">
        {edited ? <WantedHere pointer={row.pointer} /> : "a figure is wanted here"}
      </p>
    );
  }
  const line = (
    <>
      <span className="w-[62px] shrink-0 text-left text-ink-3">{row.symbol}</span>
      <span className="grow text-left">
        <Words text={row.label} />{" "}
        {row.kind === "entered" && <span className="text-[12.5px] text-ink-3">{row.basis}</span>}
      </span>
      <span className={`shrink-0 ${row.kind === "result" ? "font-semibold" : ""}`}>{amount(row.amount)}</span>
    </>
  );
  if (row.kind !== "opened") {
    return (
      <div
        role="listitem"
        className={`flex gap-1 py-[3px] ${row.kind === "result" ? "border-t border-faint font-semibold" : ""}`}
      >
        {line}
      </div>
    );
  }
  return (
    <div role="listitem">
      <button
        type="button"
        aria-expanded={open}
        onClick={() => setOpen(!open)}
        className="flex w-full gap-1 py-[3px] text-act hover:bg-act-soft"
      >
        {line}
        <span aria-hidden="true" className="w-4 shrink-0 text-right">
          {open ? "▾" : "▸"}
        </span>
      </button>
      {open && (
        <div className="mt-1 mb-2 ml-2 border-l-2 border-rule pl-3">
          <WorkingTable working={row.working} />
        </div>
      )}
    </div>
  );
}
