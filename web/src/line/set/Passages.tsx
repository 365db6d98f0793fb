import { choices } from "../../parts/choices";
import type { Passage } from "../../api/types";
import { useEditor } from "../../edit/RigEditor";
import { Button } from "../../parts/Button";
import { Choice, Tick } from "../../parts/Choice";
import { FigureField } from "../../parts/FigureField";
import { NameField } from "../../parts/NameField";
import { OpeningFields } from "./OpeningFields";
import { RemovePart } from "./Section";

const WAYS = choices<Passage["way"]>("Way");

const CROSSED = choices<Passage["crosses"]>("Zone");

/** Ways for cables between the places of the craft. */
export function Passages() {
  const { rig, take } = useEditor();
  const { passages, stations } = rig.craft;
  return (
    <>
      {passages.map((passage, i) => (
        <PassageFields key={passage.id} passage={passage} at={`/craft/passages/${i}`} />
      ))}
      {stations.length > 1 && (
        <Button look="quiet" onClick={() => take("cable.new.passage")}>
          Add a passage
        </Button>
      )}
    </>
  );
}

function PassageFields({ passage, at }: { passage: Passage; at: string }) {
  const { rig } = useEditor();
  const stations = rig.craft.stations.map((each): [string, string] => [each.id, each.name]);
  const open = passage.way !== "open-deck" && passage.way !== "inside";
  return (
    <details className="border-b border-grid">
      <summary className="cursor-pointer py-1 text-[14px]">{passage.name}</summary>
      <div className="flex items-baseline gap-3 pl-3">
        <div className="grow font-semibold">
          <NameField label="Name of the passage" pointer={`${at}/name`} />
        </div>
        <RemovePart change="cable.without.passage" id={passage.id} name={passage.name} />
      </div>
      <div className="pl-3">
        <Choice label="From" pointer={`${at}/from`} options={stations} />
        <Choice label="To" pointer={`${at}/to`} options={stations} />
        <Choice label="Runs" pointer={`${at}/way`} options={WAYS} />
        <FigureField label="Cable that lies in it" pointer={`${at}/lengthM`} unit="metre" basis="measured" />
        {open && (
          <>
            <FigureField
              label="Clear opening"
              pointer={`${at}/openingM`}
              unit="millimetre"
              basis="measured"
            />
            <Tick label="Opening below the waterline" pointer={`${at}/belowWaterline`} />
            <OpeningFields at={at} />
          </>
        )}
        <Choice label="Crosses moving" pointer={`${at}/crosses`} options={CROSSED} />
      </div>
    </details>
  );
}
