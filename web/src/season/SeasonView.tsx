import { useNavigate, useParams } from "react-router";
import { useKeys } from "../parts/keys";
import { RigHead, Trouble } from "../parts/RigHead";
import { useUnits } from "../units/UnitsProvider";
import { CareList } from "./CareList";
import { LayUp } from "./LayUp";
import { useCare } from "./useCare";

/** A rig through its seasons: what is due, what rests. */
export default function SeasonView() {
  const { id = "" } = useParams();
  const { toggle } = useUnits();
  const navigate = useNavigate();
  const acts = useCare(id);
  const { data, isPending, isError, error } = acts.care;
  useKeys({
    u: toggle,
    l: () => void navigate(`/rigs/${id}`),
    s: () => void navigate(`/rigs/${id}/sheet`),
    b: () => void navigate(`/rigs/${id}/bench`),
    t: () => void navigate(`/rigs/${id}/log`),
  });
  const due = data?.due.filter((each) => each.due).length ?? 0;
  return (
    <div className="flex min-h-screen flex-col md:h-screen">
      <RigHead id={id} at="season" about={data ? (due === 0 ? "nothing is due" : `${due} due`) : ""} />
      <Trouble words={acts.trouble} />
      {isPending && <p className="p-7 text-ink-3">Counting the days…</p>}
      {isError && <p className="p-7 text-fails">{error.message}</p>}
      {data && (
        <main className="grid min-h-0 grow grid-cols-1 md:grid-cols-[minmax(0,1fr)_minmax(400px,0.8fr)]">
          <CareList id={id} care={data} acts={acts} />
          <LayUp id={id} care={data} acts={acts} />
        </main>
      )}
    </div>
  );
}
