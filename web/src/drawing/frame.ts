import type { Point, Scene } from "../api/types";

export interface Size {
  width: number;
  height: number;
}

export const WIDE: Size = { width: 760, height: 500 };

/** For a phone: the same lettering on a smaller ground, so that it can be read. */
export const NARROW: Size = { width: 470, height: 400 };

/** A piece of a drawing in running text, and the same on a phone. */
export const PIECE: Size = { width: 700, height: 280 };
export const NARROW_PIECE: Size = { width: 400, height: 200 };

interface Box {
  left: number;
  right: number;
  top: number;
  bottom: number;
}

/** Maps a scene's own coordinates onto the drawing's. */
export interface Projection {
  box: Box;
  x: (x: number) => number;
  y: (y: number) => number;
}

function scale(low: number, high: number, from: number, to: number, logarithmic: boolean) {
  const at = logarithmic ? Math.log : (value: number) => value;
  return (value: number) => from + ((at(value) - at(low)) / (at(high) - at(low))) * (to - from);
}

export function place(frame: Scene["frame"], { width, height }: Size): Projection {
  if (frame.kind === "plot") {
    const upright = frame.y.ticks.length > 0;
    const box = { left: upright ? 74 : 30, right: width - 30, top: 20, bottom: height - 52 };
    return {
      box,
      x: scale(frame.x.low, frame.x.high, box.left, box.right, frame.x.logarithmic),
      y: scale(frame.y.low, frame.y.high, box.bottom, box.top, frame.y.logarithmic),
    };
  }
  const box = { left: 12, right: width - 12, top: 8, bottom: height - 8 };
  const wide = frame.high.x - frame.low.x;
  const tall = frame.high.y - frame.low.y;
  const unit = Math.min((box.right - box.left) / wide, (box.bottom - box.top) / tall);
  const left = (width - wide * unit) / 2;
  const bottom = (height + tall * unit) / 2;
  return {
    box: { left: 0, right: width, top: 0, bottom: height },
    x: (x) => left + (x - frame.low.x) * unit,
    y: (y) => bottom - (y - frame.low.y) * unit,
  };
}

export function line(points: Point[], placed: Projection, closed: boolean): string {
  return (
    points
      .map((p, i) => `${i === 0 ? "M" : "L"}${placed.x(p.x).toFixed(1)} ${placed.y(p.y).toFixed(1)}`)
      .join("") + (closed ? "Z" : "")
  );
}
