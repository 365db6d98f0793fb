import type { KeptRoom } from "../../api/types";
import { useEditor } from "../../edit/RigEditor";
import { Button } from "../../parts/Button";
import { Choice } from "../../parts/Choice";
import { choices } from "../../parts/choices";
import { FigureField } from "../../parts/FigureField";
import { PartOfCraft } from "./PartOfCraft";
import { PlanFields } from "./PlanFields";

const USES = choices("Zone").filter(([use]) => use !== "none");

/** Wells, drink holders, where the seat folds and rods lie. */
export function KeptRooms() {
  const { rig, take } = useEditor();
  return (
    <>
      {rig.craft.kept.map((room, i) => (
        <RoomFields key={room.id} room={room} at={`/craft/kept/${i}`} />
      ))}
      <Button look="quiet" onClick={() => take("mount.new.kept-room")}>
        Add a well, a drink holder, room for rods or a folded seat
      </Button>
    </>
  );
}

function RoomFields({ room, at }: { room: KeptRoom; at: string }) {
  return (
    <PartOfCraft part={room} what="room" kind="kept-room" at={at}>
      <Choice label="Kind of room" pointer={`${at}/use`} options={USES} />
      <PlanFields at={at} of="Its middle" />
      <FigureField label="Length" pointer={`${at}/longM`} unit="millimetre" basis="measured" />
      <FigureField label="Width" pointer={`${at}/wideM`} unit="millimetre" basis="measured" />
      <FigureField label="What lies in it" pointer={`${at}/loadKg`} unit="kilogram" basis="chosen" />
    </PartOfCraft>
  );
}
