import { useRef, useState } from "react";
import { sendLog } from "../../api/logs";
import type { OfferedLog } from "../../api/types";
import { useEditor } from "../../edit/RigEditor";
import { Button } from "../../parts/Button";
import { Modal } from "../../parts/Modal";
import { Words } from "../../parts/Words";
import { Effects } from "../ComparePane";

type State =
  | { kind: "idle" }
  | { kind: "sending"; share: number }
  | { kind: "refused"; why: string }
  | { kind: "offered"; name: string; offered: OfferedLog };

/** Reads a log of a real outing and offers what it says as one change of the water. */
export function LogImport() {
  const { saved, rig, set } = useEditor();
  const [state, setState] = useState<State>({ kind: "idle" });
  const input = useRef<HTMLInputElement>(null);
  const read = async (file: File) => {
    setState({ kind: "sending", share: 0 });
    try {
      const offered = await sendLog(saved.id, file, (share) => setState({ kind: "sending", share }));
      setState({ kind: "offered", name: file.name, offered });
    } catch (error) {
      setState({ kind: "refused", why: error instanceof Error ? error.message : String(error) });
    }
  };
  const { logged } = rig.outing.water;
  return (
    <div className="py-[5px]">
      <input
        ref={input}
        type="file"
        accept=".nmea,.log,.txt,.gpx"
        className="hidden"
        tabIndex={-1}
        aria-hidden="true"
        onChange={(event) => {
          const file = event.target.files?.[0];
          // the same file may be read again
          event.target.value = "";
          if (file) void read(file);
        }}
      />
      {logged.name !== "" && (
        <p className="flex items-baseline gap-3 text-[13px] text-ink-2">
          <span className="min-w-0 grow truncate">by {logged.name}</span>
          <button
            type="button"
            className="shrink-0 text-[12.5px] text-ink-3 underline underline-offset-4"
            onClick={() => set("/outing/water/logged", { name: "", hoursAt: [] })}
          >
            remove<span className="sr-only"> the log</span>
          </button>
        </p>
      )}
      <div className="flex flex-wrap items-baseline gap-x-4">
        <Button look="quiet" disabled={state.kind === "sending"} onClick={() => input.current?.click()}>
          Read a log
        </Button>
        <a
          className="text-[13px] text-act underline underline-offset-4"
          href={`/api/rigs/${saved.id}/log`}
          download
        >
          a made-up log to try it with
        </a>
      </div>
      {state.kind === "sending" && (
        <progress aria-label="Reading the log" className="mt-2 w-full" value={state.share} max={1} />
      )}
      {state.kind === "refused" && (
        <p role="alert" className="mt-1 text-[13px] text-fails">
          Nothing was changed. {state.why}
        </p>
      )}
      {state.kind === "offered" && (
        <Modal
          open
          onClose={() => setState({ kind: "idle" })}
          title={state.name}
          about="What the log says of where you really fish. Taking it is one step, which undo takes back."
        >
          <Offer offered={state.offered} onDone={() => setState({ kind: "idle" })} />
        </Modal>
      )}
    </div>
  );
}

/** What was found in it and from which name; each may be left, what is left out moves nothing. */
function Offer({ offered, onDone }: { offered: OfferedLog; onDone: () => void }) {
  const { save } = useEditor();
  const [left, setLeft] = useState<string[]>([]);
  const taken = offered.taken.map((each) => each.what).filter((each) => !left.includes(each));
  const way = offered.ways.find(
    ({ of }) => of.length === taken.length && of.every((each) => taken.includes(each)),
  );
  return (
    <>
      <ul className="mb-3">
        {offered.taken.map(({ what, says }) => (
          <li key={what} className="py-0.5">
            <label className="flex items-baseline gap-2">
              <input
                type="checkbox"
                className="accent-[var(--act)]"
                checked={taken.includes(what)}
                onChange={(event) =>
                  setLeft(event.target.checked ? left.filter((each) => each !== what) : [...left, what])
                }
              />
              <span>
                <Words text={says} />
              </span>
            </label>
          </li>
        ))}
        {offered.said.map((said, i) => (
          <li key={i} className="py-0.5 pl-[21px] text-ink-2">
            <Words text={said} />
          </li>
        ))}
      </ul>
      {way !== undefined && way.effects.length > 0 ? (
        <Effects effects={way.effects} />
      ) : (
        <p className="text-ink-2">No link moves by it.</p>
      )}
      <div className="mt-4 flex gap-3">
        <Button
          autoFocus
          disabled={way === undefined}
          onClick={() => {
            if (way !== undefined) {
              save((now) => ({ ...now, outing: { ...now.outing, water: way.water } }));
            }
            onDone();
          }}
        >
          Take it
        </Button>
        <Button look="quiet" onClick={onDone}>
          Leave it
        </Button>
      </div>
    </>
  );
}
