import { useQuery } from "@tanstack/react-query";
import { remediesQuery } from "../api/queries";
import type { Finding, Remedy, Rig } from "../api/types";
import { useEditor } from "../edit/RigEditor";
import { Button } from "../parts/Button";
import { Modal } from "../parts/Modal";
import { Offers } from "../parts/Offers";
import { LINK_NAMES, VERDICT_COLOURS, VERDICT_WORDS } from "../parts/verdicts";
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
  const remedies = useQuery(remediesQuery(saved.id, saved.revision));
  return (
    <Modal
      open
      onClose={onClose}
      title="Findings"
      about="Worst first. Only physics, makers' limits and safety fail a rig; practice and preference may be put aside."
    >
      {remedies.isError && <p className="text-fails">{remedies.error.message}</p>}
      {findings.length === 0 && <p>Nothing found: all nine links are good.</p>}
      <ul>
        {findings.map((finding) => (
          <FindingRow
            key={finding.rule}
            finding={finding}
            remedy={remedies.data?.find((each) => each.rule === finding.rule)}
            looking={remedies.isPending && finding.verdict !== "unset"}
            onCure={onCure}
          />
        ))}
      </ul>
    </Modal>
  );
}

function FindingRow({
  finding,
  remedy,
  looking,
  onCure,
}: {
  finding: Finding;
  remedy: Remedy | undefined;
  looking: boolean;
  onCure: (id: string) => void;
}) {
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
          {finding.putAside ? "put aside" : VERDICT_WORDS[finding.verdict]}
        </span>{" "}
        <span className="text-[13px] text-ink-3">{FORCES[finding.force]}</span>
      </p>
      <p>
        <Words text={finding.text} strong />
      </p>
      {looking && <p className="text-ink-3">Looking for what mends it…</p>}
      {remedy && <Offers remedy={remedy} onCure={onCure} />}
      {soft && (
        <Button look="quiet" className="mt-1.5 text-[13px]" onClick={() => save(toggled)}>
          {finding.putAside ? "Bring back" : "Put aside"}
        </Button>
      )}
    </li>
  );
}
