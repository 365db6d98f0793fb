import type { Point } from "../api/types";
import type { Placed } from "./frame";

/**
 * The place in the scene under a pointer. The scale is straight, so two known places of a grip's way give every other
 * one; along a way that has no length it stays where it is.
 */
export function pointed(
  grip: SVGGraphicsElement,
  client: { clientX: number; clientY: number },
  placed: Placed,
  low: Point,
  high: Point,
): Point {
  const at = new DOMPoint(client.clientX, client.clientY).matrixTransform(
    grip.ownerSVGElement!.getScreenCTM()!.inverse(),
  );
  return {
    x: between(at.x, placed.x(low.x), placed.x(high.x), low.x, high.x),
    y: between(at.y, placed.y(low.y), placed.y(high.y), low.y, high.y),
  };
}

function between(value: number, from: number, to: number, low: number, high: number): number {
  return low === high ? low : low + ((value - from) / (to - from)) * (high - low);
}
