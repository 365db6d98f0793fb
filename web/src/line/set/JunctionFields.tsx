import { choices } from "../../parts/choices";
import { withoutJunction } from "../../edit/parts";
import { useEditor } from "../../edit/RigEditor";
import { Choice, Tick } from "../../parts/Choice";
import { FigureField } from "../../parts/FigureField";
import { NameField } from "../../parts/NameField";
import { Remove, Section } from "./Section";

const SORTS = choices("JunctionMeeting");

/** Where wires meet. */
export function JunctionFields({ index }: { index: number }) {
  const { rig, save } = useEditor();
  const junction = rig.harness.junctions[index]!;
  const at = `/harness/junctions/${index}`;
  return (
    <Section
      part={junction.id}
      title={<NameField label="Name of the junction" pointer={`${at}/name`} />}
      aside={<Remove what={junction.name} onClick={() => save((now) => withoutJunction(now, junction.id))} />}
    >
      <Choice label="Made as" pointer={`${at}/sort`} options={SORTS} />
      <FigureField label="Ways" hint="branches it has room for" pointer={`${at}/ways`} unit="count" />
      <Tick label="Each way bears a label" pointer={`${at}/labelled`} />
    </Section>
  );
}
