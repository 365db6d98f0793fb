import { choices } from "../../parts/choices";
import type { Obstruction, Station } from "../../api/types";
import { useEditor } from "../../edit/RigEditor";
import { Button } from "../../parts/Button";
import { Choice } from "../../parts/Choice";
import { counted } from "../../parts/counted";
import { FigureField } from "../../parts/FigureField";
import { GripFields } from "./GripFields";
import { KeptRooms } from "./KeptRooms";
import { Passages } from "./Passages";
import { PartOfCraft } from "./PartOfCraft";
import { PlanFields } from "./PlanFields";
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
    <PartOfCraft part={station} what="place" kind="station" at={at}>
      <Choice label="Sort of place" pointer={`${at}/spot`} options={SPOTS} />
      <PlanFields at={at} of="Its middle" />
      <FigureField
        label="Over the bottom line"
        pointer={`${at}/heightM`}
        unit="millimetre"
        basis="measured"
      />
      <SizeFields at={`${at}/room`} of={`the room at ${station.name}`} />
      <GripFields index={index} />
    </PartOfCraft>
  );
}

function ObstructionFields({ obstruction, at }: { obstruction: Obstruction; at: string }) {
  return (
    <PartOfCraft part={obstruction} what="obstruction" kind="obstruction" at={at}>
      <Choice label="Kind of place" pointer={`${at}/sort`} options={SORTS} />
      <PlanFields at={at} of="Its middle" />
      <FigureField
        label="Below the bottom line"
        pointer={`${at}/belowM`}
        unit="millimetre"
        basis="measured"
      />
      <FigureField label="Half width" pointer={`${at}/halfWidthM`} unit="millimetre" basis="measured" />
    </PartOfCraft>
  );
}

/** Passages to and from a place go with it. */
