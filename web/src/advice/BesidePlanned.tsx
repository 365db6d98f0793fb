import { Link } from "react-router";
import { LEADS_ON } from "../parts/Button";

/** Leads to a rig side by side with what it would take the place of. */
export function BesidePlanned({
  id,
  change,
  words = "beside what is planned",
}: {
  id: string;
  change: string;
  words?: string;
}) {
  return (
    <Link to={`/compare?of=${id}&of=${id}:${change}`} className={LEADS_ON}>
      {words}
    </Link>
  );
}
