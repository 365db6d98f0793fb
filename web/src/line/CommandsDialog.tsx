import { useState } from "react";
import { Kbd } from "../parts/Kbd";
import { Modal } from "../parts/Modal";
import { keysOn } from "../parts/keys";

export interface Command {
  key: string;
  words: string;
  run: () => void;
}

/** Everything that can be done from here, to be found by typing; with the keys that do it at once. */
export function CommandsDialog({ commands, onClose }: { commands: Command[]; onClose: () => void }) {
  const [wanted, setWanted] = useState("");
  const [keys, setKeys] = useState(keysOn());
  const found = commands.filter((each) => each.words.toLowerCase().includes(wanted.toLowerCase()));
  const run = (command: Command | undefined) => {
    if (command) {
      onClose();
      command.run();
    }
  };
  return (
    <Modal open onClose={onClose} title="Commands and keys" about="Type to find one, Enter runs the first.">
      <input
        autoFocus
        aria-label="Find a command"
        value={wanted}
        onChange={(event) => setWanted(event.target.value)}
        onKeyDown={(event) => event.key === "Enter" && run(found[0])}
        className="mb-2 w-full border-b border-act bg-transparent py-1"
      />
      <ul>
        {found.map((command) => (
          <li key={command.words} className="border-b border-grid">
            <button
              type="button"
              onClick={() => run(command)}
              className="flex w-full justify-between py-1.5 text-left hover:bg-act-soft"
            >
              {command.words}
              <Kbd>{command.key}</Kbd>
            </button>
          </li>
        ))}
      </ul>
      <label className="mt-3 flex gap-2">
        <input
          type="checkbox"
          checked={keys}
          onChange={(event) => {
            localStorage.setItem("keys", event.target.checked ? "on" : "off");
            setKeys(event.target.checked);
          }}
        />
        single-letter keys work
      </label>
    </Modal>
  );
}
