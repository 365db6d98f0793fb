import { linkOf } from "../edit/fields";
import { useEditor } from "../edit/RigEditor";
import { useReach } from "../edit/useReach";
import { LEADS_ON } from "../parts/Button";
import { LINK_NAMES } from "../parts/verdicts";

/** Leads to the field that is wanted, on whichever link it is typed. */
export function WantedHere({ pointer }: { pointer: string }) {
  const { link } = useEditor();
  const reach = useReach();
  const home = linkOf(pointer, link);
  return (
    <button type="button" className={`font-semibold ${LEADS_ON}`} onClick={() => reach(pointer, link)}>
      {home === link ? "say what is wanted here" : `say what is wanted, under ${LINK_NAMES[home]}`}
    </button>
  );
}
