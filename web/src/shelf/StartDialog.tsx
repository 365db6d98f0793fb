import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { craftsQuery, devicesQuery } from "../api/queries";
import type { Rig } from "../api/types";
import { Button } from "../parts/Button";
import { CRAFTS } from "../parts/crafts";
import { Modal } from "../parts/Modal";
import { NOTHING_KNOWN, type Known } from "./useShelf";

const HOURS = ["3", "4", "5", "6", "8", "10", "12"];

const DEPTHS: [string, string][] = [
  ["1-4", "shallow, 1 to 4 m"],
  ["2-10", "2 to 10 m"],
  ["3-25", "3 to 25 m"],
  ["5-60", "deep, 5 to 60 m"],
];

/** A name and what carries it; what is known besides may be said, and everything else filled in or left open. */
export function StartDialog({
  onStart,
  onClose,
}: {
  onStart: (name: string, kind: Rig["craft"]["kind"], known: Known) => void;
  onClose: () => void;
}) {
  const [name, setName] = useState("");
  const [kind, setKind] = useState<Rig["craft"]["kind"]>("undecided");
  const [known, setKnown] = useState<Known>(NOTHING_KNOWN);
  const crafts = (useQuery(craftsQuery).data ?? []).filter((item) => item.craft.kind === kind);
  const displays = (useQuery(devicesQuery).data ?? []).filter((each) => each.kind.startsWith("display"));
  const say = (more: Partial<Known>) => setKnown((now) => ({ ...now, ...more }));
  const start = (fill: boolean) => {
    if (name.trim() !== "") onStart(name.trim(), kind, { ...known, fill });
  };
  return (
    <Modal
      open
      onClose={onClose}
      title="Start a rig"
      about="A name and what carries it. What you know may be said now; the rest is asked for step by step, or proposed for you to change."
    >
      <form
        onSubmit={(event) => {
          event.preventDefault();
          start(false);
        }}
      >
        <label className="flex items-baseline justify-between gap-4 py-2">
          <span>Name</span>
          <input
            autoFocus
            value={name}
            maxLength={120}
            placeholder="water, craft, season"
            onChange={(event) => setName(event.target.value)}
            className="w-[60%] border-b border-act bg-transparent py-0.5 font-semibold"
          />
        </label>
        <fieldset className="border-t border-rule pt-3">
          <legend className="sr-only">Carried by</legend>
          <p className="pb-1">Carried by</p>
          <div className="grid gap-x-6 gap-y-1 sm:grid-cols-2">
            {CRAFTS.map(([each, words]) => (
              <label key={each} className="flex items-center gap-2 py-0.5">
                <input
                  type="radio"
                  name="craft"
                  checked={kind === each}
                  onChange={() => {
                    setKind(each);
                    say({ craft: "" });
                  }}
                  className="size-4 accent-[var(--act)]"
                />
                {words}
              </label>
            ))}
          </div>
        </fieldset>
        <fieldset className="mt-3 grid gap-x-6 border-t border-rule pt-2 sm:grid-cols-2">
          <legend className="sr-only">What you know already</legend>
          {crafts.length > 0 && (
            <Ask
              label="Which one"
              value={known.craft}
              options={crafts.map((item): [string, string] => [item.id, item.name])}
              onChange={(craft) => say({ craft })}
            />
          )}
          <Ask
            label="Which display"
            value={known.display}
            options={displays.map((each): [string, string] => [each.id, each.name])}
            onChange={(display) => say({ display })}
          />
          <Ask
            label="How long a day"
            value={known.hours}
            options={HOURS.map((each): [string, string] => [each, `${each} h`])}
            onChange={(hours) => say({ hours })}
          />
          <Ask
            label="How deep"
            value={known.depths}
            options={DEPTHS}
            onChange={(depths) => say({ depths })}
          />
          <Ask
            label="May it be drilled"
            value={known.drill}
            options={[
              ["no-drill", "no"],
              ["above-waterline", "above the waterline"],
            ]}
            onChange={(drill) => say({ drill })}
          />
        </fieldset>
        <div className="mt-4 flex flex-wrap items-baseline gap-3">
          <Button type="submit" disabled={name.trim() === ""}>
            Start it
          </Button>
          <Button
            look="quiet"
            disabled={name.trim() === "" || kind === "undecided"}
            onClick={() => start(true)}
          >
            Have the rest filled in
          </Button>
          <span className="text-[13px] text-ink-3">
            filled in is proposed: each part is yours to keep or change
          </span>
        </div>
      </form>
    </Modal>
  );
}

function Ask({
  label,
  value,
  options,
  onChange,
}: {
  label: string;
  value: string;
  options: [string, string][];
  onChange: (value: string) => void;
}) {
  return (
    <label className="flex items-baseline justify-between gap-3 py-1.5">
      <span>{label}</span>
      <select
        value={value}
        onChange={(event) => onChange(event.target.value)}
        className="max-w-[60%] border-b border-act bg-transparent py-0.5 font-semibold text-act"
      >
        <option value="">not said</option>
        {options.map(([each, words]) => (
          <option key={each} value={each}>
            {words}
          </option>
        ))}
      </select>
    </label>
  );
}
