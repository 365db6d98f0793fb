import { choices } from "../../parts/choices";
import { Choice } from "../../parts/Choice";

/** The school of fusing, where it is needed and in its own place. */
export function FusingChoice() {
  return <Choice label="Fuses sit in" pointer="/schools/fusing" options={choices("SchoolsFusing")} />;
}
