import { useLayoutEffect, type RefObject } from "react";
import { clear } from "./clear";

/** Moves the words of a drawing clear of each other, once they are there to be measured. */
export function useClearWords(svg: RefObject<SVGSVGElement | null>, width: number, height: number) {
  useLayoutEffect(() => {
    const all = [...(svg.current?.querySelectorAll<SVGTextElement>("text") ?? [])];
    // those of a dimension stay on its line
    const words = [...all.filter(onLine), ...all.filter((word) => !onLine(word))];
    words.forEach((word) => word.style.removeProperty("translate"));
    const boxes = words.map((word) => {
      const box = word.getBBox();
      return { left: box.x, top: box.y, width: box.width, height: box.height };
    });
    clear(boxes, width, height).forEach(({ x, y }, i) => {
      if (x !== 0 || y !== 0) words[i]!.style.translate = `${x}px ${y}px`;
    });
  });
}

function onLine(word: SVGTextElement): boolean {
  return word.hasAttribute("data-on-line");
}
