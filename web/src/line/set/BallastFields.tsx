import { newBallast } from "../../edit/fitOut";
import { withoutEntry } from "../../edit/parts";
import { setAt } from "../../edit/pointer";
import { useEditor } from "../../edit/RigEditor";
import { Button } from "../../parts/Button";
import { Choice } from "../../parts/Choice";
import { FigureField } from "../../parts/FigureField";
import { NameField } from "../../parts/NameField";
import { Remove, Section } from "./Section";

/** Weights that are there for the balance alone. */
export function BallastFields() {
  const { rig, save } = useEditor();
  const { ballast } = rig.fitOut;
  const stations = rig.craft.stations.map((each): [string, string] => [each.id, each.name]);
  return (
    <>
      {ballast.map((weight, i) => (
        <Section
          key={weight.id}
          part={weight.id}
          title={<NameField label="Name of the weight" pointer={`/fitOut/ballast/${i}/name`} />}
          aside={
            <Remove
              what={weight.name}
              onClick={() => save((now) => withoutEntry(now, "/fitOut/ballast", weight.id))}
            />
          }
        >
          <FigureField
            label="Mass"
            pointer={`/fitOut/ballast/${i}/massKg`}
            unit="kilogram"
            basis="measured"
          />
          <Choice label="Lies at" pointer={`/fitOut/ballast/${i}/station`} options={stations} />
        </Section>
      ))}
      {stations.length > 0 && (
        <Button
          className="mr-3 mb-4"
          look="quiet"
          onClick={() =>
            save((now) => setAt(now, "/fitOut/ballast", [...now.fitOut.ballast, newBallast(now)]))
          }
        >
          Add a counterweight
        </Button>
      )}
    </>
  );
}
