import { useLayoutEffect, type RefObject } from "react";
import { type Box, clear } from "./clear";

const LINE = 3;

/** Moves the words of a drawing clear of each other, once they are there to be measured. */
export function useClearWords(svg: RefObject<SVGSVGElement | null>, width: number, height: number) {
  useLayoutEffect(() => {
    const all = [...(svg.current?.querySelectorAll<SVGTextElement>("text") ?? [])];
    // those of a dimension stay on its line
    const words = [...all.filter(onLine), ...all.filter((word) => !onLine(word))];
    words.forEach((word) => word.style.removeProperty("translate"));
    const marks = [
      ...found(svg, "[data-spot]").map(placedBox),
      ...found(svg, "[data-level]").map(placedBox).map(thick),
    ];
    clear(words.map(inked), width, height, marks).forEach(({ x, y }, i) => {
      if (x !== 0 || y !== 0) words[i]!.style.translate = `${x}px ${y}px`;
    });
  });
}

/** Blanks before and after hold a word off its mark: they may lie over it. */
function inked(word: SVGTextElement): Box {
  const box = word.getBBox();
  const said = word.textContent ?? "";
  const before = said.length - said.trimStart().length;
  const after = said.length - said.trimEnd().length;
  const left = before > 0 ? word.getSubStringLength(0, before) : 0;
  const right = after > 0 ? word.getSubStringLength(said.length - after, after) : 0;
  return { left: box.x + left, top: box.y, width: box.width - left - right, height: box.height };
}

function found(svg: RefObject<SVGSVGElement | null>, which: string): SVGGraphicsElement[] {
  return [...(svg.current?.querySelectorAll<SVGGraphicsElement>(which) ?? [])];
}

/** A line has no height of its own: so much, that none goes through letters. */
function thick(box: Box): Box {
  return { ...box, top: box.top - LINE, height: box.height + 2 * LINE };
}

function placedBox(mark: SVGGraphicsElement): Box {
  const box = mark.getBBox();
  const moved = mark.transform.baseVal.consolidate()?.matrix;
  return {
    left: box.x + (moved?.e ?? 0),
    top: box.y + (moved?.f ?? 0),
    width: box.width,
    height: box.height,
  };
}

function onLine(word: SVGTextElement): boolean {
  return word.hasAttribute("data-on-line");
}
