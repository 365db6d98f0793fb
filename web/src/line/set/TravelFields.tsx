import { choices } from "../../parts/choices";
import type { Travel } from "../../api/types";
import { setAt } from "../../edit/pointer";
import { useEditor } from "../../edit/RigEditor";
import { Choice, Tick } from "../../parts/Choice";
import { FigureField } from "../../parts/FigureField";
import { Remove } from "./Section";

const MOVES = choices<Travel["what"]>("Moves");

/** What moves on the way of a cable, and takes slack at the far end of its travel. */
export function TravelFields({ run }: { run: number }) {
  const { rig, save, take } = useEditor();
  const at = `/runs/${run}/travels`;
  const { id, travels } = rig.runs[run]!;
  return (
    <>
      {travels.map((travel, i) => (
        <div key={travel.what} role="group" aria-label={`Travel of the ${travel.what}`} className="pl-3">
          <div className="flex items-baseline gap-3">
            <div className="grow">
              <Choice
                label="What moves"
                pointer={`${at}/${i}/what`}
                options={MOVES.filter(
                  ([what]) => what === travel.what || !travels.some((each) => each.what === what),
                )}
              />
            </div>
            <Remove
              what={`travel of the ${travel.what}`}
              onClick={() =>
                save((now) =>
                  setAt(
                    now,
                    at,
                    travels.filter((each) => each !== travel),
                  ),
                )
              }
            />
          </div>
          <FigureField
            label={
              travel.what === "seat" || travel.what === "guard" ? "Slides" : "From its pivot to the cable"
            }
            pointer={`${at}/${i}/strokeM`}
            unit="metre"
            basis="measured"
          />
          {travel.what !== "seat" && travel.what !== "guard" && (
            <FigureField
              label="Turns through"
              pointer={`${at}/${i}/angleDeg`}
              unit="degree"
              basis="measured"
            />
          )}
          <Tick label="Unplugged before it moves" pointer={`${at}/${i}/freed`} />
        </div>
      ))}
      {travels.length < MOVES.length && (
        <button
          type="button"
          className="block py-1 text-[13px] text-act"
          onClick={() => take(`cable.new.travel.${id}`)}
        >
          add what moves on its way
        </button>
      )}
    </>
  );
}
