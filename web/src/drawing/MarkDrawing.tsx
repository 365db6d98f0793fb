import type { Mark, Point } from "../api/types";
import { useUnits } from "../units/UnitsProvider";
import { line, type Projection } from "./frame";

type Role = Extract<Mark, { kind: "path" }>["role"];

interface Ink {
  stroke: string;
  width: number;
  fill?: string;
  dash?: string;
}

const PLAIN: Ink = { stroke: "var(--ink)", width: 1.4 };

/** A role without a look does not compile. */
const INKS: Record<Role, Ink> = {
  surface: { stroke: "var(--act)", width: 1.8 },
  bottom: { stroke: "none", width: 0, fill: "var(--track)" },
  bed: { stroke: "var(--ink)", width: 2 },
  ice: { stroke: "var(--faint)", width: 1, fill: "var(--band)" },
  hull: { stroke: "var(--ink)", width: 1.6, fill: "var(--track)" },
  waterline: { stroke: "var(--ink-2)", width: 1.4, dash: "2 4" },
  beam: { stroke: "var(--ink)", width: 1.4, fill: "var(--beam)" },
  ghost: { stroke: "var(--faint)", width: 1.2, dash: "5 4" },
  hidden: { stroke: "none", width: 0, fill: "var(--hidden)" },
  target: { stroke: "none", width: 0, fill: "var(--act)" },
  histogram: { stroke: "var(--ink-2)", width: 0.8, fill: "var(--band)" },
  face: { stroke: "var(--ink)", width: 1, fill: "var(--ink)" },
  obstruction: { stroke: "var(--ink)", width: 1.4, fill: "var(--faint)" },
  passage: { stroke: "var(--faint)", width: 0.8 },
  run: { stroke: "var(--ink)", width: 3.2 },
  part: { stroke: "var(--ink)", width: 1.6, fill: "var(--sheet)" },
  mass: { stroke: "var(--act)", width: 1.6, fill: "var(--act-soft)" },
  conductor: { stroke: "var(--ink)", width: 1 },
  curve: { stroke: "var(--ink)", width: 2.4 },
  band: { stroke: "none", width: 0, fill: "var(--band)" },
  limit: { stroke: "var(--fails)", width: 1.4, dash: "7 5" },
  reserve: { stroke: "var(--ink-3)", width: 1.6, dash: "2 4" },
  wanted: { stroke: "var(--ink)", width: 1.6 },
  missing: { stroke: "var(--fails)", width: 1.4, dash: "2 5" },
  quiet: { stroke: "var(--faint)", width: 1 },
  phase: { stroke: "var(--rule)", width: 1, fill: "var(--act-soft)" },
  share: { stroke: "var(--ink)", width: 1.4, fill: "var(--act-soft)" },
  centre: PLAIN,
  pack: PLAIN,
  device: PLAIN,
  "device-starved": PLAIN,
  junction: PLAIN,
  fuse: PLAIN,
  joint: PLAIN,
  switch: PLAIN,
  label: PLAIN,
};

/** Lines to measure by: words go over or under them, not through. */
const LEVELS = new Set<Role>(["wanted", "limit", "reserve"]);

function level(points: Point[]): boolean {
  return points.every((point) => point.y === points[0]!.y);
}

/** One mark: what it stands for decides how it looks, here and nowhere else. */
export function MarkDrawing({ mark, placed }: { mark: Mark; placed: Projection }) {
  switch (mark.kind) {
    case "path": {
      const ink = INKS[mark.role];
      return (
        <path
          d={line(mark.points, placed, mark.closed)}
          stroke={ink.stroke}
          strokeWidth={ink.width * mark.weight}
          fill={ink.fill ?? "none"}
          strokeDasharray={ink.dash}
          strokeLinejoin="round"
          data-level={LEVELS.has(mark.role) && level(mark.points) ? "" : undefined}
        />
      );
    }
    case "note":
      return <Note mark={mark} placed={placed} />;
    case "spot":
      return (
        <g data-spot={mark.role} transform={`translate(${placed.x(mark.at.x)} ${placed.y(mark.at.y)})`}>
          <Symbol role={mark.role} />
        </g>
      );
    case "span":
      return <Span mark={mark} placed={placed} />;
    case "drag":
    case "element":
    case "handle":
    case "pick":
      return null;
  }
}

function Note({ mark, placed }: { mark: Extract<Mark, { kind: "note" }>; placed: Projection }) {
  const { text } = useUnits();
  const anchor = mark.side === "middle" ? "middle" : mark.side === "left" ? "end" : "start";
  const fill =
    mark.role === "missing" ? "var(--fails)" : mark.role === "quiet" ? "var(--ink-2)" : "var(--ink)";
  return (
    <text
      x={placed.x(mark.at.x)}
      y={placed.y(mark.at.y) + mark.lines * 16}
      textAnchor={anchor}
      fontSize={mark.role === "quiet" ? 12.5 : 13}
      fontWeight={mark.role === "missing" ? 650 : 400}
      fill={fill}
      stroke="var(--paper)"
      strokeWidth="4"
      paintOrder="stroke"
      xmlSpace="preserve"
    >
      {text(mark.text)}
    </text>
  );
}

function Span({ mark, placed }: { mark: Extract<Mark, { kind: "span" }>; placed: Projection }) {
  const { text } = useUnits();
  const x0 = placed.x(mark.from.x);
  const x1 = placed.x(mark.to.x);
  const y = placed.y(mark.from.y);
  const colour = mark.role === "missing" ? "var(--fails)" : "var(--ink-2)";
  const narrow = x1 - x0 < 110;
  return (
    <g stroke={colour} strokeWidth="1.3">
      <path d={`M${x0} ${y}H${x1}M${x0} ${y}l7 -4m-7 4l7 4M${x1} ${y}l-7 -4m7 4l-7 4`} />
      <text
        data-on-line
        x={narrow ? x1 + 8 : (x0 + x1) / 2}
        y={y + 4.5}
        textAnchor={narrow ? "start" : "middle"}
        fontSize="13.5"
        fontWeight="650"
        fill={colour}
        stroke="var(--paper)"
        strokeWidth="8"
        paintOrder="stroke"
      >
        {text(mark.text)}
      </text>
    </g>
  );
}

/** Symbols of our own: a pack with its posts, a screen on its foot, a fuse as a bridged gap. */
function Symbol({ role }: { role: Role }) {
  const ink = { stroke: "var(--ink)", strokeWidth: 2, fill: "var(--sheet)" };
  switch (role) {
    case "pack":
      return (
        <g {...ink} stroke="var(--act)" fill="var(--act-soft)">
          <path d="M-46 -16h40v32h-40zM-38 -16v-5h7v5M-21 -16v-5h7v5" />
          <path d="M-6 0h6" />
        </g>
      );
    case "device":
    case "device-starved":
      return (
        <g {...ink} stroke={role === "device" ? "var(--ink)" : "var(--fails)"}>
          <path d="M-28 -20h56v34h-56zM0 14v8M-10 22h20" />
          {role === "device-starved" && <path d="M-10 -11l20 16M10 -11l-20 16" />}
        </g>
      );
    case "fuse":
      return (
        <g {...ink}>
          <rect x="-13" y="-7" width="26" height="14" rx="7" />
          <path d="M-8 0c4 -6 6 6 8 0s4 -6 8 0" strokeWidth="1.4" fill="none" />
        </g>
      );
    case "switch":
      return (
        <g {...ink}>
          <circle r="8" />
          <path d="M-4 3l7 -7" strokeWidth="1.6" />
        </g>
      );
    case "joint":
      return (
        <g {...ink}>
          <path d="M-8 -6h7v12h-7zM1 -6h7v12h-7z" />
        </g>
      );
    case "face":
      return <path d="M-6 -5h12l-3 10h-6z" fill="var(--ink)" />;
    case "part":
      return <rect x="-9" y="-6" width="18" height="12" {...ink} />;
    case "centre":
      return (
        <g stroke="var(--ink)" strokeWidth="1.4">
          <circle r="6" fill="var(--sheet)" />
          <path d="M-9 0h18M0 -9v18" />
        </g>
      );
    case "ghost":
      return <circle r="4.5" stroke="var(--faint)" strokeWidth="1.6" fill="var(--sheet)" />;
    case "mass":
      return <circle r="10" stroke="var(--act)" strokeWidth="1.8" />;
    case "junction":
      return <circle r="5" fill="var(--ink)" />;
    case "surface":
    case "bottom":
    case "bed":
    case "ice":
    case "hull":
    case "waterline":
    case "beam":
    case "hidden":
    case "target":
    case "histogram":
    case "obstruction":
    case "passage":
    case "run":
    case "conductor":
    case "curve":
    case "reserve":
    case "band":
    case "limit":
    case "wanted":
    case "missing":
    case "phase":
    case "share":
    case "label":
    case "quiet":
      return <circle r="5.5" {...ink} />;
  }
}
