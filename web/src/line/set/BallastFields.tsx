import { useEditor } from "../../edit/RigEditor";
import { Button } from "../../parts/Button";
import { Choice } from "../../parts/Choice";
import { FigureField } from "../../parts/FigureField";
import { NameField } from "../../parts/NameField";
import { RemovePart, Section } from "./Section";

/** Weights that are there for the balance alone. */
export function BallastFields() {
  const { rig, take } = useEditor();
  const { ballast } = rig.fitOut;
  const stations = rig.craft.stations.map((each): [string, string] => [each.id, each.name]);
  return (
    <>
      {ballast.map((weight, i) => (
        <Section
          key={weight.id}
          part={weight.id}
          title={<NameField label="Name of the weight" pointer={`/fitOut/ballast/${i}/name`} />}
          aside={<RemovePart change="carry.without.ballast" id={weight.id} name={weight.name} />}
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
        <Button className="mr-3 mb-4" look="quiet" onClick={() => take("carry.new.weight")}>
          Add a counterweight
        </Button>
      )}
    </>
  );
}
