import { choices } from "../../parts/choices";
import { useEditor } from "../../edit/RigEditor";
import { Choice, ChoiceOf, Tick } from "../../parts/Choice";
import { FigureField } from "../../parts/FigureField";

const HOLDINGS = choices("Holding");

const MOST_ANCHORS = 12;

/** How a battery is kept where it is. */
export function HeldFields({ place }: { place: number }) {
  const { rig, set } = useEditor();
  const at = `/places/${place}/held`;
  const { how, anchors } = rig.places[place]!.held;
  const walled = ["slot", "post-bracket", "pouch", "bag"].includes(how);
  return (
    <>
      <Choice label="Held" pointer={`${at}/how`} options={HOLDINGS} />
      <Tick label="Lies on its side" pointer={`${at}/onSide`} />
      {how !== "undecided" && (
        <>
          {!walled && (
            <>
              <ChoiceOf
                label="Strap anchors"
                value={String(anchors)}
                options={Array.from({ length: MOST_ANCHORS + 1 }, (_, n) => [String(n), String(n)])}
                onChange={(chosen) => set(`${at}/anchors`, Number(chosen))}
              />
              <Tick label="Something stops it from turning" pointer={`${at}/blocked`} />
            </>
          )}
          <Tick label="Terminals are covered" pointer={`${at}/covered`} />
          <Tick label="Comes out without a tool" pointer={`${at}/toolFree`} />
          <FigureField
            label="Over the bilge water"
            pointer={`${at}/overM`}
            unit="millimetre"
            basis="measured"
          />
        </>
      )}
    </>
  );
}
