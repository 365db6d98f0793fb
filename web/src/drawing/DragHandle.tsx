import { useRef, useState } from "react";
import type { Mark, Point, Rig } from "../api/types";
import { given } from "../edit/parts";
import { setAt } from "../edit/pointer";
import { useEditor } from "../edit/RigEditor";
import { useUnits } from "../units/UnitsProvider";
import type { Projection } from "./frame";
import { pointed } from "./pointed";
import { type Client, useHand } from "./useHand";

const KEYS: Record<string, [number, number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
};

/** A place that follows the hand both ways; letting go keeps one revision. */
export function DragHandle({ mark, placed }: { mark: Extract<Mark, { kind: "drag" }>; placed: Projection }) {
  const { rig, save, preview, dropPreview } = useEditor();
  const { text } = useUnits();
  const [at, setNow] = useState<Point | null>(null);
  const circle = useRef<SVGCircleElement>(null);
  const now = at ?? mark.at;
  const bounded = (point: Point): Point => ({
    x: Math.max(mark.low.x, Math.min(mark.high.x, point.x)),
    y: Math.max(mark.low.y, Math.min(mark.high.y, point.y)),
  });
  const under = (at: Client) => pointed(circle.current!, at, placed, mark.low, mark.high);
  // nobody drags finer than a fifth of a step
  const fine = 5 / mark.step;
  const one = (into: Rig, pointer: string, way: number): Rig =>
    pointer === ""
      ? into
      : setAt(into, pointer, given(Math.round(way * mark.times * fine) / fine, mark.basis));
  const moved = (into: Rig, point: Point): Rig =>
    one(one(into, mark.xPointer, point.x - mark.origin.x), mark.yPointer, point.y - mark.origin.y);
  const keep = (point: Point) => {
    save((saved) => moved(saved, bounded(point)));
    setNow(null);
  };
  const hand = useHand({
    moved: (at) => {
      const point = bounded(under(at));
      setNow(point);
      preview(moved(rig, point));
    },
    dropped: (at) => keep(under(at)),
    left: () => {
      setNow(null);
      dropPreview();
    },
  });
  return (
    <circle
      ref={circle}
      role="button"
      tabIndex={0}
      aria-label={`${text(mark.text)}: move with the arrow keys`}
      cx={placed.x(now.x)}
      cy={placed.y(now.y)}
      r={7}
      fill="transparent"
      stroke={at ? "var(--act)" : "transparent"}
      strokeWidth="2"
      className="cursor-move touch-none hover:stroke-[var(--act)] focus-visible:stroke-[var(--act)] focus-visible:outline-none"
      {...hand()}
      onKeyDown={(event) => {
        const way = KEYS[event.key];
        if (way) {
          event.preventDefault();
          event.stopPropagation();
          keep({ x: mark.at.x + way[0] * mark.step, y: mark.at.y + way[1] * mark.step });
        }
      }}
    >
      <title>{text(mark.text)}</title>
    </circle>
  );
}
