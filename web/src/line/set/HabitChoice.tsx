import { choices } from "../../parts/choices";
import { Choice } from "../../parts/Choice";

const HABITS = {
  drilling: ["May it be drilled", choices("SchoolsDrilling")],
  screen: ["Where the screen stands", choices("SchoolsScreen")],
  post: ["Posts and screens", choices("SchoolsPost")],
  battery: ["Battery stays or travels", choices("SchoolsBattery")],
  fusing: ["Fuses sit in", choices("SchoolsFusing")],
} satisfies Record<string, [string, [string, string][]]>;

/** A habit on which people differ, where it first matters and among the others. */
export function HabitChoice({ of }: { of: keyof typeof HABITS }) {
  const [label, options] = HABITS[of];
  return <Choice label={label} pointer={`/schools/${of}`} options={options} />;
}
