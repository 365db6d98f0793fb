import { choices } from "../parts/choices";
import { Choice } from "../parts/Choice";
import { FigureField } from "../parts/FigureField";
import { Modal } from "../parts/Modal";
import { BodyFields } from "./set/BodyFields";
import { HabitChoice } from "./set/HabitChoice";
import { Section } from "./set/Section";

const WEIGHTS: [string, string][] = [
  ["view", "What it sees"],
  ["beach", "Survives the beach"],
  ["drag", "Little drag"],
  ["removal", "Comes off quickly"],
  ["ease", "Few tools, little time"],
  ["cost", "Costs little"],
  ["drill", "Nothing drilled"],
  ["side", "Clear to the sides"],
  ["shared", "Serves several craft"],
  ["atHand", "On the side you like"],
];

/** The person: weight and gear, their habits, and what counts when mounts are ranked. */
export function PreferencesDialog({ onClose }: { onClose: () => void }) {
  return (
    <Modal
      open
      onClose={onClose}
      title="You and your habits"
      about="Preferences shift what is offered first and what is pointed out; they never fail a rig."
    >
      <Section title="You">
        <BodyFields />
      </Section>
      <Section title="How it travels, and who shares it">
        <Choice label="It gets to the water" pointer="/sharing/transport" options={choices("Transport")} />
        <FigureField
          label="How many craft use this gear"
          pointer="/sharing/crafts"
          unit="count"
          basis="chosen"
        />
        <FigureField label="How many people use it" pointer="/sharing/people" unit="count" basis="chosen" />
        <FigureField label="Days of use in a year" pointer="/outing/daysOut" unit="count" basis="chosen" />
      </Section>
      <Section title="How you like it">
        <HabitChoice of="drilling" />
        <HabitChoice of="screen" />
        <HabitChoice of="post" />
        <HabitChoice of="battery" />
        <HabitChoice of="fusing" />
      </Section>
      <Section title="What counts when mounts are ranked">
        <p className="text-[13px] text-ink-3">0 to 10; what is left open counts 1.</p>
        {WEIGHTS.map(([part, words]) => (
          <FigureField key={part} label={words} pointer={`/weights/${part}`} unit="factor" basis="chosen" />
        ))}
      </Section>
    </Modal>
  );
}
