import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { startsQuery } from "../api/queries";
import type { Garage, ItemKind } from "../api/types";
import { Button, LEADS_ON } from "../parts/Button";
import { ChoiceOf } from "../parts/Choice";
import type { GarageActs } from "./useGarage";

/** A new piece: what it is, and what it is nearest to. */
export function AddItem({
  garage,
  acts,
  onAdded,
  onLeft,
}: {
  garage: Garage;
  acts: GarageActs;
  onAdded: (id: string) => void;
  onLeft: () => void;
}) {
  const [kind, setKind] = useState<ItemKind>("pack");
  const [like, setLike] = useState("");
  const [name, setName] = useState("");
  const starts = useQuery(startsQuery(kind)).data ?? [];
  const called = name.trim() !== "" ? name : (starts.find((start) => start.id === like)?.name ?? "");
  return (
    <form
      aria-label="A new piece"
      className="border-b border-rule pb-3"
      onSubmit={(event) => {
        event.preventDefault();
        const there = new Set(garage.items.map((item) => item.id));
        acts.add(kind, called, like, (kept) =>
          onAdded(kept.items.find((item) => !there.has(item.id))?.id ?? ""),
        );
      }}
    >
      <ChoiceOf
        label="What it is"
        value={kind}
        options={garage.kinds.map((each): [string, string] => [each.kind, each.words])}
        onChange={(chosen) => {
          setKind(chosen as ItemKind);
          setLike("");
        }}
      />
      {starts.length > 0 && (
        <ChoiceOf
          label="Nearest to"
          value={like}
          options={[
            ["", "nothing of these"],
            ...starts.map((start): [string, string] => [start.id, start.name]),
          ]}
          onChange={setLike}
        />
      )}
      <label className="flex items-baseline justify-between gap-3 py-[5px]">
        What you call it
        <input
          value={name}
          maxLength={120}
          placeholder={called === "" ? "the blue one" : called}
          autoComplete="off"
          onChange={(event) => setName(event.target.value)}
          className="w-[240px] border-b border-act bg-transparent px-1 text-right font-semibold text-act placeholder:font-normal placeholder:text-ink-3 max-md:min-h-[40px]"
        />
      </label>
      <p className="flex items-baseline gap-4 pt-2">
        <Button type="submit" disabled={acts.busy || called === ""}>
          Put it in
        </Button>
        <button type="button" className={LEADS_ON} onClick={onLeft}>
          leave it
        </button>
        {called === "" && <span className="text-[13px] text-ink-3">a name, or what it is nearest to</span>}
      </p>
    </form>
  );
}
