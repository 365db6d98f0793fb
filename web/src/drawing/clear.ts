/** A box of words in a drawing. */
export interface Box {
  left: number;
  top: number;
  width: number;
  height: number;
}

/** Boxes may touch by so much: the letters in them do not. */
const TOUCH = 4;
const EDGE = 2;

/** Room of a symbol and of what stands off it on both sides. */
const BESIDE = 26;

/** Up or down by so many, nearest first. */
const MOVES = [0, 7, -7, 13, -13, 19, -19, 26, -26, 34, -34, 44, -44, 56, -56, 70, -70, 86, -86];

/**
 * How far each is moved so that none leaves the drawing and none lies over one before it or over a mark: as little as will
 * do, and not at all where nothing does.
 */
export function clear(
  boxes: Box[],
  width: number,
  height: number,
  marks: Box[] = [],
): { x: number; y: number }[] {
  const placed: Box[] = [...marks];
  return boxes.map((box) => {
    // where neither over nor under it is free, on the other side of what it names
    const tried = [0, -box.width - BESIDE].flatMap((across) =>
      MOVES.map((down) => within({ ...box, left: box.left + across, top: box.top + down }, width, height)),
    );
    const stands = tried.find((each) => !placed.some((other) => over(each, other))) ?? tried[0]!;
    placed.push(stands);
    return { x: stands.left - box.left, y: stands.top - box.top };
  });
}

function within(box: Box, width: number, height: number): Box {
  const left = Math.max(EDGE, Math.min(box.left, width - EDGE - box.width));
  const top = Math.max(EDGE, Math.min(box.top, height - EDGE - box.height));
  return { ...box, left, top };
}

function over(one: Box, other: Box): boolean {
  const wide = Math.min(one.left + one.width, other.left + other.width) - Math.max(one.left, other.left);
  const tall = Math.min(one.top + one.height, other.top + other.height) - Math.max(one.top, other.top);
  return wide > 1 && tall > TOUCH;
}
