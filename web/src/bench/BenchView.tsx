import { useQuery } from "@tanstack/react-query";
import { Link, useNavigate, useParams, useSearchParams } from "react-router";
import { rigQuery } from "../api/queries";
import type { Bench } from "../api/types";
import { SceneDrawing } from "../drawing/SceneDrawing";
import { useKeys } from "../parts/keys";
import { RigHead, Trouble } from "../parts/RigHead";
import { Words } from "../parts/Words";
import { useUnits } from "../units/UnitsProvider";
import { MeterPanel } from "./MeterPanel";
import { Readings } from "./Readings";
import { Suspects } from "./Suspects";
import { Symptoms } from "./Symptoms";
import { type BenchActs, useBench } from "./useBench";

/** The rig under the meter: what it should say, what it says, and where to look. */
export default function BenchView() {
  const { id = "" } = useParams();
  const { toggle } = useUnits();
  const navigate = useNavigate();
  const bySight = useSearchParams()[0].get("by") === "sight";
  const acts = useBench(id, !bySight);
  const revision = useQuery(rigQuery(id)).data?.revision;
  useKeys({
    u: toggle,
    l: () => void navigate(`/rigs/${id}`),
    s: () => void navigate(`/rigs/${id}/sheet`),
  });
  const { data, isError, error } = acts.bench;
  return (
    <div className="flex min-h-screen flex-col md:h-screen">
      <RigHead id={id} at="bench" about={revision === undefined ? "" : `bench for revision ${revision}`} />
      <Trouble words={acts.trouble} />
      <Ways bySight={bySight} />
      {bySight && <Symptoms id={id} />}
      {!bySight && acts.bench.isPending && (
        <p className="p-7 text-ink-3">Working out what the meter should say…</p>
      )}
      {!bySight && isError && <p className="p-7 text-fails">{error.message}</p>}
      {!bySight && data && <OnTheBench id={id} bench={data} acts={acts} />}
    </div>
  );
}

/** Two ways to what is wrong. */
function Ways({ bySight }: { bySight: boolean }) {
  const look = (here: boolean) =>
    here
      ? "border-b-2 border-act font-semibold"
      : "border-b-2 border-transparent text-ink-2 hover:border-rule";
  return (
    <nav aria-label="Ways to find it" className="flex gap-6 border-b border-rule px-7 pt-2 max-md:px-3">
      <Link to="?" aria-current={bySight ? undefined : "true"} className={look(!bySight)}>
        by the meter
      </Link>
      <Link to="?by=sight" aria-current={bySight ? "true" : undefined} className={look(bySight)}>
        by what it does
      </Link>
    </nav>
  );
}

function OnTheBench({ id, bench, acts }: { id: string; bench: Bench; acts: BenchActs }) {
  const scene = bench.picture.scenes[0];
  if (bench.expected.length === 0) {
    return (
      <p className="p-7 text-ink-2">
        What the meter should say is not known yet. <Words text={bench.waits} />{" "}
        <Link to={`/rigs/${id}/wire`} className="text-act underline underline-offset-4">
          to the wires
        </Link>
      </p>
    );
  }
  return (
    <main className="grid min-h-0 grow grid-cols-1 md:grid-cols-[minmax(0,1fr)_minmax(430px,1fr)]">
      <section
        aria-label="The harness"
        className="flex min-h-0 flex-col overflow-auto md:border-r md:border-rule"
        tabIndex={0}
      >
        <Suspects bench={bench} />
        {scene && (
          <div className="min-h-[330px] grow">
            <SceneDrawing scene={scene} />
          </div>
        )}
        <MeterPanel bench={bench} acts={acts} />
      </section>
      <Readings id={id} bench={bench} acts={acts} />
    </main>
  );
}
