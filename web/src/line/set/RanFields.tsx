import { useEditor } from "../../edit/RigEditor";
import { FigureField } from "../../parts/FigureField";
import { Remove } from "./Section";

const MOST = 4;

/** Hours for which all of the rig was seen to run. */
export function RanFields() {
  const { rig, set } = useEditor();
  const { ran } = rig.outing;
  return (
    <details className="mb-4">
      <summary className="cursor-pointer py-1 text-[13px] text-ink-3">how long all of it ran before</summary>
      {ran.map((_, i) => (
        <div key={i} className="border-b border-grid">
          <FigureField
            label="It ran"
            hint="from full until it stopped"
            pointer={`/outing/ran/${i}/hours`}
            unit="hour"
            basis="measured"
          />
          <FigureField
            label="Every screen at"
            pointer={`/outing/ran/${i}/brightness`}
            unit="percent"
            basis="measured"
          />
          <FigureField
            label="Its battery at"
            pointer={`/outing/ran/${i}/tempC`}
            unit="celsius"
            basis="measured"
          />
          <Remove
            what={`run ${i + 1}`}
            onClick={() =>
              set(
                "/outing/ran",
                ran.filter((_, other) => other !== i),
              )
            }
          />
        </div>
      ))}
      {ran.length < MOST && (
        <button
          type="button"
          className="block py-1 text-[13px] text-act"
          onClick={() => set("/outing/ran", [...ran, {}])}
        >
          add a time it ran
        </button>
      )}
    </details>
  );
}
