import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useNavigate, useParams, useSearchParams } from "react-router";
import { stationQuery } from "../api/queries";
import type { StationThing, StationView } from "../api/types";
import { counted } from "../parts/counted";
import { useKeys } from "../parts/keys";
import { RigHead } from "../parts/RigHead";
import { VERDICT_COLOURS, VERDICT_WORDS } from "../parts/verdicts";
import { Words } from "../parts/Words";
import { ApartSteps } from "../sheet/ApartSteps";
import { shortly } from "../sheet/days";
import { useUnits } from "../units/UnitsProvider";

const WHERE = {
  travels: "Travels",
  missing: "Missing there",
  "in-both": "In both, one each",
  "stays-here": "Stays here",
  "stays-there": "Stays there",
};

/** From one station to another: what travels, whether it fits, and what is done in which order. */
export default function SwapView() {
  const { id = "" } = useParams();
  const [search] = useSearchParams();
  const other = search.get("to") ?? "";
  const navigate = useNavigate();
  const { toggle } = useUnits();
  useKeys({ u: toggle, y: () => void navigate(`/rigs/${id}/season`) });
  const swap = useQuery(stationQuery(id, other));
  return (
    <div className="flex min-h-screen flex-col md:h-screen">
      <RigHead id={id} at="season" after={swap.data ? ` → ${swap.data.to}` : ""} />
      {swap.isPending && <p className="p-7 text-ink-3">Laying both out…</p>}
      {swap.isError && <p className="p-7 text-fails">{swap.error.message}</p>}
      {swap.data && (
        <main className="grid min-h-0 grow grid-cols-1 md:grid-cols-[minmax(0,1fr)_minmax(430px,1fr)]">
          <Sheet view={swap.data} back={`/rigs/${other}/swap?to=${id}`} />
          <Stays view={swap.data} other={other} />
        </main>
      )}
    </div>
  );
}

/** Off and lifted here, set and plugged there. */
function Sheet({ view, back }: { view: StationView; back: string }) {
  return (
    <section
      aria-label="The swap"
      tabIndex={0}
      className="min-h-0 overflow-auto px-6 pb-6 max-md:px-3 md:border-r md:border-rule"
    >
      <p className="flex flex-wrap items-baseline justify-between gap-3 py-3">
        <span className="text-[16px] font-semibold">
          {shortly(view.minutes)}, {counted(view.plugs, "plug")}
        </span>
        <Link to={back} className="text-ink-2 underline decoration-rule underline-offset-4">
          the way back
        </Link>
      </p>
      {view.here.order.length === 0 && view.carried.length === 0 ? (
        <p className="max-w-[52ch] text-ink-2">
          Nothing travels: these two share no piece. What both are to have is put into the garage, and taken
          from there.
        </p>
      ) : (
        <>
          <ApartSteps sheet={view.here} title={`At ${view.from}`} />
          {view.carried.length > 0 && (
            <p className="border-b border-grid py-2">
              <span className="font-semibold">Into the bag, too:</span> {view.carried.join(", ")}
            </p>
          )}
          <div className="pt-4">
            <ApartSteps sheet={view.there} title={`At ${view.to}`} />
          </div>
          {view.set.length > 0 && (
            <div className="border-b border-grid py-2">
              <span className="font-semibold">In the menu, before the first look</span>
              {view.set.map((set, i) => (
                <span key={i} className="block text-[13px] text-ink-2">
                  <Words text={set} />
                </span>
              ))}
            </div>
          )}
          <p className="max-w-[60ch] py-3 text-[13px] text-ink-2">
            Once at home first, powered at both: the first swap is no work for cold hands. A built-in
            simulator proves the screen alone; the transducer is proved in water.
          </p>
        </>
      )}
    </section>
  );
}

/** What is where, whether what travels fits, and what a second one would save. */
function Stays({ view, other }: { view: StationView; other: string }) {
  const [swaps, setSwaps] = useState(2);
  return (
    <section
      aria-label="What is where"
      tabIndex={0}
      className="min-h-0 overflow-auto bg-sheet px-6 pb-6 max-md:border-t max-md:border-rule max-md:px-3"
    >
      {(Object.keys(WHERE) as (keyof typeof WHERE)[]).map((where) => {
        const things = view.things.filter((thing) => thing.where === where);
        return things.length === 0 ? null : (
          <div key={where} className="pt-3">
            <h2 className={`font-semibold ${where === "missing" ? "text-close" : ""}`}>{WHERE[where]}</h2>
            <p className="text-ink-2">{things.map(called).join(" · ")}</p>
          </div>
        );
      })}
      <h2 className="pt-5 pb-1 font-semibold">Whether it fits there</h2>
      <dl>
        {view.fits.map((fit) => (
          <div key={fit.what} className="border-b border-grid py-1.5">
            <dt className="flex justify-between gap-3">
              <Link
                to={`/rigs/${other}/${fit.link}?pane=why`}
                className="underline decoration-rule underline-offset-4"
              >
                {fit.what}
              </Link>
              <span className={`text-[13px] ${VERDICT_COLOURS[fit.verdict]}`}>
                {VERDICT_WORDS[fit.verdict]}
              </span>
            </dt>
            {fit.says.map((says, i) => (
              <dd key={i} className="text-[13px] text-ink-2">
                <Words text={says} />
              </dd>
            ))}
          </div>
        ))}
      </dl>
      {view.seconds.length > 0 && (
        <>
          <p className="flex flex-wrap items-baseline justify-between gap-3 pt-5 pb-1">
            <span className="font-semibold">A second one of each</span>
            <label className="text-[13px] text-ink-2">
              swaps in a year{" "}
              <input
                type="number"
                min={1}
                max={300}
                value={swaps}
                onChange={(event) => setSwaps(Math.max(1, Math.min(300, Number(event.target.value) || 1)))}
                className="w-[56px] border-b border-act bg-transparent text-right font-semibold text-act"
              />
            </label>
          </p>
          <ul>
            {view.seconds.map((second) => (
              <li key={second.item} className="border-b border-grid py-1.5">
                <span className="flex flex-wrap justify-between gap-x-3">
                  <span className="font-semibold">{second.name}</span>
                  <span className="text-[13px]">
                    {second.price?.kind === "given"
                      ? `about ${Math.round(second.price.value)}`
                      : "price not said"}
                    {saved(second.savesMin * swaps, second.plugs * swaps)}
                  </span>
                </span>
                <span className="block text-[13px] text-ink-2">
                  <Words text={second.why} />
                </span>
              </li>
            ))}
          </ul>
        </>
      )}
    </section>
  );
}

function called(thing: StationThing): string {
  return thing.thereName !== "" && thing.thereName !== thing.name
    ? `${thing.name} (there: ${thing.thereName})`
    : thing.name;
}

function saved(minutes: number, plugs: number): string {
  if (minutes === 0) return ", saves no minute";
  return `, saves ${shortly(minutes)}${plugs > 0 ? ` and ${counted(plugs, "plug")}` : ""} a year`;
}
