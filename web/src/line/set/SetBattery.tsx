import { useEditor } from "../../edit/RigEditor";
import { Button } from "../../parts/Button";
import { FigureField } from "../../parts/FigureField";
import { ChargerFields } from "./ChargerFields";
import { Elsewhere } from "./Elsewhere";
import { HabitChoice } from "./HabitChoice";
import { OnHand } from "./OnHand";
import { PackFields } from "./PackFields";
import { Section } from "./Section";

/** The packs, as their labels say or as they were tested, what charges them, and what is at home. */
export function SetBattery() {
  const { rig, take } = useEditor();
  return (
    <>
      {rig.harness.packs.map((pack, i) => (
        <PackFields key={pack.id} index={i} />
      ))}
      <Button
        look="quiet"
        className="mr-3 mb-4"
        data-field="/harness/packs"
        onClick={() => take("battery.new.pack")}
      >
        Add a battery
      </Button>
      <HabitChoice of="battery" />
      <ChargerFields />
      <OnHand />
      <Elsewhere />
      <Section title="The year">
        <FigureField
          label="Days out"
          hint="in a year"
          pointer="/outing/daysOut"
          unit="count"
          basis="chosen"
        />
      </Section>
    </>
  );
}
