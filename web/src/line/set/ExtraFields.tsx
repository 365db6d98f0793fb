import { useEditor } from "../../edit/RigEditor";
import { Button } from "../../parts/Button";
import { Choice } from "../../parts/Choice";
import { choices } from "../../parts/choices";
import { NameField } from "../../parts/NameField";
import { RemovePart, Section } from "./Section";

/** Tethers, hoods, caps and covers. */
export function ExtraFields() {
  const { rig, take } = useEditor();
  const parts = [
    ["", "the rig as a whole"],
    ...[...rig.transducers, ...rig.devices, ...rig.holders, ...rig.harness.packs, ...rig.fitOut.boxes].map(
      (each) => [each.id, each.name],
    ),
  ] as [string, string][];
  return (
    <>
      {rig.fitOut.extras.map((extra, i) => (
        <Section
          key={extra.id}
          part={extra.id}
          title={<NameField label="Name of the tether, hood or cap" pointer={`/fitOut/extras/${i}/name`} />}
          aside={<RemovePart change="carry.without.extra" id={extra.id} name={extra.name} />}
        >
          <Choice label="What it is" pointer={`/fitOut/extras/${i}/kind`} options={choices("ExtraKind")} />
          <Choice label="Belongs to" pointer={`/fitOut/extras/${i}/of`} options={parts} />
        </Section>
      ))}
      <Button className="mr-3 mb-4" look="quiet" onClick={() => take("carry.new.extra")}>
        Add a tether, hood or cap
      </Button>
    </>
  );
}
