import { choices } from "../../parts/choices";
import { useEditor } from "../../edit/RigEditor";
import { Choice, Tick } from "../../parts/Choice";
import { FigureField } from "../../parts/FigureField";
import { NameField } from "../../parts/NameField";
import { RemovePart, Section } from "./Section";

const SORTS = choices("JunctionMeeting");

/** Where wires meet. */
export function JunctionFields({ index }: { index: number }) {
  const { rig } = useEditor();
  const junction = rig.harness.junctions[index]!;
  const at = `/harness/junctions/${index}`;
  return (
    <Section
      part={junction.id}
      title={<NameField label="Name of the junction" pointer={`${at}/name`} />}
      aside={<RemovePart change="wire.without.junction" id={junction.id} name={junction.name} />}
    >
      <Choice label="Kind" pointer={`${at}/sort`} options={SORTS} />
      <FigureField label="Outlets" hint="branches it has room for" pointer={`${at}/ways`} unit="count" />
      <Tick label="Each way bears a label" pointer={`${at}/labelled`} />
    </Section>
  );
}
