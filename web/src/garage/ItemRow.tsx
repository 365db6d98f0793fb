import type { ItemShown } from "../api/types";
import { Words } from "../parts/Words";
import { yearsWords } from "./said";

/** A piece in the list: what it is, where it is, and which rigs have it. */
export function ItemRow({ item, open, onOpen }: { item: ItemShown; open: boolean; onOpen: () => void }) {
  const rigs = item.uses.filter((use) => !use.compared);
  const differs = rigs.some((use) => use.differs.length > 0);
  return (
    <li className={`-mx-6 border-b border-grid px-6 max-md:-mx-3 max-md:px-3 ${open ? "bg-act-soft" : ""}`}>
      <button
        type="button"
        aria-expanded={open}
        onClick={onOpen}
        className="grid w-full grid-cols-[minmax(0,1fr)_minmax(0,0.8fr)] gap-x-4 py-2 text-left"
      >
        <span className="min-w-0">
          <span className="block font-semibold break-words">{item.name}</span>
          <span className="block text-[13px] text-ink-2">
            <Words text={item.about} />
          </span>
        </span>
        <span className="min-w-0 text-[13px] text-ink-2">
          <span className={`block break-words ${differs ? "text-close" : ""}`}>
            {rigs.length === 0 ? "in no rig" : rigs.map((use) => use.rigName).join("; ")}
            {differs && ": says otherwise"}
          </span>
          <span className="block break-words">
            {[item.place, yearsWords(item.ageY)].filter((words) => words !== "").join(" · ")}
          </span>
        </span>
      </button>
    </li>
  );
}
