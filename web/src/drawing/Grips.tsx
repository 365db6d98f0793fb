import { useRef, useState } from "react";
import type { Mark } from "../api/types";
import { given } from "../edit/parts";
import { getAt, setAt } from "../edit/pointer";
import { useEditor } from "../edit/RigEditor";
import { useUnits } from "../units/UnitsProvider";
import { DragHandle } from "./DragHandle";
import { ElementGrip } from "./ElementGrip";
import { line, type Projection } from "./frame";
import { usePicked } from "./Picked";
import { pointed } from "./pointed";
import { type Client, useHand } from "./useHand";

/** What can be chosen or dragged in a picture; it lies above the drawing and is reached by keys too. */
export function Grip({ mark, placed }: { mark: Mark; placed: Projection }) {
  const picked = usePicked();
  switch (mark.kind) {
    case "pick":
      return picked === null ? (
        <Taken mark={mark} placed={placed} />
      ) : (
        <Pick mark={mark} placed={placed} choose={() => picked(mark.change)} />
      );
    case "drag":
      return <DragHandle mark={mark} placed={placed} />;
    case "element":
      return <ElementGrip mark={mark} placed={placed} />;
    case "handle":
      return <Handle mark={mark} placed={placed} />;
    default:
      return null;
  }
}

type PickMark = Extract<Mark, { kind: "pick" }>;

function Taken({ mark, placed }: { mark: PickMark; placed: Projection }) {
  const { take, busy } = useEditor();
  return <Pick mark={mark} placed={placed} choose={() => !busy && take(mark.change)} />;
}

function Pick({ mark, placed, choose }: { mark: PickMark; placed: Projection; choose: () => void }) {
  const { text } = useUnits();
  return (
    <path
      role="button"
      tabIndex={0}
      aria-label={text(mark.text)}
      d={line(mark.area, placed, true)}
      fill="transparent"
      stroke="transparent"
      strokeWidth="2"
      className="cursor-pointer hover:stroke-[var(--act)] focus-visible:stroke-[var(--act)] focus-visible:outline-none"
      onClick={choose}
      onKeyDown={(event) => {
        if (event.key === "Enter" || event.key === " ") {
          event.preventDefault();
          choose();
        }
      }}
    >
      <title>{text(mark.text)}</title>
    </path>
  );
}

/** Steps of the arrow keys over the whole way of a handle. */
const STEPS = 50;

/** A figure that follows the hand up and down; letting go keeps one revision. */
function Handle({ mark, placed }: { mark: Extract<Mark, { kind: "handle" }>; placed: Projection }) {
  const { rig, save, preview, dropPreview } = useEditor();
  const [value, setValue] = useState<number | null>(null);
  const circle = useRef<SVGCircleElement>(null);
  const now = value ?? mark.at.y;
  const bounded = (y: number) => Math.round(Math.max(mark.low, Math.min(mark.high, y)) * 10) / 10;
  const move = (y: number) => {
    setValue(bounded(y));
    preview(setAt(rig, mark.pointer, given(bounded(y), "chosen")));
  };
  const keep = (y: number) => {
    save((saved) => setAt(saved, mark.pointer, given(bounded(y), "chosen")));
    setValue(null);
  };
  const under = (at: Client) =>
    pointed(circle.current!, at, placed, { ...mark.at, y: mark.low }, { ...mark.at, y: mark.high }).y;
  const hand = useHand({
    moved: (at) => move(under(at)),
    dropped: (at) => keep(under(at)),
    left: () => {
      setValue(null);
      dropPreview();
    },
  });
  const step = Math.max(0.1, (mark.high - mark.low) / STEPS);
  return (
    <circle
      ref={circle}
      role="slider"
      tabIndex={0}
      aria-label={NAMES[mark.pointer] ?? "depth"}
      aria-orientation="vertical"
      aria-valuemin={mark.low}
      aria-valuemax={mark.high}
      aria-valuenow={Number((getAt(rig, mark.pointer) as { value?: number } | undefined)?.value ?? now)}
      cx={placed.x(mark.at.x)}
      cy={placed.y(now)}
      r={7}
      fill="var(--sheet)"
      stroke="var(--act)"
      strokeWidth="2"
      className="cursor-ns-resize touch-none focus-visible:stroke-[4px] focus-visible:outline-none"
      {...hand()}
      onKeyDown={(event) => {
        const way = event.key === "ArrowDown" ? 1 : event.key === "ArrowUp" ? -1 : 0;
        if (way !== 0) {
          event.preventDefault();
          event.stopPropagation();
          keep(mark.at.y + way * step);
        }
      }}
    />
  );
}

const NAMES: Record<string, string> = {
  "/outing/water/leastM": "Shallowest of the water",
  "/outing/water/typicalM": "Typical depth",
  "/outing/water/mostM": "Deepest of the water",
};
