import { useNavigate } from "react-router";
import { useEditor } from "../edit/RigEditor";
import { Button } from "../parts/Button";
import { Modal } from "../parts/Modal";

/** The rig was deleted in another window while this one edited it: it comes back, stays as a copy, or is let go. */
export function GoneDialog() {
  const { dismiss, bringBack, keepAsCopy } = useEditor();
  const navigate = useNavigate();
  return (
    <Modal
      open
      onClose={dismiss}
      title="This rig was deleted in another window"
      about="What this window wanted is not kept yet. The rig can come back with all its history, or this window’s version can stand on the shelf as a rig of its own."
    >
      <div className="mt-2 flex flex-wrap gap-3">
        <Button autoFocus onClick={bringBack}>
          Bring it back, with this change
        </Button>
        {keepAsCopy && (
          <Button look="quiet" onClick={keepAsCopy}>
            Keep it as a copy
          </Button>
        )}
        <Button look="quiet" onClick={() => void navigate("/")}>
          Let it go, to the shelf
        </Button>
      </div>
    </Modal>
  );
}
