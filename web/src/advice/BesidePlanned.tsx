import { Link } from "react-router";
import { LEADS_ON } from "../parts/Button";

/** Where a rig stands side by side with what it would take the place of. */
export function besidePlanned(id: string, change: string): string {
  return `/compare?of=${id}&of=${id}:${change}`;
}

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
    <Link to={besidePlanned(id, change)} className={LEADS_ON}>
      {words}
    </Link>
  );
}
