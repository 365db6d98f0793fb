import { useQuery } from "@tanstack/react-query";
import { holdersQuery } from "../../api/queries";
import type { Device } from "../../api/types";
import { useEditor } from "../../edit/RigEditor";
import { ChoiceOf } from "../../parts/Choice";
import { FigureField } from "../../parts/FigureField";
import { NameField } from "../../parts/NameField";
import { WordsField } from "../../parts/WordsField";
import { More } from "./Section";
import { SitsAt } from "./SitsAt";

/** Where a display sits and what holds it there. */
export function HolderFields({ device }: { device: Device }) {
  const { rig, take } = useEditor();
  const catalogue = useQuery(holdersQuery);
  const index = rig.holders.findIndex((each) => each.holds === device.id);
  const holder = rig.holders[index];
  const known = (catalogue.data ?? []).map((item): [string, string] => [item.id, item.name]);
  const own: [string, string][] =
    holder && !known.some(([id]) => id === holder.origin) ? [[holder.origin, holder.name]] : [];
  return (
    <>
      <SitsAt item={device.id} label="Stands at" />
      <ChoiceOf
        label="Held by"
        value={holder?.origin ?? ""}
        options={[["", "not said"], ...own, ...known]}
        onChange={(id) => {
          if (id !== "") take(`screen.hold.${device.id}.${id}`);
          else if (holder) take(`screen.without.holder.${holder.id}`);
        }}
      />
      {holder && (
        <HolderMeasures name={holder.name} ball={holder.kind === "ball-arm"} at={`/holders/${index}`} />
      )}
    </>
  );
}

function HolderMeasures({ name, ball, at }: { name: string; ball: boolean; at: string }) {
  return (
    <div role="group" aria-label={`Measures of the ${name}`}>
      {ball && (
        <>
          <FigureField label="Ball of the base" pointer={`${at}/ballM`} unit="millimetre" basis="measured" />
          <FigureField
            label="Ball the arm grips"
            pointer={`${at}/armBallM`}
            unit="millimetre"
            basis="measured"
          />
        </>
      )}
      <More>
        <NameField label="Name of the holder" pointer={`${at}/name`} />
        <WordsField label="Bolts of its foot" hint="30 × 60 mm" pointer={`${at}/footBolts`} />
        <FigureField label="Arm" pointer={`${at}/armM`} unit="millimetre" basis="measured" />
        <FigureField
          label="Carries at most"
          hint="mass times arm"
          pointer={`${at}/carriesNm`}
          unit="newton-metre"
        />
        <FigureField label="Narrowest screen" pointer={`${at}/leastWideM`} unit="millimetre" />
        <FigureField label="Widest screen" pointer={`${at}/mostWideM`} unit="millimetre" />
      </More>
    </div>
  );
}
