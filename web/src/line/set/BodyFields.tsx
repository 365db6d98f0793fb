import { choices } from "../../parts/choices";
import { Choice } from "../../parts/Choice";
import { FigureField } from "../../parts/FigureField";

/** Who sits in it: what decides how the craft floats, and what is within reach. */
export function BodyFields() {
  return (
    <>
      <FigureField label="Angler, dressed" pointer="/angler/massKg" unit="kilogram" basis="measured" />
      <FigureField label="Other gear aboard" pointer="/angler/gearKg" unit="kilogram" basis="chosen" />
      <FigureField label="Body height" pointer="/angler/tallM" unit="metre" basis="measured" />
      <Choice label="Working hand" pointer="/angler/hand" options={choices("Hand")} />
    </>
  );
}
