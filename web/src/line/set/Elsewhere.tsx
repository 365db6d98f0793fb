import { useQuery } from "@tanstack/react-query";
import { shuttleQuery } from "../../api/queries";
import type { LinkState } from "../../api/types";
import { useEditor } from "../../edit/RigEditor";
import { Opened } from "../../parts/Opened";
import { VERDICT_COLOURS, VERDICT_WORDS } from "../../parts/verdicts";
import { Words } from "../../parts/Words";

/** The same battery on the person's other rigs: one that goes from craft to craft has to do for all of them. */
export function Elsewhere() {
  return (
    <Opened
      className="mb-4"
      summary={
        <summary className="cursor-pointer py-1 text-[13px] text-ink-3">
          this battery on your other rigs
        </summary>
      }
    >
      <OnOthers />
    </Opened>
  );
}

function OnOthers() {
  const { saved } = useEditor();
  const trips = useQuery(shuttleQuery(saved.id, saved.revision));
  return (
    <>
      {trips.isError && <p className="text-fails">{trips.error.message}</p>}
      {trips.data?.length === 0 && <p className="text-ink-2">No other rig has a battery yet.</p>}
      {(trips.data?.length ?? 0) > 0 && (
        <table className="w-full text-left text-[13.5px]">
          <thead className="text-ink-3">
            <tr>
              <th className="font-normal">on</th>
              <th className="font-normal">lasts</th>
              <th className="font-normal">volts</th>
              <th className="font-normal">carried</th>
            </tr>
          </thead>
          <tbody>
            {trips.data?.map((trip, i) => (
              <tr key={i} className="border-t border-rule align-baseline">
                <th className="py-1 pr-2 font-semibold">{trip.rig}</th>
                <State state={trip.battery} />
                <State state={trip.wire} />
                <State state={trip.carry} />
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </>
  );
}

function State({ state }: { state: LinkState }) {
  return state.kind === "judged" ? (
    <td className="py-1 pr-2">
      <Words text={state.number} />{" "}
      <span className={VERDICT_COLOURS[state.verdict]}>{VERDICT_WORDS[state.verdict]}</span>
    </td>
  ) : (
    <td className="py-1 pr-2 text-ink-3">not known</td>
  );
}
