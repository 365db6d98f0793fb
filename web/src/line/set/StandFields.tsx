import { choices } from "../../parts/choices";
import { useEditor } from "../../edit/RigEditor";
import { Choice, Tick } from "../../parts/Choice";
import { FigureField } from "../../parts/FigureField";
import { Section } from "./Section";

export const EDGES = choices("BaseEdge").filter(([edge]) => edge !== "none");

/** What widens the base on the ice, and what it is lifted by. */
export function StandFields() {
  const { rig } = useEditor();
  return (
    <Section title="Kickstand and bail">
      <Choice label="Lifted by a bail" pointer="/craft/bail" options={choices("Bail")} />
      <Choice label="Out over the edge" pointer="/craft/stand/edge" options={[["none", "none"], ...EDGES]} />
      {rig.craft.stand.edge !== "none" && (
        <>
          <FigureField
            label="Its foot outside"
            pointer="/craft/stand/outM"
            unit="millimetre"
            basis="measured"
          />
          <Tick label="Folds with everything mounted" pointer="/craft/stand/folds" />
        </>
      )}
    </Section>
  );
}
