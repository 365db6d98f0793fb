import { choices } from "../../parts/choices";
import { useEditor } from "../../edit/RigEditor";
import { Choice } from "../../parts/Choice";
import { FigureField } from "../../parts/FigureField";
import { NameField } from "../../parts/NameField";
import { HabitChoice } from "./HabitChoice";
import { NoteField } from "./NoteField";
import { RemovePart, Section } from "./Section";

const FORMS = choices("FittingForm");

/** The fuses of each wire, what the makers allow, and the school. */
export function SetFuse() {
  const { rig, take } = useEditor();
  return (
    <>
      {rig.harness.segments.length === 0 && (
        <p className="mb-3 text-ink-2">A fuse sits in a wire: add one under Wire first.</p>
      )}
      {rig.harness.segments.map((segment, s) => {
        const at = `/harness/segments/${s}/fittings`;
        return (
          <Section
            key={segment.id}
            title={<span>in {segment.name}</span>}
            aside={
              <button
                type="button"
                className="text-[13px] text-act"
                onClick={() => take(`fuse.new.fuse.${segment.id}`)}
              >
                add a fuse
              </button>
            }
          >
            {segment.fittings.map(
              (fitting, f) =>
                fitting.kind === "fuse" && (
                  <div key={fitting.id} className="pb-1">
                    <div className="flex items-baseline pt-1">
                      <NameField label="Name of the fuse" pointer={`${at}/${f}/name`} />
                      <RemovePart change="fuse.without.fitting" id={fitting.id} name={fitting.name} />
                    </div>
                    <FigureField label="Rating" pointer={`${at}/${f}/ratingA`} unit="rating" />
                    <FigureField
                      label="Place"
                      hint="along the wire from its start"
                      pointer={`${at}/${f}/atM`}
                      unit="millimetre"
                      basis="measured"
                    />
                    <FigureField
                      label="Spares that go along"
                      pointer={`${at}/${f}/spares`}
                      unit="count"
                      basis="measured"
                    />
                    <Choice label="Shape of the fuse" pointer={`${at}/${f}/form`} options={FORMS} />
                    <NoteField part={fitting.id} />
                  </div>
                ),
            )}
          </Section>
        );
      })}
      <Section title="What the makers allow">
        {rig.devices.map((device, d) => (
          <FigureField
            key={device.id}
            label={`Largest fuse, ${device.name}`}
            pointer={`/devices/${d}/limits/maxFuseA`}
            unit="rating"
          />
        ))}
      </Section>
      <Section title="Your habit">
        <HabitChoice of="fusing" />
      </Section>
    </>
  );
}
