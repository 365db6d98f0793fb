import { useEditor } from "../../edit/RigEditor";
import { Button } from "../../parts/Button";
import { Choice, ChoiceOf, Tick } from "../../parts/Choice";
import { FigureField } from "../../parts/FigureField";
import { NameField } from "../../parts/NameField";
import { BLOCKS, CHEMISTRIES } from "./chemistries";
import { EndingFields } from "./EndingFields";
import { RemovePart, Section } from "./Section";

/** What charges the packs. */
export function ChargerFields() {
  const { rig, take } = useEditor();
  const first = rig.harness.packs[0];
  return (
    <>
      {rig.chargers.map((charger, i) => (
        <OneCharger key={charger.id} index={i} />
      ))}
      {first && (
        <Button look="quiet" className="mr-3 mb-4" onClick={() => take("battery.new.charger")}>
          Add a charger
        </Button>
      )}
    </>
  );
}

function OneCharger({ index }: { index: number }) {
  const { rig, set } = useEditor();
  const charger = rig.chargers[index]!;
  const at = `/chargers/${index}`;
  return (
    <Section
      part={charger.id}
      title={<NameField label="Name of the charger" pointer={`${at}/name`} />}
      aside={<RemovePart change="battery.without.charger" id={charger.id} name={charger.name} />}
    >
      <Choice
        label="Battery it charges"
        pointer={`${at}/charges`}
        options={rig.harness.packs.map((pack): [string, string] => [pack.id, pack.name])}
      />
      <Choice label="Made for" pointer={`${at}/chemistry`} options={CHEMISTRIES} />
      <ChoiceOf
        label="Volts"
        value={String(charger.blocks)}
        options={BLOCKS}
        onChange={(value) => set(`${at}/blocks`, Number(value))}
      />
      <FigureField label="Charging current" pointer={`${at}/amps`} unit="ampere" />
      <Choice
        label="Connected by"
        pointer={`${at}/via`}
        options={[
          ["", "the terminals"],
          ...rig.harness.segments.map((each): [string, string] => [each.id, `the plug of ${each.name}`]),
        ]}
      />
      <EndingFields label="Its lead ends in" pointer={`${at}/ending`} />
      <Tick label="Charges while the rig is in use" pointer={`${at}/aboard`} />
    </Section>
  );
}
