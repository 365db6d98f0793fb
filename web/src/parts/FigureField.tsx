import { useEffect, useId, useState } from "react";
import type { Basis, Figure, Unit } from "../api/types";
import { useEditor } from "../edit/RigEditor";
import { getAt } from "../edit/pointer";
import { numberOf, shown, symbolOf, typedNumber } from "../units/format";
import { parse } from "../units/parse";
import { useUnits } from "../units/UnitsProvider";
import { FieldProblem } from "./FieldProblem";
import { useTyped } from "./useTyped";

const BASES: Basis[] = ["measured", "rated", "chosen"];

/**
 * One figure of the rig: typed in the person's own units, with where it comes from; empty is unset. What would be assumed
 * stands in the empty field.
 */
export function FigureField({
  label,
  hint = "",
  pointer,
  unit,
  basis = "rated",
}: {
  label: string;
  hint?: string;
  pointer: string;
  unit: Unit;
  basis?: Basis;
}) {
  const { rig, set, saved } = useEditor();
  const { system } = useUnits();
  const id = useId();
  const figure = getAt(rig, pointer) as Figure | undefined;
  const given = figure?.kind === "given" ? figure : undefined;
  const kept = given ? typedNumber(given.value, unit, system) : "";
  const [fault, setFault] = useState("");
  useEffect(() => setFault(""), [kept]);

  const assumed = saved.review.assumed.find((each) => each.pointer === pointer)?.figure;
  const symbol = symbolOf(unit, system);
  const { typed, put, back, enter, leave } = useTyped(kept, (words) => {
    const value = parse(words, unit, system);
    if (words.trim() === "") {
      set(pointer, { kind: "unset" });
    } else if (Number.isFinite(value)) {
      setFault("");
      // what is typed over a proposal is the person's own
      const own = given && given.basis !== "proposed" ? given.basis : basis;
      set(pointer, { kind: "given", value, basis: own });
    } else {
      setFault(`"${words}" is no number${example(unit, system)}. Nothing was saved.`);
    }
  });
  return (
    <div className="flex flex-wrap items-baseline justify-between gap-x-3 py-[5px]">
      <label htmlFor={id} className="grow basis-1/4">
        {label} {hint !== "" && <span className="text-[12.5px] text-ink-3">{hint}</span>}
      </label>
      <span className="flex items-baseline">
        <input
          id={id}
          data-field={pointer}
          value={typed}
          inputMode="text"
          autoComplete="off"
          placeholder={assumed?.kind === "given" ? numberOf(assumed.value, unit, system) : "–"}
          onChange={(event) => {
            put(event.target.value);
            if (event.target.value === kept) setFault("");
          }}
          onBlur={leave}
          onKeyDown={(event) => {
            if (event.key === "Enter") enter();
            if (event.key === "Escape") {
              back();
              setFault("");
            }
          }}
          aria-invalid={fault !== ""}
          aria-describedby={`${id}-note`}
          className="w-[92px] border-b border-act bg-transparent px-1 text-right font-semibold text-act placeholder:font-normal placeholder:text-ink-3"
        />
        <span className="ml-1 w-[38px] text-ink-2">{symbol}</span>
      </span>
      <span className="w-[84px] text-right text-[12.5px]">
        {given ? (
          <select
            aria-label={`${label}: where it comes from`}
            value={given.basis}
            onChange={(event) => set(pointer, { ...given, basis: event.target.value })}
            className={`bg-transparent ${given.basis === "proposed" ? "text-act" : "text-ink-3"}`}
          >
            {(given.basis === "proposed" ? ([...BASES, "proposed"] as Basis[]) : BASES).map((each) => (
              <option key={each}>{each}</option>
            ))}
          </select>
        ) : (
          <span className="text-ink-3">{assumed ? "our guess" : "not said"}</span>
        )}
      </span>
      <span id={`${id}-note`} className="basis-full">
        {fault !== "" && (
          <span role="alert" className="block text-right text-[13px] text-fails">
            {fault}
          </span>
        )}
        <FieldProblem pointer={pointer} label={label} unit={unit} />
      </span>
    </div>
  );
}

function example(unit: Unit, system: "metric" | "us"): string {
  const { style } = shown(unit, system);
  if (style === "hours-minutes") return ", such as 5 h 30 or 5.5";
  return style === "feet-inches" ? ", such as 6 ft 3 in" : "";
}
