import { useQuery } from "@tanstack/react-query";
import { useNavigate, useParams } from "react-router";
import { rigQuery } from "../api/queries";
import { useKeys } from "../parts/keys";
import { RigHead, Trouble } from "../parts/RigHead";
import { useUnits } from "../units/UnitsProvider";
import { CareList } from "./CareList";
import { LayUp } from "./LayUp";
import { Stations } from "./Stations";
import { DaysOut } from "./DaysOut";
import { RigGear } from "./RigGear";
import { useCare } from "./useCare";
import { useRigGarage } from "./useRigGarage";

/** A rig through its seasons: what is due, what rests. */
export default function SeasonView() {
  const { id = "" } = useParams();
  const { toggle } = useUnits();
  const navigate = useNavigate();
  const acts = useCare(id);
  const gear = useRigGarage(id);
  const saved = useQuery(rigQuery(id));
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
      <Trouble words={acts.trouble || gear.trouble} />
      {isPending && <p className="p-7 text-ink-3">Counting the days…</p>}
      {isError && <p className="p-7 text-fails">{error.message}</p>}
      {data && (
        <main className="grid min-h-0 grow grid-cols-1 md:grid-cols-[minmax(0,1fr)_minmax(400px,0.8fr)]">
          <CareList id={id} care={data} acts={acts} />
          <div
            tabIndex={0}
            role="region"
            aria-label="Days, gear and rest"
            className="min-h-0 overflow-auto bg-sheet px-6 pb-6 max-md:px-3"
          >
            {gear.own.data && (
              <>
                <DaysOut id={id} own={gear.own.data} acts={gear} />
                <Stations id={id} name={saved.data?.rig.name ?? ""} />
                <RigGear own={gear.own.data} acts={gear} />
              </>
            )}
            <LayUp id={id} care={data} acts={acts} />
          </div>
        </main>
      )}
    </div>
  );
}
