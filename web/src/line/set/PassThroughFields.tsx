import { setAt } from "../../edit/pointer";
import { useEditor } from "../../edit/RigEditor";
import { CLOSINGS } from "./OpeningFields";

const BOUGHT = CLOSINGS.filter(([sort]) => sort !== "undecided" && sort !== "none");

/** Pass-throughs that lie at home, counted; nothing counted is nothing said. */
export function PassThroughFields() {
  const { rig, save } = useEditor();
  const stock = rig.fitOut.passThroughs;
  const count = (sort: string) => stock.find((each) => each.fitting === sort)?.count;
  const counted = (sort: string, typed: string) => {
    const others = stock.filter((each) => each.fitting !== sort);
    const pieces = Number(typed);
    const known = typed.trim() !== "" && Number.isInteger(pieces) && pieces >= 0 && pieces <= 100;
    save((now) =>
      setAt(now, "/fitOut/passThroughs", known ? [...others, { fitting: sort, count: pieces }] : others),
    );
  };
  return (
    <details className="mt-3 mb-3">
      <summary className="cursor-pointer py-1 text-[13px] text-ink-3">
        {stock.length === 0 ? "pass-throughs at home: not counted" : "pass-throughs at home"}
      </summary>
      {BOUGHT.map(([sort, words]) => (
        <label key={sort} className="flex items-baseline justify-between gap-3 py-[3px]">
          <span>{words}</span>
          <input
            key={count(sort)}
            defaultValue={count(sort) ?? ""}
            inputMode="numeric"
            placeholder="–"
            onBlur={(event) =>
              event.target.value !== String(count(sort) ?? "") && counted(sort, event.target.value)
            }
            className="w-14 border-b border-act bg-transparent px-1 text-right font-semibold text-act"
          />
        </label>
      ))}
    </details>
  );
}
