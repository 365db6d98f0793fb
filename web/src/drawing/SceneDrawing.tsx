import { useRef } from "react";
import type { Mark, Scene } from "../api/types";
import { Words } from "../parts/Words";
import { useNarrow } from "../parts/narrow";
import { useUnits } from "../units/UnitsProvider";
import { Axes } from "./Axes";
import { NARROW, NARROW_PIECE, PIECE, place, WIDE } from "./frame";
import { Grip } from "./Grips";
import { MarkDrawing } from "./MarkDrawing";
import { Squares } from "./Squares";
import { useClearWords } from "./useClearWords";

/** A picture so many times wider than tall does not go on a telephone as a whole. */
const WIDE_FROM = 1.1;

/** Any picture of the line, drawn from its scene, with the same in a table below for those who do not see it. */
export function SceneDrawing({
  scene,
  titled = true,
  piece = false,
}: {
  scene: Scene;
  titled?: boolean;
  /** A flat strip in running text. */
  piece?: boolean;
}) {
  const { text } = useUnits();
  const narrow = useNarrow();
  // the words of a wide picture would lie over each other: it keeps its size and is pushed sideways
  const pushed = narrow && !piece && isWide(scene);
  const size = piece ? (narrow ? NARROW_PIECE : PIECE) : narrow && !pushed ? NARROW : WIDE;
  const placed = place(scene.frame, size);
  const svg = useRef<SVGSVGElement>(null);
  useClearWords(svg, size.width, size.height);
  const grips = scene.marks.some((mark) => ["pick", "handle", "drag", "element"].includes(mark.kind));
  return (
    <figure className="flex h-full min-h-0 flex-col px-7 pt-4 max-md:px-3">
      <figcaption>
        <h2 className={titled ? "text-[16px] font-semibold" : "sr-only"}>
          <Words text={scene.title} />
        </h2>
        <p className="text-[13px] text-ink-2">
          <Words text={scene.subtitle} />
        </p>
      </figcaption>
      <div
        className={`flex min-h-0 grow flex-col ${pushed ? "overflow-x-auto" : ""}`}
        tabIndex={pushed ? 0 : undefined}
        role={pushed ? "group" : undefined}
        aria-label={pushed ? "The picture, wider than the screen" : undefined}
      >
        <svg
          ref={svg}
          role={grips ? "group" : "img"}
          aria-label={`${text(scene.title)}. The same in words stands below.`}
          viewBox={`0 0 ${size.width} ${size.height}`}
          className={`min-h-0 grow ${piece ? "" : "max-md:min-h-[300px]"} ${pushed ? "w-[640px]" : piece ? "w-full overflow-hidden" : "w-full overflow-visible"}`}
          fill="none"
        >
          {scene.frame.kind === "plot" && <Axes x={scene.frame.x} y={scene.frame.y} placed={placed} />}
          {scene.frame.kind === "to-scale" && <Squares frame={scene.frame} placed={placed} />}
          {scene.marks.map((mark, i) => (
            <MarkDrawing key={i} mark={mark} placed={placed} />
          ))}
          {scene.marks.map((mark, i) => (
            <Grip key={gripKey(mark) ?? i} mark={mark} placed={placed} />
          ))}
        </svg>
      </div>
      <TwinTable twin={scene.twin} />
    </figure>
  );
}

function isWide({ frame, marks }: Scene): boolean {
  if (frame.kind === "to-scale") {
    return frame.high.x - frame.low.x > WIDE_FROM * (frame.high.y - frame.low.y);
  }
  // pieces that are taken hold of stand beside each other along a wire
  return marks.some((mark) => mark.kind === "element");
}

/** What a grip is about: while it is dragged the picture changes, and other marks come and go. */
function gripKey(mark: Mark): string | undefined {
  switch (mark.kind) {
    case "drag":
      return `${mark.xPointer} ${mark.yPointer}`;
    case "handle":
      return mark.pointer;
    case "element":
      return `part ${mark.part}`;
    case "pick":
      return mark.change;
    default:
      return undefined;
  }
}

function TwinTable({ twin }: { twin: Scene["twin"] }) {
  return (
    <details className="max-h-[60%] shrink-0 overflow-auto pb-2 text-[13px]">
      <summary className="cursor-pointer py-1 text-ink-2">The picture in words</summary>
      <table className="w-full">
        <thead>
          <tr className="text-left text-ink-3">
            {twin.columns.map((column) => (
              <th key={column} className="pr-4 font-medium">
                {column}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {twin.rows.map((row, i) => (
            <tr key={i} className="border-t border-grid">
              {row.map((cell, c) => (
                <td key={c} className="py-0.5 pr-4">
                  <Words text={cell} />
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </details>
  );
}
