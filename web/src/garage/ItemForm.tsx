import { useState, type ReactNode } from "react";
import { Link } from "react-router";
import type { ItemShown } from "../api/types";
import { FigureOf } from "../parts/amounts";
import { Button, LEADS_ON } from "../parts/Button";
import { ChoiceOf } from "../parts/Choice";
import { today } from "../parts/when";
import { Words } from "../parts/Words";
import { capital, says } from "../units/format";
import { saidOf } from "./said";
import type { GarageActs } from "./useGarage";

/** A piece with everything that is declared of it; kept when its owner says so. */
export function ItemForm({ item, acts, onGone }: { item: ItemShown; acts: GarageActs; onGone: () => void }) {
  const before = saidOf(item);
  const [said, say] = useState(before);
  const changed = JSON.stringify(said) !== JSON.stringify(before);
  const tell = (more: Partial<typeof said>) => say({ ...said, ...more });
  return (
    <form
      aria-label={item.name}
      onSubmit={(event) => {
        event.preventDefault();
        acts.keep(item.id, said, acts.hush);
      }}
    >
      <Line label="Name">
        <Typed value={said.name} onTyped={(name) => tell({ name })} required />
      </Line>
      <Line label="Where it is">
        <Typed value={said.place} onTyped={(place) => tell({ place })} hint="shelf in the shed" />
      </Line>
      <Line label="Bought">
        <input
          type="date"
          aria-label="Bought"
          max={today()}
          value={said.bought}
          onChange={(event) => tell({ bought: event.target.value })}
          className="border-b border-act bg-transparent font-semibold text-act max-md:min-h-[40px]"
        />
      </Line>
      <FigureOf label="Paid" unit="money" figure={said.paid} onFigure={(paid) => tell({ paid })} />
      <FigureOf label="Worth today" unit="money" figure={said.worth} onFigure={(worth) => tell({ worth })} />
      <h3 className="pt-3 pb-1 text-[13px] text-ink-3">as its label says, or as it was measured</h3>
      {item.choices.map((choice, i) => (
        <ChoiceOf
          key={choice.name}
          label={capital(choice.words)}
          value={said.choices[i]!.chosen}
          options={choice.among.map(({ name, words }): [string, string] => [name, words])}
          onChange={(chosen) =>
            tell({ choices: said.choices.map((each, k) => (k === i ? { ...each, chosen } : each)) })
          }
        />
      ))}
      {item.numbers.map((number, i) => (
        <FigureOf
          key={number.name}
          label={capital(number.words)}
          unit={number.unit}
          figure={said.numbers[i]!.figure}
          onFigure={(figure) =>
            tell({ numbers: said.numbers.map((each, k) => (k === i ? { ...each, figure } : each)) })
          }
        />
      ))}
      <label className="block pt-2">
        Note
        <textarea
          value={said.note}
          maxLength={1000}
          rows={2}
          onChange={(event) => tell({ note: event.target.value })}
          className="mt-1 w-full border border-act bg-transparent px-2 py-1 text-act"
        />
      </label>
      <p className="flex flex-wrap items-baseline gap-4 py-3">
        <Button type="submit" disabled={acts.busy || !changed}>
          Keep it so
        </Button>
        {changed && (
          <button type="button" className={LEADS_ON} onClick={() => say(before)}>
            as it was
          </button>
        )}
        <button
          type="button"
          className="ml-auto text-ink-2 underline decoration-rule underline-offset-4"
          onClick={() => acts.giveAway(item.id, onGone)}
        >
          give it away
        </button>
      </p>
    </form>
  );
}

/** Which rigs have it, and what each says otherwise. */
export function ItemUses({ item }: { item: ItemShown }) {
  return (
    <>
      {says(item.ageing) && (
        <p className="text-close first-letter:uppercase">
          <Words text={item.ageing} />.
        </p>
      )}
      <Uses item={item} />
    </>
  );
}

function Uses({ item }: { item: ItemShown }) {
  if (item.uses.length === 0) {
    return (
      <p className="py-2 text-ink-2">
        In no rig yet: it stands in Compare of its link, on every rig’s line, marked as yours.
      </p>
    );
  }
  return (
    <ul aria-label="Rigs that have it" className="py-2">
      {item.uses.map((use) => (
        <li key={`${use.rig} ${use.part}`} className="border-b border-grid py-1.5">
          <Link
            to={`/rigs/${use.rig}/season`}
            className="font-semibold underline decoration-rule underline-offset-4"
          >
            {use.rigName}
          </Link>
          {use.compared && <span className="text-ink-2"> compares with it</span>}
          {use.differs.map((words, i) => (
            <span key={i} className="block text-[13px] text-close">
              <Words text={words} />
            </span>
          ))}
        </li>
      ))}
    </ul>
  );
}

function Line({ label, children }: { label: string; children: ReactNode }) {
  return (
    <div className="flex flex-wrap items-baseline justify-between gap-3 py-[5px]">
      <span aria-hidden>{label}</span>
      {children}
    </div>
  );
}

function Typed({
  value,
  onTyped,
  hint = "",
  required = false,
}: {
  value: string;
  onTyped: (value: string) => void;
  hint?: string;
  required?: boolean;
}) {
  return (
    <input
      aria-label={required ? "Name" : "Where it is"}
      required={required}
      maxLength={120}
      value={value}
      placeholder={hint}
      autoComplete="off"
      onChange={(event) => onTyped(event.target.value)}
      className="w-[240px] border-b border-act bg-transparent px-1 text-right font-semibold text-act placeholder:font-normal placeholder:text-ink-3 max-md:min-h-[40px]"
    />
  );
}
