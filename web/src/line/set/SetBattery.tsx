import { newPack, withHarness, withoutPack } from "../../edit/parts";
import { useEditor } from "../../edit/RigEditor";
import { Button } from "../../parts/Button";
import { Choice, ChoiceOf } from "../../parts/Choice";
import { FigureField } from "../../parts/FigureField";
import { NameField } from "../../parts/NameField";
import { More, Remove, Section } from "./Section";
import { SizeFields } from "./SizeFields";

const CHEMISTRIES: [string, string][] = [
  ["undecided", "not known"],
  ["lifepo4", "LiFePO4"],
  ["agm", "AGM lead"],
];

const BLOCKS: [string, string][] = [
  ["1", "12 V"],
  ["2", "24 V"],
  ["3", "36 V"],
  ["4", "48 V"],
];

/** The packs, as their labels say or as they were tested. */
export function SetBattery() {
  const { rig, save } = useEditor();
  const { packs } = rig.harness;
  return (
    <>
      {packs.map((pack, i) => (
        <PackFields key={pack.id} index={i} />
      ))}
      <Button
        look="quiet"
        onClick={() => save((now) => withHarness(now, { packs: [...now.harness.packs, newPack(now)] }))}
      >
        Add a battery
      </Button>
    </>
  );
}

function PackFields({ index }: { index: number }) {
  const { rig, save, set } = useEditor();
  const pack = rig.harness.packs[index]!;
  const at = `/harness/packs/${index}`;
  return (
    <Section
      part={pack.id}
      title={<NameField label="Name of the battery" pointer={`${at}/name`} />}
      aside={<Remove what={pack.name} onClick={() => save((now) => withoutPack(now, pack.id))} />}
    >
      <Choice label="Chemistry" pointer={`${at}/chemistry`} options={CHEMISTRIES} />
      <FigureField label="Capacity" hint="on the label" pointer={`${at}/capacityAh`} unit="ampere-hour" />
      <FigureField label="Left of it" hint="by age" pointer={`${at}/age`} unit="percent" basis="measured" />
      <FigureField label="Temperature of the pack" pointer={`${at}/tempC`} unit="celsius" basis="chosen" />
      <FigureField
        label="May be used"
        hint="the rest is reserve"
        pointer={`${at}/depth`}
        unit="percent"
        basis="chosen"
      />
      <FigureField label="Mass" pointer={`${at}/massKg`} unit="kilogram" />
      <SizeFields at={`${at}/size`} of={pack.name} />
      <FigureField label="May give at most" pointer={`${at}/maxDischargeA`} unit="ampere" />
      <More>
        <ChoiceOf
          label="Volts"
          value={String(pack.blocks)}
          options={BLOCKS}
          onChange={(value) => set(`${at}/blocks`, Number(value))}
        />
        <FigureField
          label="Room for plug and terminals"
          hint="above it"
          pointer={`${at}/plugM`}
          unit="millimetre"
          basis="measured"
        />
        <FigureField label="Rated over" pointer={`${at}/ratedHours`} unit="rated-hour" />
        <FigureField label="Peukert exponent" pointer={`${at}/peukert`} unit="factor" />
        <FigureField label="Inner resistance" hint="cells, 25 °C" pointer={`${at}/cellsOhm`} unit="ohm" />
        <FigureField label="Cut-off electronics" pointer={`${at}/electronicsOhm`} unit="ohm" />
      </More>
    </Section>
  );
}
