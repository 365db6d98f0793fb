import { choices } from "../../parts/choices";
import { useEditor } from "../../edit/RigEditor";
import { Choice } from "../../parts/Choice";
import { FigureField } from "../../parts/FigureField";
import { Ticks } from "../../parts/Ticks";
import type { WantedView } from "../../api/types";
import { LogImport } from "./LogImport";
import { More, Section } from "./Section";

const KINDS = choices("WaterKind");

const SEASONS = choices("Season", { undecided: "not decided" });

const STYLES = choices("FishingStyle", { undecided: "not decided" });

const MOTIONS = choices("Motion");

const VIEWS = choices<WantedView>("WantedView");

/** Which water, how deep, when. */
export function SetWater() {
  const { rig, set } = useEditor();
  const at = "/outing/water";
  return (
    <>
      <Section title="The water">
        <Choice label="Kind of water" pointer={`${at}/kind`} options={KINDS} />
        <Choice label="Season" pointer={`${at}/season`} options={SEASONS} />
        <FigureField label="Water temperature" pointer={`${at}/waterC`} unit="celsius" basis="measured" />
      </Section>
      <Section title="Depth that is fished">
        <FigureField label="Shallowest" pointer={`${at}/leastM`} unit="depth" basis="chosen" />
        <FigureField label="Typical" pointer={`${at}/typicalM`} unit="depth" basis="chosen" />
        <FigureField label="Deepest" pointer={`${at}/mostM`} unit="depth" basis="chosen" />
        <FigureField
          label="Fish stay"
          hint="above the bottom"
          pointer={`${at}/fishM`}
          unit="metre"
          basis="chosen"
        />
        <FigureField
          label="Steepest slope"
          hint="of the bottom"
          pointer={`${at}/slopeDeg`}
          unit="degree"
          basis="chosen"
        />
        {(rig.craft.kind === "ice-walk-out" || rig.outing.water.season === "ice") && (
          <FigureField
            label="Thickness of the ice"
            hint="as measured there"
            pointer={`${at}/iceM`}
            unit="millimetre"
            basis="measured"
          />
        )}
      </Section>
      <Section title="What you want to see">
        <Ticks
          label="What you want to see"
          column
          options={VIEWS}
          chosen={rig.outing.views}
          onChange={(next) => set("/outing/views", next)}
        />
      </Section>
      <Section title="Where you really fished">
        <LogImport />
      </Section>
      <Section title="How it is fished">
        <Choice label="Way of fishing" pointer={`${at}/style`} options={STYLES} />
        <Choice label="The craft is" pointer={`${at}/motion`} options={MOTIONS} />
        <FigureField
          label="Length of the fish"
          hint="drawn to scale"
          pointer={`${at}/fishLengthM`}
          unit="metre"
          basis="chosen"
        />
      </Section>
      <More>
        <FigureField
          label="Salinity"
          hint="where it was measured"
          pointer={`${at}/salinity`}
          unit="gram-per-kilogram"
          basis="measured"
        />
        <FigureField
          label="Speed of sound in the display"
          hint="its own setting"
          pointer={`${at}/displaySoundMs`}
          unit="metre-per-second"
        />
      </More>
    </>
  );
}
