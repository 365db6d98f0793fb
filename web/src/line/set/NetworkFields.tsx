import { choices } from "../../parts/choices";
import { useEditor } from "../../edit/RigEditor";
import { FigureField } from "../../parts/FigureField";
import { Ticks } from "../../parts/Ticks";
import { More, Section } from "./Section";

const SHARED = choices<"readings" | "charts" | "sonar">("Shared");

/** How displays and sensors are joined. */
export function NetworkFields() {
  const { rig, set } = useEditor();
  return (
    <Section title="Shared between displays">
      <Ticks
        label="Share"
        options={SHARED}
        chosen={rig.network.shares}
        onChange={(next) => set("/network/shares", next)}
      />
      <More>
        <FigureField
          label="Terminators"
          hint="of the bus"
          pointer="/network/terminators"
          unit="count"
          basis="measured"
        />
      </More>
    </Section>
  );
}
