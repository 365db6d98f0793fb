import { nowhere } from "../../edit/parts";
import { useEditor } from "../../edit/RigEditor";
import { ChoiceOf } from "../../parts/Choice";

/** The station of the craft where a device or battery sits; its cables follow it. */
export function SitsAt({ item, label = "Sits at" }: { item: string; label?: string }) {
  const { rig, save, take } = useEditor();
  return (
    <ChoiceOf
      label={label}
      field="/places"
      value={rig.places.find((each) => each.item === item)?.station ?? ""}
      options={[
        ["", "not decided"],
        ...rig.craft.stations.map((each): [string, string] => [each.id, each.name]),
      ]}
      onChange={(chosen) =>
        chosen === "" ? save((now) => nowhere(now, item)) : take(`carry.place.${item}.${chosen}`)
      }
    />
  );
}
