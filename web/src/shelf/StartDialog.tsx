import { useQuery } from "@tanstack/react-query";
import { useId, useState } from "react";
import { craftsQuery, devicesQuery, packsQuery, pairsQuery, transducersQuery } from "../api/queries";
import type { Rig } from "../api/types";
import { Button } from "../parts/Button";
import { CRAFTS } from "../parts/crafts";
import { Modal } from "../parts/Modal";
import { capital } from "../units/format";
import { useUnits } from "../units/UnitsProvider";
import { answers, fillsIn, type Gear, type Known, NOTHING_KNOWN, type Question } from "./start";

type Kind = Rig["craft"]["kind"];

const GROUPS: [string, [Question, string][]][] = [
  [
    "Where and how",
    [
      ["water", "Which water"],
      ["depths", "How deep"],
      ["season", "Which season"],
      ["style", "How you fish"],
    ],
  ],
  [
    "With what, and how long",
    [
      ["display", "Which display"],
      ["transducer", "Which transducer"],
      ["pack", "Battery you have"],
      ["hours", "How long a day"],
      ["drill", "May it be drilled"],
      ["budget", "What may be spent"],
    ],
  ],
];

/** What carries it; whatever else is known may be said, shows what it fills in, and everything else is proposed or left open. */
export function StartDialog({
  begin = {},
  onStart,
  onClose,
}: {
  /** Known before the first question. */
  begin?: Partial<Known>;
  onStart: (name: string, kind: Kind, known: Known) => void;
  onClose: () => void;
}) {
  const { system } = useUnits();
  const [name, setName] = useState("");
  const [kind, setKind] = useState<Kind>("undecided");
  const [known, setKnown] = useState<Known>({ ...NOTHING_KNOWN, ...begin });
  const gear = useGear(kind, known.display);
  const say = (more: Partial<Known>) => setKnown((now) => ({ ...now, ...more }));
  const ready = name.trim() !== "" || kind !== "undecided";
  const start = (rest: Known["rest"]) => {
    if (ready) onStart(name.trim() || named(kind), kind, { ...known, rest });
  };
  const ask = (question: Question, words: string) => (
    <Ask
      key={question}
      label={words}
      value={known[question]}
      options={answers(question, gear, system)}
      fills={fillsIn(question, known, gear, system)}
      onChange={(value) =>
        say({
          [question]: value,
          ...(question === "display" ? { transducer: "" } : {}),
        })
      }
    />
  );
  return (
    <Modal
      open
      onClose={onClose}
      title="Start a rig"
      about="Say what carries it, and of the rest what you know: any question may be left out. It is asked for later, or proposed for you to change."
    >
      <form
        onSubmit={(event) => {
          event.preventDefault();
          start("open");
        }}
      >
        <label className="flex items-baseline justify-between gap-4 py-1">
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
        <fieldset className="border-t border-rule pt-2">
          <legend className="sr-only">Carried by</legend>
          <p>Carried by</p>
          <div className="grid gap-x-6 sm:grid-cols-3">
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
          {gear.crafts.length > 0 && ask("craft", "Which one")}
        </fieldset>
        <div className="mt-1 grid gap-x-8 border-t border-rule sm:grid-cols-2">
          {GROUPS.map(([title, questions]) => (
            <fieldset key={title} className="min-w-0 pt-2">
              <legend className="sr-only">{title}</legend>
              <p aria-hidden="true" className="text-ink-3">
                {title}
              </p>
              {questions.map(([question, words]) => ask(question, words))}
              {questions.some(([question]) => question === "display") && known.display !== "" && (
                <label className="flex items-center gap-2 py-1">
                  <input
                    type="checkbox"
                    checked={known.owned}
                    onChange={(event) => say({ owned: event.target.checked })}
                    className="size-4 accent-[var(--act)]"
                  />
                  what I chose here I have already
                </label>
              )}
            </fieldset>
          ))}
        </div>
        <div className="mt-3 flex flex-wrap items-baseline gap-3">
          <Button type="submit" look="quiet" disabled={!ready}>
            Start it
          </Button>
          <Button disabled={kind === "undecided"} onClick={() => start("filled-in")}>
            Have the rest filled in
          </Button>
          <Button disabled={kind === "undecided"} onClick={() => start("advised")}>
            Be advised whole rigs
          </Button>
          <span className="text-[13px] text-ink-3">
            filled in is proposed, each part yours to keep or change; advised are whole rigs to choose among
          </span>
        </div>
      </form>
    </Modal>
  );
}

function named(kind: Kind): string {
  const words = CRAFTS.find(([each]) => each === kind)?.[1] ?? "rig";
  return capital(words);
}

/** What may be begun from: crafts of the kind, and with a display only transducers whose plug, sound and views go with it. */
function useGear(kind: Kind, display: string): Gear {
  const crafts = useQuery(craftsQuery).data ?? [];
  const devices = useQuery(devicesQuery).data ?? [];
  const transducers = useQuery(transducersQuery).data ?? [];
  const packs = useQuery(packsQuery).data ?? [];
  const pairs = useQuery(pairsQuery).data ?? [];
  const paired = pairs.filter((pair) => pair.display === display).map((pair) => pair.transducer);
  return {
    crafts: crafts.filter((item) => item.craft.kind === kind),
    displays: devices.filter((each) => each.kind.startsWith("display")),
    transducers: display === "" ? transducers : transducers.filter((each) => paired.includes(each.id)),
    packs,
  };
}

function Ask({
  label,
  value,
  options,
  fills,
  onChange,
}: {
  label: string;
  value: string;
  options: [string, string][];
  fills: string;
  onChange: (value: string) => void;
}) {
  const id = useId();
  return (
    <div className="py-1">
      <div className="flex items-baseline justify-between gap-3">
        <label htmlFor={id}>{label}</label>
        <select
          id={id}
          value={value}
          onChange={(event) => onChange(event.target.value)}
          aria-describedby={`${id}-fills`}
          className="max-w-[62%] border-b border-act bg-transparent py-0.5 font-semibold text-act"
        >
          <option value="">not said</option>
          {options.map(([each, words]) => (
            <option key={each} value={each}>
              {words}
            </option>
          ))}
        </select>
      </div>
      <p id={`${id}-fills`} className="text-right text-[12.5px] text-ink-3">
        {fills}
      </p>
    </div>
  );
}
