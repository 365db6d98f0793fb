import { useQuery } from "@tanstack/react-query";
import { type ReactNode, useState } from "react";
import { changeQuery, changeWorkingsQuery } from "../api/queries";
import type { Link, LinkState, Text } from "../api/types";
import { useEditor } from "../edit/RigEditor";
import { Button } from "../parts/Button";
import { Modal } from "../parts/Modal";
import { LINK_NAMES, VERDICT_COLOURS, VERDICT_WORDS } from "../parts/verdicts";
import { Words } from "../parts/Words";
import { Joint } from "../drawing/Joint";
import { WorkingTable } from "./WorkingTable";

/** A change before it is taken: what moves where. */
export function ChangeDialog({ change, onClose }: { change: string; onClose: () => void }) {
  const { saved, take } = useEditor();
  const [why, setWhy] = useState<Link | null>(null);
  const preview = useQuery(changeQuery(saved.id, saved.revision, change));
  return (
    <Modal
      open
      onClose={onClose}
      title={preview.data ? title(preview.data.label) : "A change"}
      about="What it would do to the line. Taking it is one step, which undo takes back."
    >
      {preview.isPending && <p className="text-ink-3">Working it out…</p>}
      {preview.isError && <p className="text-fails">{NOTHING[change] ?? preview.error.message}</p>}
      {preview.data && (
        <>
          {long(preview.data.label) && (
            <p className="mb-3 max-h-[30vh] overflow-y-auto text-[14px]">
              <Words text={preview.data.label} />.
            </p>
          )}
          <table className="w-full">
            <thead>
              <tr className="text-left text-[13px] text-ink-3">
                <th className="font-medium">link</th>
                <th className="font-medium">now</th>
                <th className="font-medium">after</th>
                <td />
              </tr>
            </thead>
            <tbody>
              {preview.data.effects.map((effect) => (
                <tr key={effect.link} className="border-t border-rule">
                  <th className="py-1.5 pr-2 text-left font-semibold">{LINK_NAMES[effect.link]}</th>
                  <td className="py-1.5">
                    <State state={effect.before} />
                  </td>
                  <td className="py-1.5">
                    <State state={effect.after} />
                  </td>
                  <td className="py-1.5 text-right">
                    <button
                      type="button"
                      className="text-act underline underline-offset-2"
                      aria-expanded={why === effect.link}
                      onClick={() => setWhy(why === effect.link ? null : effect.link)}
                    >
                      why<span className="sr-only"> {LINK_NAMES[effect.link]}</span>
                    </button>
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
          {why !== null && <WhyAfter change={change} link={why} />}
          <div className="mt-4 flex gap-3">
            <Button
              autoFocus
              onClick={() => {
                take(change);
                onClose();
              }}
            >
              Take it
            </Button>
            <Button look="quiet" onClick={onClose}>
              Leave it
            </Button>
          </div>
        </>
      )}
    </Modal>
  );
}

/** What is not offered because there is nothing to do. */
const NOTHING: Record<string, string> = {
  "water.fill-in": "Nothing is open that could be filled in.",
  "water.mend-all": "Everything works, or nothing is known against what won't.",
};

const LONG = 120;

const plain = (text: Text) => text.words.join("");

const long = (text: Text) => plain(text).length > LONG;

/** What is made of many steps is called by its first words; the steps stand below. */
function title(label: Text): ReactNode {
  return long(label) ? plain(label).split(":")[0] : <Words text={label} />;
}

/** The working of a link as it would be after the change. */
function WhyAfter({ change, link }: { change: string; link: Link }) {
  const { saved } = useEditor();
  const workings = useQuery(changeWorkingsQuery(saved.id, saved.revision, change, link));
  return (
    <div
      className="mt-3 max-h-[40vh] overflow-y-auto border-y border-rule py-2"
      tabIndex={0}
      role="region"
      aria-label="why"
    >
      {workings.isPending && <p className="text-ink-3">Fetching the working…</p>}
      {workings.isError && <p className="text-fails">{workings.error.message}</p>}
      {workings.data?.map((working, i) => (
        <WorkingTable key={i} working={working} />
      ))}
    </div>
  );
}

function State({ state }: { state: LinkState }) {
  const verdict = state.kind === "judged" ? state.verdict : "unset";
  return (
    <span className="flex items-center gap-2">
      <Joint verdict={verdict} wide={44} />
      <span className="font-semibold">{state.kind === "judged" ? <Words text={state.number} /> : "–"}</span>
      <span className={`pr-4 text-[13px] whitespace-nowrap ${VERDICT_COLOURS[verdict]}`}>
        {VERDICT_WORDS[verdict]}
      </span>
    </span>
  );
}
