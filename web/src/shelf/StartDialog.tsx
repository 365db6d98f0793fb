import { useState } from "react";
import type { Rig } from "../api/types";
import { Button } from "../parts/Button";
import { CRAFTS } from "../parts/crafts";
import { Modal } from "../parts/Modal";

/** A name and what carries it: everything else stays open. */
export function StartDialog({
  onStart,
  onClose,
}: {
  onStart: (name: string, kind: Rig["craft"]["kind"]) => void;
  onClose: () => void;
}) {
  const [name, setName] = useState("");
  const [kind, setKind] = useState<Rig["craft"]["kind"]>("undecided");
  return (
    <Modal
      open
      onClose={onClose}
      title="Start a rig"
      about="A name and what carries it; the rest is asked for step by step, and nothing is made up meanwhile."
    >
      <form
        onSubmit={(event) => {
          event.preventDefault();
          if (name.trim() !== "") onStart(name.trim(), kind);
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
                  onChange={() => setKind(each)}
                  className="size-4 accent-[var(--act)]"
                />
                {words}
              </label>
            ))}
          </div>
        </fieldset>
        <Button type="submit" className="mt-4" disabled={name.trim() === ""}>
          Start it
        </Button>
      </form>
    </Modal>
  );
}
