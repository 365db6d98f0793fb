import { useQuery } from "@tanstack/react-query";
import { deletedQuery } from "../api/queries";
import { Button } from "../parts/Button";
import { Modal } from "../parts/Modal";
import { when } from "../parts/when";

/** What was deleted and can be brought back, with all its history. */
export function DeletedDialog({
  onRestore,
  onClose,
}: {
  onRestore: (id: string) => void;
  onClose: () => void;
}) {
  const deleted = useQuery(deletedQuery);
  return (
    <Modal open onClose={onClose} title="Deleted rigs" about="Nothing is lost: each comes back as it was.">
      {deleted.isPending && <p className="text-ink-3">Looking…</p>}
      {deleted.isError && <p className="text-fails">{deleted.error.message}</p>}
      {deleted.data?.length === 0 && <p>Nothing was deleted.</p>}
      <ul>
        {deleted.data?.map((rig) => (
          <li key={rig.id} className="flex items-center gap-4 border-t border-rule py-2">
            <span className="grow font-semibold">{rig.name}</span>
            <span className="text-[13px] text-ink-3">{when(rig.deletedAt)}</span>
            <Button look="quiet" onClick={() => onRestore(rig.id)}>
              Bring back<span className="sr-only"> {rig.name}</span>
            </Button>
          </li>
        ))}
      </ul>
    </Modal>
  );
}
