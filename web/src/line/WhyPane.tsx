import { useQuery } from "@tanstack/react-query";
import { workingsQuery } from "../api/queries";
import { useEditor } from "../edit/RigEditor";
import { WorkingTable } from "./WorkingTable";

/** The workings of the link: every number with its inputs, formula and source. */
export function WhyPane() {
  const { saved, link } = useEditor();
  const workings = useQuery(workingsQuery(saved.id, saved.revision, link));
  if (workings.isPending) {
    return <p className="text-ink-3">Fetching the working…</p>;
  }
  if (workings.isError) {
    return <p className="text-fails">{workings.error.message}</p>;
  }
  return workings.data.map((working, i) => <WorkingTable key={i} working={working} />);
}
