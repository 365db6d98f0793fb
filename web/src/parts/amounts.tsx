import { useEffect, useId, useRef, useState } from "react";
import type { Figure, Unit } from "../api/types";
import { symbolOf, typedNumber } from "../units/format";
import { parse } from "../units/parse";
import { useUnits } from "../units/UnitsProvider";

/** A number in the person's own units; what is no number is said, and the last that was one counts on. */
export function NumberOf({
  label,
  unit,
  value,
  empty = false,
  focus = false,
  onValue,
  onEmpty,
}: {
  label: string;
  unit: Unit;
  value: number;
  empty?: boolean;
  focus?: boolean;
  onValue: (value: number) => void;
  onEmpty?: () => void;
}) {
  const { system } = useUnits();
  const id = useId();
  const field = useRef<HTMLInputElement>(null);
  const shown = empty ? "" : typedNumber(value, unit, system);
  const [typed, type] = useState(shown);
  const [wrong, setWrong] = useState(false);
  useEffect(() => {
    if (document.activeElement !== field.current) type(shown);
  }, [shown]);
  useEffect(() => {
    if (focus) field.current?.focus();
  }, [focus]);
  return (
    <div className="flex flex-wrap items-baseline justify-between gap-x-3 py-[5px]">
      <label htmlFor={id}>{label}</label>
      <span className="flex items-baseline">
        <input
          ref={field}
          id={id}
          inputMode="text"
          autoComplete="off"
          value={typed}
          placeholder="–"
          aria-invalid={wrong}
          onChange={(event) => {
            const words = event.target.value;
            const parsed = parse(words, unit, system);
            type(words);
            setWrong(words.trim() !== "" && !Number.isFinite(parsed));
            if (words.trim() === "") onEmpty?.();
            else if (Number.isFinite(parsed)) onValue(parsed);
          }}
          onBlur={() => {
            type(shown);
            setWrong(false);
          }}
          className="w-[92px] border-b border-act bg-transparent px-1 text-right font-semibold text-act placeholder:font-normal placeholder:text-ink-3 max-md:min-h-[40px]"
        />
        <span className="ml-1 w-[38px] text-ink-2">{symbolOf(unit, system)}</span>
      </span>
      {wrong && (
        <span role="alert" className="basis-full text-right text-[13px] text-fails">
          “{typed}” is no number{unit === "hour" && ", such as 5 h 30 or 5.5"}.
        </span>
      )}
    </div>
  );
}

/** A reading that may be missing. */
export function FigureOf({
  label,
  unit,
  figure,
  onFigure,
}: {
  label: string;
  unit: Unit;
  figure: Figure | undefined;
  onFigure: (figure: Figure) => void;
}) {
  return (
    <NumberOf
      label={label}
      unit={unit}
      value={figure?.kind === "given" ? figure.value : 0}
      empty={figure?.kind !== "given"}
      onValue={(value) => onFigure({ kind: "given", value, basis: "measured" })}
      onEmpty={() => onFigure({ kind: "unset" })}
    />
  );
}

/** A share from nothing to all. */
export function ShareOf({
  label,
  value,
  onValue,
}: {
  label: string;
  value: number;
  onValue: (value: number) => void;
}) {
  const id = useId();
  return (
    <div className="flex items-center justify-between gap-3 py-[5px]">
      <label htmlFor={id}>{label}</label>
      <span className="flex items-center gap-2">
        <input
          id={id}
          type="range"
          min={0}
          max={100}
          step={5}
          value={Math.round(value * 100)}
          onChange={(event) => onValue(Number(event.target.value) / 100)}
          className="w-[130px] accent-[var(--act)] max-md:h-11"
        />
        <span className="w-[46px] text-right font-semibold text-act">{Math.round(value * 100)} %</span>
      </span>
    </div>
  );
}
