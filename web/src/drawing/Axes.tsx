import type { Scene } from "../api/types";
import { amountText } from "../units/format";
import { useUnits } from "../units/UnitsProvider";
import type { Projection } from "./frame";

type Axis = Extract<Scene["frame"], { kind: "plot" }>["x"];

export function Axes({ x, y, placed }: { x: Axis; y: Axis; placed: Projection }) {
  const { system, text } = useUnits();
  const { left, right, top, bottom } = placed.box;
  const mark = (axis: Axis, tick: number) =>
    axis.unit === "count" ? String(tick) : amountText({ si: tick, unit: axis.unit }, system);
  return (
    <g fontSize="12.5" fill="var(--ink-2)" stroke="none">
      {x.ticks.map((tick) => (
        <g key={tick}>
          <path d={`M${placed.x(tick)} ${top}V${bottom}`} stroke="var(--grid)" />
          <text x={placed.x(tick)} y={bottom + 18} textAnchor="middle">
            {mark(x, tick)}
          </text>
        </g>
      ))}
      {y.ticks.map((tick) => (
        <g key={tick}>
          <path d={`M${left} ${placed.y(tick)}H${right}`} stroke="var(--grid)" />
          <text x={left - 8} y={placed.y(tick) + 4} textAnchor="end">
            {mark(y, tick)}
          </text>
        </g>
      ))}
      <path d={`M${left} ${bottom}H${right}`} stroke="var(--rule)" />
      <text x={right} y={bottom + 38} textAnchor="end" fill="var(--ink-3)">
        {text(x.label)}
      </text>
      <text x={left} y={top - 8} fill="var(--ink-3)">
        {text(y.label)}
      </text>
    </g>
  );
}
