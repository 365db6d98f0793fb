import { choices } from "../../parts/choices";
import type { Obstruction, Station } from "../../api/types";
import { useEditor } from "../../edit/RigEditor";
import { Button } from "../../parts/Button";
import { Choice } from "../../parts/Choice";
import { counted } from "../../parts/counted";
import { FigureField } from "../../parts/FigureField";
import { NameField } from "../../parts/NameField";
import { GripFields } from "./GripFields";
import { KeptRooms } from "./KeptRooms";
import { Passages } from "./Passages";
import { PlanFields } from "./PlanFields";
import { RemovePart } from "./Section";
import { SizeFields } from "./SizeFields";

const SPOTS = choices<Station["spot"]>("Spot");

const SORTS = choices("ObstructionKind");

/** The places of the craft and what stands down into the water, by numbers; in the drawing they are dragged. */
export function CraftParts() {
  const { rig, take } = useEditor();
  const { stations, passages, obstructions } = rig.craft;
  return (
    <details className="mb-3">
      <summary className="cursor-pointer py-1 text-[13px] text-ink-3">
        {counted(stations.length, "place")}, {counted(passages.length, "passage")},{" "}
        {counted(obstructions.length, "obstruction")}
      </summary>
      {stations.map((station, i) => (
        <StationFields key={station.id} station={station} index={i} />
      ))}
      <Button look="quiet" onClick={() => take("mount.new.station")}>
        Add a place
      </Button>
      <Passages />
      {obstructions.map((obstruction, i) => (
        <ObstructionFields key={obstruction.id} obstruction={obstruction} at={`/craft/obstructions/${i}`} />
      ))}
      <Button look="quiet" onClick={() => take("mount.new.obstruction")}>
        Add an obstruction
      </Button>
      <KeptRooms />
    </details>
  );
}

function StationFields({ station, index }: { station: Station; index: number }) {
  const at = `/craft/stations/${index}`;
  return (
    <details className="border-b border-grid">
      <summary className="cursor-pointer py-1 text-[14px]">{station.name}</summary>
      <div className="flex items-baseline gap-3 pl-3">
        <div className="grow font-semibold">
          <NameField label="Name of the place" pointer={`${at}/name`} />
        </div>
        <RemovePart change="mount.without.station" id={station.id} name={station.name} />
      </div>
      <div className="pl-3">
        <Choice label="Sort of place" pointer={`${at}/spot`} options={SPOTS} />
        <PlanFields at={at} />
        <FigureField
          label="Over the bottom line"
          pointer={`${at}/heightM`}
          unit="millimetre"
          basis="measured"
        />
        <SizeFields at={`${at}/room`} of={`the room at ${station.name}`} />
        <GripFields index={index} />
      </div>
    </details>
  );
}

function ObstructionFields({ obstruction, at }: { obstruction: Obstruction; at: string }) {
  return (
    <details className="border-b border-grid">
      <summary className="cursor-pointer py-1 text-[14px]">{obstruction.name}</summary>
      <div className="flex items-baseline gap-3 pl-3">
        <div className="grow font-semibold">
          <NameField label="Name of the obstruction" pointer={`${at}/name`} />
        </div>
        <RemovePart change="mount.without.obstruction" id={obstruction.id} name={obstruction.name} />
      </div>
      <div className="pl-3">
        <Choice label="Sort" pointer={`${at}/sort`} options={SORTS} />
        <PlanFields at={at} />
        <FigureField
          label="Below the bottom line"
          pointer={`${at}/belowM`}
          unit="millimetre"
          basis="measured"
        />
        <FigureField label="Half width" pointer={`${at}/halfWidthM`} unit="millimetre" basis="measured" />
      </div>
    </details>
  );
}

/** Passages to and from a place go with it. */
