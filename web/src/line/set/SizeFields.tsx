import { FigureField } from "../../parts/FigureField";

/** Length, width and height of a thing, or of the room inside a place. */
export function SizeFields({ at, of, basis = "measured" }: { at: string; of: string; basis?: "measured" }) {
  return (
    <div role="group" aria-label={`Size of ${of}`}>
      <FigureField label="Length" pointer={`${at}/deepM`} unit="millimetre" basis={basis} />
      <FigureField label="Width" pointer={`${at}/wideM`} unit="millimetre" basis={basis} />
      <FigureField label="Height" pointer={`${at}/tallM`} unit="millimetre" basis={basis} />
    </div>
  );
}
