import { useId, useState } from "react";
import type { Build, Workshop } from "../api/types";
import { Button } from "../parts/Button";
import { Modal } from "../parts/Modal";
import { useUnits } from "../units/UnitsProvider";
import type { Sheet } from "./useBuild";

/** When a person works, and how warm it is where things cure. */
export function WorkshopDialog({
  build,
  sheet,
  onClose,
}: {
  build: Build;
  sheet: Sheet;
  onClose: () => void;
}) {
  const { system } = useUnits();
  const metric = system === "metric";
  const shownC = (celsius: number) => (metric ? celsius : Math.round(celsius * 1.8 + 32));
  const [typed, type] = useState({
    firstDay: build.workshop.firstDay,
    celsius: String(shownC(build.workshop.celsius)),
    eveningH: String(build.workshop.eveningH),
    saturdayH: String(build.workshop.saturdayH),
    sundayH: String(build.workshop.sundayH),
  });
  const number = (words: string) => Number(words.replace(",", "."));
  const keep = () => {
    const degrees = number(typed.celsius);
    const said: Workshop = {
      firstDay: typed.firstDay,
      // by the clock of whoever works: the machine may stand elsewhere
      zone: build.chosen ? build.workshop.zone : Intl.DateTimeFormat().resolvedOptions().timeZone,
      celsius: metric ? degrees : (degrees - 32) / 1.8,
      eveningH: number(typed.eveningH),
      saturdayH: number(typed.saturdayH),
      sundayH: number(typed.sundayH),
    };
    sheet.workshop.mutate(said, { onSuccess: onClose });
  };
  const field = (name: keyof typeof typed, label: string, unit: string, kind = "text") => (
    <Field
      label={label}
      unit={unit}
      kind={kind}
      value={typed[name]}
      onType={(words) => type({ ...typed, [name]: words })}
    />
  );
  return (
    <Modal
      open
      onClose={onClose}
      title="My days and my workshop"
      about="Glue and sealant cure by the clock; twice as long for every ten degrees colder."
    >
      {field("firstDay", "first day", "", "date")}
      {field("celsius", "how warm it is where things cure", metric ? "°C" : "°F")}
      {field("eveningH", "on a weekday's evening, from 19:00", "h")}
      {field("saturdayH", "on a Saturday, from 9:30", "h")}
      {field("sundayH", "on a Sunday, from 9:30", "h")}
      {sheet.workshop.isError && (
        <p role="alert" className="py-2 text-fails">
          {sheet.workshop.error.message}
        </p>
      )}
      <p className="pt-3">
        <Button onClick={keep} disabled={sheet.workshop.isPending}>
          Plan by that
        </Button>
      </p>
    </Modal>
  );
}

function Field({
  label,
  unit,
  kind,
  value,
  onType,
}: {
  label: string;
  unit: string;
  kind: string;
  value: string;
  onType: (words: string) => void;
}) {
  const id = useId();
  return (
    <div className="flex items-baseline justify-between gap-3 border-b border-grid py-1.5">
      <label htmlFor={id}>{label}</label>
      <span className="whitespace-nowrap">
        <input
          id={id}
          type={kind}
          inputMode={kind === "text" ? "decimal" : undefined}
          value={value}
          onChange={(event) => onType(event.target.value)}
          className={`border-b border-act bg-transparent text-right font-semibold text-act ${kind === "text" ? "w-[72px]" : ""}`}
        />{" "}
        {unit}
      </span>
    </div>
  );
}
