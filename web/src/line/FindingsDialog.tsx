import type { Finding, Rig } from "../api/types";
import { useEditor } from "../edit/RigEditor";
import { Button } from "../parts/Button";
import { Modal } from "../parts/Modal";
import { LINK_NAMES, VERDICT_COLOURS } from "../parts/verdicts";
import { Words } from "../parts/Words";

const FORCES = {
  physics: "physics",
  maker: "the maker's limit",
  safety: "safety",
  practice: "good practice",
  school: "your preference",
};

/** All findings, worst first, each with its cures; practice and preference can be put aside and brought back. */
export function FindingsDialog({ onClose, onCure }: { onClose: () => void; onCure: (id: string) => void }) {
  const { saved } = useEditor();
  const { findings } = saved.review;
  return (
    <Modal
      open
      onClose={onClose}
      title="Findings"
      about="Worst first. Only physics, makers' limits and safety fail a rig; practice and preference may be put aside."
    >
      {findings.length === 0 && <p>Nothing found: every link holds.</p>}
      <ul>
        {findings.map((finding) => (
          <FindingRow key={finding.rule} finding={finding} onCure={onCure} />
        ))}
      </ul>
    </Modal>
  );
}

function FindingRow({ finding, onCure }: { finding: Finding; onCure: (id: string) => void }) {
  const { save } = useEditor();
  const soft = finding.force === "practice" || finding.force === "school";
  const toggled = (rig: Rig): Rig => ({
    ...rig,
    quieted: finding.putAside
      ? rig.quieted.filter((id) => id !== finding.rule)
      : [...rig.quieted, finding.rule],
  });
  return (
    <li className={`border-t border-rule py-3 ${finding.putAside ? "text-ink-3" : ""}`}>
      <p>
        <b className="font-semibold">{LINK_NAMES[finding.link]}</b>{" "}
        <span className={finding.putAside ? "" : VERDICT_COLOURS[finding.verdict]}>
          {finding.putAside ? "put aside" : finding.verdict}
        </span>{" "}
        <span className="text-[13px] text-ink-3">{FORCES[finding.force]}</span>
      </p>
      <p>
        <Words text={finding.text} strong />
      </p>
      <div className="mt-1.5 flex flex-wrap gap-2">
        {finding.cures.map((cure) => (
          <Button key={cure.id} className="text-[13px]" onClick={() => onCure(cure.id)}>
            <Words text={cure.label} />
          </Button>
        ))}
        {soft && (
          <Button look="quiet" className="text-[13px]" onClick={() => save(toggled)}>
            {finding.putAside ? "Bring back" : "Put aside"}
          </Button>
        )}
      </div>
    </li>
  );
}
