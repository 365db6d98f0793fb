import { choices } from "../../parts/choices";
import { useEditor } from "../../edit/RigEditor";
import { Choice, ChoiceOf, Tick } from "../../parts/Choice";
import { FigureField } from "../../parts/FigureField";

const HOLDINGS = choices("Holding");

const MOST_ANCHORS = 12;

/** How a battery is kept where it is. */
export function HeldFields({ place }: { place: number }) {
  const { rig, set, take } = useEditor();
  const at = `/places/${place}/held`;
  const { item, held } = rig.places[place]!;
  const { how, anchors } = held;
  const tried = held.tried.deepM?.kind === "given";
  const walled = ["slot", "post-bracket", "pouch", "bag", "nest"].includes(how);
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
              {anchors > 0 && (
                <FigureField
                  label="Between its anchors"
                  pointer={`${at}/apartM`}
                  unit="millimetre"
                  basis="measured"
                />
              )}
              <Tick label="Something stops it from turning" pointer={`${at}/blocked`} />
            </>
          )}
          {how === "nest" && <Tick label="A pin or strap keeps it down" pointer={`${at}/blocked`} />}
          <Tick label="Terminals are covered" pointer={`${at}/covered`} />
          {walled && (
            <ChoiceOf
              label="Was tried in it"
              value={tried ? "yes" : ""}
              options={[
                ["", "not yet"],
                ["yes", "a battery of a known size"],
              ]}
              onChange={(chosen) => (chosen ? take(`carry.tried.${item}`) : set(`${at}/tried`, {}))}
            />
          )}
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
