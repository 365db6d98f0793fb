import type { Point } from "../api/types";
import type { Projection } from "./frame";
import type { Client } from "./useHand";

/** The place in the drawing's own coordinates under a pointer. */
export function drawn(grip: SVGGraphicsElement, { clientX, clientY }: Client): Point {
  const at = new DOMPoint(clientX, clientY).matrixTransform(grip.ownerSVGElement!.getScreenCTM()!.inverse());
  return { x: at.x, y: at.y };
}

/**
 * The place in the scene under a pointer. The scale is straight, so two known places of a grip's way give every other
 * one; along a way that has no length it stays where it is.
 */
export function pointed(
  grip: SVGGraphicsElement,
  client: Client,
  placed: Projection,
  low: Point,
  high: Point,
): Point {
  const at = drawn(grip, client);
  return {
    x: between(at.x, placed.x(low.x), placed.x(high.x), low.x, high.x),
    y: between(at.y, placed.y(low.y), placed.y(high.y), low.y, high.y),
  };
}

function between(value: number, from: number, to: number, low: number, high: number): number {
  return low === high ? low : low + ((value - from) / (to - from)) * (high - low);
}
