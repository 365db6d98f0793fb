import { useQuery } from "@tanstack/react-query";
import { craftsQuery } from "../../api/queries";
import { useEditor } from "../../edit/RigEditor";
import { Choice, ChoiceOf, Tick } from "../../parts/Choice";
import { craftName, CRAFTS } from "../../parts/crafts";
import { FigureField } from "../../parts/FigureField";
import { useUnits } from "../../units/UnitsProvider";
import { BodyFields } from "./BodyFields";
import { CraftParts } from "./CraftParts";
import { Section } from "./Section";

/** The craft's measures, from a generic one or from the tape; and who sits in it. */
export function CraftFields() {
  const { rig, take } = useEditor();
  const crafts = useQuery(craftsQuery);
  const { system } = useUnits();
  const ice = rig.craft.kind === "ice-walk-out";
  return (
    <Section title="The craft">
      <ChoiceOf
        label="Begin from"
        field="/craft"
        value={rig.craft.origin}
        options={[
          ["", "nothing: measured by hand"],
          ...(crafts.data ?? []).map((item): [string, string] => [item.id, craftName(item, system)]),
        ]}
        onChange={(id) => {
          if (id !== "") take(`mount.craft.${id}`);
        }}
      />
      <Choice label="Kind of craft" pointer="/craft/kind" options={CRAFTS} />
      <FigureField
        label={ice ? "Length of the base" : "Length"}
        pointer="/craft/lengthM"
        unit="metre"
        basis="measured"
      />
      <FigureField
        label={ice ? "Width of the base" : "Greatest width"}
        pointer="/craft/beamM"
        unit="metre"
        basis="measured"
      />
      <FigureField
        label={ice ? "Height of the box" : "Bottom to deck, amidships"}
        pointer="/craft/depthM"
        unit="millimetre"
        basis="measured"
      />
      <FigureField label="Mass, empty" pointer="/craft/massKg" unit="kilogram" />
      {!ice && (
        <>
          <FigureField label="Seat from the bow" pointer="/craft/seatM" unit="metre" basis="measured" />
          <FigureField
            label="Seat over the bottom"
            pointer="/craft/seatHeightM"
            unit="millimetre"
            basis="measured"
          />
          {(rig.craft.kind === "pedal-kayak" || rig.craft.kind === "motor-kayak") && (
            <Tick label="It is paddled, too" pointer="/craft/alsoPaddled" />
          )}
          <BodyFields />
        </>
      )}
      <CraftParts />
    </Section>
  );
}
