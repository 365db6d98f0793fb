import { choices } from "../../parts/choices";
import type { Obstruction, Rig, Station } from "../../api/types";
import { newObstruction, newStation, withoutEntry } from "../../edit/parts";
import { useEditor } from "../../edit/RigEditor";
import { setAt } from "../../edit/pointer";
import { Button } from "../../parts/Button";
import { Choice } from "../../parts/Choice";
import { counted } from "../../parts/counted";
import { FigureField } from "../../parts/FigureField";
import { NameField } from "../../parts/NameField";
import { Passages } from "./Passages";
import { PlanFields } from "./PlanFields";
import { Remove } from "./Section";
import { SizeFields } from "./SizeFields";

const SPOTS = choices<Station["spot"]>("Spot");

const SORTS = choices("ObstructionKind");

/** The places of the craft and what stands down into the water, by numbers; in the drawing they are dragged. */
export function CraftParts() {
  const { rig, save } = useEditor();
  const { stations, passages, obstructions } = rig.craft;
  return (
    <details className="mb-3">
      <summary className="cursor-pointer py-1 text-[13px] text-ink-3">
        {counted(stations.length, "place")}, {counted(passages.length, "passage")},{" "}
        {counted(obstructions.length, "obstruction")}
      </summary>
      {stations.map((station, i) => (
        <StationFields key={station.id} station={station} at={`/craft/stations/${i}`} />
      ))}
      <Button
        look="quiet"
        onClick={() => save((now) => setAt(now, "/craft/stations", [...now.craft.stations, newStation(now)]))}
      >
        Add a place
      </Button>
      <Passages />
      {obstructions.map((obstruction, i) => (
        <ObstructionFields key={obstruction.id} obstruction={obstruction} at={`/craft/obstructions/${i}`} />
      ))}
      <Button
        look="quiet"
        onClick={() =>
          save((now) => setAt(now, "/craft/obstructions", [...now.craft.obstructions, newObstruction(now)]))
        }
      >
        Add an obstruction
      </Button>
    </details>
  );
}

function StationFields({ station, at }: { station: Station; at: string }) {
  const { save } = useEditor();
  return (
    <details className="border-b border-grid">
      <summary className="cursor-pointer py-1 text-[14px]">{station.name}</summary>
      <div className="flex items-baseline gap-3 pl-3">
        <div className="grow font-semibold">
          <NameField label="Name of the place" pointer={`${at}/name`} />
        </div>
        <Remove what={station.name} onClick={() => save((now) => withoutStation(now, station.id))} />
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
      </div>
    </details>
  );
}

function ObstructionFields({ obstruction, at }: { obstruction: Obstruction; at: string }) {
  const { save } = useEditor();
  return (
    <details className="border-b border-grid">
      <summary className="cursor-pointer py-1 text-[14px]">{obstruction.name}</summary>
      <div className="flex items-baseline gap-3 pl-3">
        <div className="grow font-semibold">
          <NameField label="Name of the obstruction" pointer={`${at}/name`} />
        </div>
        <Remove
          what={obstruction.name}
          onClick={() => save((now) => withoutEntry(now, "/craft/obstructions", obstruction.id))}
        />
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
function withoutStation(rig: Rig, id: string): Rig {
  return {
    ...rig,
    craft: {
      ...rig.craft,
      stations: rig.craft.stations.filter((each) => each.id !== id),
      passages: rig.craft.passages.filter((each) => each.from !== id && each.to !== id),
    },
  };
}
