import { choices } from "../../parts/choices";
import { useEditor } from "../../edit/RigEditor";
import { Choice, ChoiceOf, Tick } from "../../parts/Choice";
import { DayField } from "../../parts/DayField";
import { FigureField } from "../../parts/FigureField";
import { NameField } from "../../parts/NameField";
import { BLOCKS, CHEMISTRIES } from "./chemistries";
import { EndingFields } from "./EndingFields";
import { More, RemovePart, Section } from "./Section";
import { SizeFields } from "./SizeFields";

const ROLES = choices("PackRole");

/** One pack of the rig. */
export function PackFields({ index }: { index: number }) {
  const { rig, set } = useEditor();
  const { packs } = rig.harness;
  const pack = packs[index]!;
  const at = `/harness/packs/${index}`;
  return (
    <Section
      part={pack.id}
      title={<NameField label="Name of the battery" pointer={`${at}/name`} />}
      aside={<RemovePart change="battery.without.pack" id={pack.id} name={pack.name} />}
    >
      {packs.length > 1 && (
        <>
          <Choice label="Used as" pointer={`${at}/role`} options={ROLES} />
          <ChoiceOf
            label="In series with"
            value={pack.onTopOf}
            options={[
              ["", "none"],
              ...packs
                .filter((other) => other.id !== pack.id)
                .map((other): [string, string] => [other.id, other.name]),
            ]}
            onChange={(id) => set(`${at}/onTopOf`, id)}
          />
        </>
      )}
      <Choice label="Chemistry" pointer={`${at}/chemistry`} options={CHEMISTRIES} />
      <FigureField label="Capacity" hint="on the label" pointer={`${at}/capacityAh`} unit="ampere-hour" />
      <FigureField label="Health" hint="by age" pointer={`${at}/age`} unit="percent" basis="measured" />
      <FigureField label="Temperature of the battery" pointer={`${at}/tempC`} unit="celsius" basis="chosen" />
      <FigureField
        label="Share you use"
        hint="the rest is reserve"
        pointer={`${at}/depth`}
        unit="percent"
        basis="chosen"
      />
      <FigureField label="Mass" pointer={`${at}/massKg`} unit="kilogram" />
      <SizeFields at={`${at}/size`} of={pack.name} />
      <FigureField label="Price" hint="in your money" pointer={`${at}/label/price`} unit="money" />
      <EndingFields label="Its terminals" pointer={`${at}/ending`} />
      <EngineFields at={`${at}/cranking`} engine={pack.cranking.engine} />
      <LoadTestFields at={`${at}/test`} />
      <More>
        <FigureField label="Largest current out" pointer={`${at}/maxDischargeA`} unit="ampere" />
        <ChoiceOf
          label="Volts"
          value={String(pack.blocks)}
          options={BLOCKS}
          onChange={(value) => set(`${at}/blocks`, Number(value))}
        />
        <FigureField label="Charge at the start" pointer={`${at}/charge`} unit="percent" basis="measured" />
        <FigureField label="Volts on its label" pointer={`${at}/label/nominalV`} unit="volt" />
        <FigureField
          label="Reserve capacity"
          hint="lead, at 25 A"
          pointer={`${at}/label/reserveMin`}
          unit="minute"
        />
        <FigureField
          label="Capacity measured at"
          pointer={`${at}/label/testedAtC`}
          unit="celsius"
          basis="measured"
        />
        <FigureField label="Largest charging current" pointer={`${at}/label/maxChargeA`} unit="ampere" />
        <FigureField
          label="Draw with everything off"
          pointer={`${at}/keeping/drainA`}
          unit="milliampere"
          basis="measured"
        />
        <DayField label="Last charged on" pointer={`${at}/keeping/chargedOn`} />
        <DayField label="Stored from" pointer={`${at}/keeping/restsFrom`} />
        <DayField label="Needed again on" pointer={`${at}/keeping/restsTo`} />
        <FigureField
          label="Warmth of the store"
          hint="at its warmest"
          pointer={`${at}/keeping/storedC`}
          unit="celsius"
          basis="measured"
        />
        <Tick label="Bought second-hand" pointer={`${at}/label/secondHand`} />
        <FigureField
          label="Room for its plug"
          hint="above it"
          pointer={`${at}/plugM`}
          unit="millimetre"
          basis="measured"
        />
        <FigureField label="Rated for a discharge in" pointer={`${at}/ratedHours`} unit="rated-hour" />
        <FigureField label="Peukert exponent" pointer={`${at}/peukert`} unit="factor" />
        <FigureField label="Internal resistance" hint="cells, 25 °C" pointer={`${at}/cellsOhm`} unit="ohm" />
        <FigureField label="Resistance of its protection board" pointer={`${at}/electronicsOhm`} unit="ohm" />
      </More>
    </Section>
  );
}

/** One that also starts an engine is asked for that first. */
function EngineFields({ at, engine }: { at: string; engine: boolean }) {
  return (
    <>
      <Tick label="It also starts an engine" pointer={`${at}/engine`} />
      {engine && (
        <>
          <FigureField
            label="Engine needs at least"
            hint="cold cranking"
            pointer={`${at}/wantsA`}
            unit="ampere"
          />
          <FigureField
            label="Cranking current"
            hint="cold cranking, on its label"
            pointer={`${at}/givesA`}
            unit="ampere"
          />
        </>
      )}
    </>
  );
}

/** An old one tells by a test what it still gives. */
function LoadTestFields({ at }: { at: string }) {
  return (
    <details>
      <summary className="cursor-pointer py-1 text-[13px] text-ink-3">test of what it still gives</summary>
      <FigureField label="Rest volts before" pointer={`${at}/beforeV`} unit="volt" basis="measured" />
      <FigureField label="Test current" pointer={`${at}/amps`} unit="ampere" basis="measured" />
      <FigureField label="Test lasted" pointer={`${at}/hours`} unit="hour" basis="measured" />
      <FigureField
        label="Rest volts after"
        hint="an hour later"
        pointer={`${at}/afterV`}
        unit="volt"
        basis="measured"
      />
      <Tick label="It ran until it stopped" pointer={`${at}/ranOut`} />
    </details>
  );
}
