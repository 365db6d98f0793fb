import { type KeyboardEvent, useRef, useState } from "react";
import type { Mark, Point } from "../api/types";
import { pieceOf } from "../edit/parts";
import { useEditor } from "../edit/RigEditor";
import { useUnits } from "../units/UnitsProvider";
import { line, type Projection } from "./frame";
import { drawn } from "./pointed";
import { type Client, useHand } from "./useHand";

/** Ways of the arrow keys on the screen, whose y goes down. */
const WAYS: Record<string, { x: number; y: number }> = {
  ArrowLeft: { x: -1, y: 0 },
  ArrowRight: { x: 1, y: 0 },
  ArrowUp: { x: 0, y: -1 },
  ArrowDown: { x: 0, y: 1 },
};

/**
 * A piece that is chosen by pointing at it or with Enter, taken out with Delete, and dragged onto another piece that
 * takes it; arrow keys move it to the next one that way. What no key reaches stands among the fields of the chosen piece.
 */
export function ElementGrip({
  mark,
  placed,
}: {
  mark: Extract<Mark, { kind: "element" }>;
  placed: Projection;
}) {
  const { rig, take, busy, selected, select } = useEditor();
  const { text } = useUnits();
  const [to, setTo] = useState<Point | null>(null);
  const path = useRef<SVGPathElement>(null);
  const removable = pieceOf(rig, mark.part) !== null;
  const middle = {
    x: placed.x((mark.area[0]!.x + mark.area[2]!.x) / 2),
    y: placed.y((mark.area[0]!.y + mark.area[2]!.y) / 2),
  };
  const onKeyDown = (event: KeyboardEvent<SVGPathElement>) => {
    if (event.key === "Enter" || event.key === " ") {
      event.preventDefault();
      select(mark.part);
    } else if (WAYS[event.key] && mark.drags !== "") {
      event.preventDefault();
      event.stopPropagation();
      const onto = nextTaker(event.currentTarget, WAYS[event.key]!, mark.drags);
      if (onto !== "" && !busy) take(mark.drags + onto);
    } else if ((event.key === "Delete" || event.key === "Backspace") && removable && !busy) {
      event.preventDefault();
      take(`wire.out.${mark.part}`);
    }
  };
  const hand = useHand({
    moved: (at) => mark.drags !== "" && setTo(drawn(path.current!, at)),
    dropped: (at) => {
      setTo(null);
      const onto = takerUnder(at, mark.drags);
      if (onto !== "" && onto !== mark.part && !busy) take(mark.drags + onto);
    },
    tapped: () => select(mark.part),
    left: () => setTo(null),
  });
  return (
    <>
      <path
        ref={path}
        role="button"
        tabIndex={0}
        data-part={mark.part}
        data-takes={mark.takes.join(" ")}
        aria-pressed={selected === mark.part}
        aria-label={`${text(mark.text)}: Enter to choose${mark.drags === "" ? "" : ", arrows to move"}${removable ? ", Delete to take out" : ""}`}
        d={line(mark.area, placed, true)}
        fill="transparent"
        stroke={selected === mark.part ? "var(--act)" : "transparent"}
        strokeWidth="1.6"
        strokeDasharray="4 3"
        className="cursor-pointer touch-none hover:stroke-[var(--act)] focus-visible:stroke-[var(--act)] focus-visible:outline-none"
        {...hand()}
        onKeyDown={onKeyDown}
      >
        <title>{text(mark.text)}</title>
      </path>
      {to && (
        <path
          d={`M${middle.x} ${middle.y}L${to.x} ${to.y}`}
          stroke="var(--act)"
          strokeWidth="2"
          strokeDasharray="6 4"
          pointerEvents="none"
        />
      )}
    </>
  );
}

/** What takes such a change? */
function takes(piece: SVGElement, drags: string): boolean {
  return (piece.dataset.takes ?? "").split(" ").some((start) => start !== "" && drags.startsWith(start));
}

/** The nearest piece one way on the screen, no farther aside than ahead, that takes such a change; "" for none. */
function nextTaker(from: SVGElement, way: { x: number; y: number }, drags: string): string {
  const middle = (piece: Element) => {
    const box = piece.getBoundingClientRect();
    return { x: box.x + box.width / 2, y: box.y + box.height / 2 };
  };
  const here = middle(from);
  return [...from.ownerSVGElement!.querySelectorAll<SVGElement>("[data-takes]")]
    .filter((piece) => piece !== from && takes(piece, drags))
    .map((piece) => {
      const there = middle(piece);
      const off = { x: there.x - here.x, y: there.y - here.y };
      return {
        part: piece.dataset.part ?? "",
        ahead: off.x * way.x + off.y * way.y,
        aside: Math.abs(off.x * way.y) + Math.abs(off.y * way.x),
      };
    })
    .filter(({ ahead, aside }) => ahead > 1 && aside <= ahead)
    .reduce(
      (best, each) =>
        each.ahead + each.aside < best.far ? { part: each.part, far: each.ahead + each.aside } : best,
      {
        part: "",
        far: Infinity,
      },
    ).part;
}

/** The piece under a pointer that takes such a change; "" where there is none. */
export function takerUnder(at: Client, drags: string): string {
  if (drags === "") return "";
  const taker = document
    .elementsFromPoint(at.clientX, at.clientY)
    .filter((each): each is SVGElement => each instanceof SVGElement && each.dataset.part !== undefined)
    .find((each) => takes(each, drags));
  return taker?.dataset.part ?? "";
}
