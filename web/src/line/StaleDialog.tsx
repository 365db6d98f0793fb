import type { Problem, Text } from "../api/types";
import { useEditor } from "../edit/RigEditor";
import { Button } from "../parts/Button";
import { Modal } from "../parts/Modal";
import { Words } from "../parts/Words";

/** Two windows edited one rig: what each did, and what becomes of the edit that came second. */
export function StaleDialog({ problem }: { problem: Problem }) {
  const { dismiss, putOnTop, keepAsCopy } = useEditor();
  return (
    <Modal
      open
      onClose={dismiss}
      title="This rig was changed in another window"
      about="What the other window did is saved. What this one wanted is not yet: it can go on top, stand beside it as a copy, or be let go."
    >
      <div className="grid gap-6 md:grid-cols-2">
        <Did title="The other window" changes={problem.theirs ?? []} />
        <Did title="This window, not saved yet" changes={problem.yours ?? []} />
      </div>
      <div className="mt-4 flex flex-wrap gap-3">
        <Button autoFocus onClick={dismiss}>
          Go on from theirs
        </Button>
        {putOnTop && (
          <Button look="quiet" onClick={putOnTop}>
            Put this window’s version on top
          </Button>
        )}
        {keepAsCopy && (
          <Button look="quiet" onClick={keepAsCopy}>
            Keep it as a copy
          </Button>
        )}
      </div>
    </Modal>
  );
}

function Did({ title, changes }: { title: string; changes: Text[] }) {
  return (
    <section>
      <h3 className="border-b border-rule pb-1 font-semibold">{title}</h3>
      {changes.length === 0 && <p className="py-1 text-ink-2">Only went back or forth.</p>}
      <ul>
        {changes.map((change, i) => (
          <li key={i} className="py-1">
            <Words text={change} strong />
          </li>
        ))}
      </ul>
    </section>
  );
}
