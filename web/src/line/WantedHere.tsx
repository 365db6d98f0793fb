import { useNavigate } from "react-router";
import { focusField, linkOf } from "../edit/fields";
import { useEditor } from "../edit/RigEditor";
import { LINK_NAMES } from "../parts/verdicts";

/** Leads to the field that is wanted, on whichever link it is typed. */
export function WantedHere({ pointer }: { pointer: string }) {
  const { saved, link } = useEditor();
  const navigate = useNavigate();
  const home = linkOf(pointer, link);
  return (
    <button
      type="button"
      className="font-semibold text-act underline decoration-dashed underline-offset-4"
      onClick={() => {
        void navigate(`/rigs/${saved.id}/${home}`);
        focusField(pointer);
      }}
    >
      {home === link ? "say what is wanted here" : `say what is wanted, under ${LINK_NAMES[home]}`}
    </button>
  );
}
