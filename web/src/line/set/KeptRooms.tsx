import type { KeptRoom } from "../../api/types";
import { useEditor } from "../../edit/RigEditor";
import { Button } from "../../parts/Button";
import { Choice } from "../../parts/Choice";
import { choices } from "../../parts/choices";
import { FigureField } from "../../parts/FigureField";
import { NameField } from "../../parts/NameField";
import { PlanFields } from "./PlanFields";
import { RemovePart } from "./Section";

const USES = choices("Zone").filter(([use]) => use !== "none");

/** Wells, drink holders, where the seat folds and rods lie. */
export function KeptRooms() {
  const { rig, take } = useEditor();
  return (
    <>
      {rig.craft.kept.map((room, i) => (
        <RoomFields key={room.id} room={room} at={`/craft/kept/${i}`} />
      ))}
      <Button look="quiet" onClick={() => take("mount.new.room")}>
        Add a well, a drink holder, room for rods or a folded seat
      </Button>
    </>
  );
}

function RoomFields({ room, at }: { room: KeptRoom; at: string }) {
  return (
    <details className="border-b border-grid">
      <summary className="cursor-pointer py-1 text-[14px]">{room.name}</summary>
      <div className="flex items-baseline gap-3 pl-3">
        <div className="grow font-semibold">
          <NameField label="Name of the room" pointer={`${at}/name`} />
        </div>
        <RemovePart change="mount.without.room" id={room.id} name={room.name} />
      </div>
      <div className="pl-3">
        <Choice label="It is" pointer={`${at}/use`} options={USES} />
        <PlanFields at={at} label="Its middle, from the bow" />
        <FigureField label="Long" pointer={`${at}/longM`} unit="millimetre" basis="measured" />
        <FigureField label="Wide" pointer={`${at}/wideM`} unit="millimetre" basis="measured" />
        <FigureField label="What lies in it" pointer={`${at}/loadKg`} unit="kilogram" basis="chosen" />
      </div>
    </details>
  );
}
