import type { Scene } from "../api/types";
import type { Projection } from "./frame";

type ToScale = Extract<Scene["frame"], { kind: "to-scale" }>;

/** The squares of drawing paper: one is as wide as the picture says. */
export function Squares({ frame, placed }: { frame: ToScale; placed: Projection }) {
  const { left, right, top, bottom } = placed.box;
  const step = frame.squareM;
  const unit = placed.x(step) - placed.x(0);
  const across = Math.ceil((right - left) / unit) + 1;
  const up = Math.ceil((bottom - top) / unit) + 1;
  const x0 = placed.x(0) - Math.ceil((placed.x(0) - left) / unit) * unit;
  const y0 = placed.y(0) - Math.ceil((placed.y(0) - top) / unit) * unit;
  return (
    <g stroke="var(--grid)" strokeWidth="1">
      {Array.from({ length: across }, (_, i) => x0 + i * unit)
        .filter((x) => x > left && x < right)
        .map((x) => (
          <path key={`x${x}`} d={`M${x.toFixed(1)} ${top}V${bottom}`} />
        ))}
      {Array.from({ length: up }, (_, i) => y0 + i * unit)
        .filter((y) => y > top && y < bottom)
        .map((y) => (
          <path key={`y${y}`} d={`M${left} ${y.toFixed(1)}H${right}`} />
        ))}
    </g>
  );
}
