import type { Rig } from "../../api/types";
import { useEditor } from "../../edit/RigEditor";
import { ChoiceOf } from "../../parts/Choice";

/** Places at which a cable begins and ends. */
function ends(rig: Rig, carries: string): string[] {
  const place = (item: string) => rig.places.find((each) => each.item === item)?.station;
  const wire = rig.harness.segments.find((each) => each.id === carries);
  const lead = rig.network.leads.find((each) => each.id === carries);
  const transducer = rig.transducers.find((each) => each.id === carries);
  const displays = rig.devices.filter((each) => each.kind.startsWith("display"));
  const all = transducer
    ? [transducer.mount.station, place(transducer.feeds || (displays[0]?.id ?? ""))]
    : [place(wire?.from ?? lead?.from ?? ""), place(wire?.to ?? lead?.to ?? "")];
  return all.filter((each): each is string => each !== undefined && each !== "");
}

/** By which hole a cable leaves each box at its ends. */
export function ExitChoice({ run }: { run: number }) {
  const { rig, take, set } = useEditor();
  const { carries, exits, id } = rig.runs[run]!;
  const at = ends(rig, carries);
  return rig.fitOut.boxes
    .filter((box) => at.includes(box.station))
    .map((box) => {
      const holes = box.exits.filter((exit) => exit.use === "cables");
      const ofBox = holes.map((each) => each.id);
      return (
        holes.length > 0 && (
          <ChoiceOf
            key={box.id}
            label={`Leaves the ${box.name} by`}
            value={exits.find((each) => ofBox.includes(each)) ?? ""}
            options={[
              ["", "any of its holes"],
              ...holes.map((hole): [string, string] => [hole.id, hole.name]),
            ]}
            onChange={(hole) =>
              hole === ""
                ? set(
                    `/runs/${run}/exits`,
                    exits.filter((each) => !ofBox.includes(each)),
                  )
                : take(`cable.exit.${id}.${hole}`)
            }
          />
        )
      );
    });
}
