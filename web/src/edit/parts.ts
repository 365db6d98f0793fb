import type { Basis, Craft, Figure, Passage, Rig } from "../api/types";

/** What the screen tells of a rig's parts and says of them; parts are added and taken out by the service. */

export const UNSET: Figure = { kind: "unset" };

/** A figure with where it comes from. */
export function given(value: number, basis: Basis): Figure {
  return { kind: "given", value, basis };
}

export function chosen(value: number): Figure {
  return given(value, "chosen");
}

/** The rig with a note on a part ("": on the rig), or without it where the text is blank. */
export function withNote(rig: Rig, part: string, text: string): Rig {
  const others = rig.notes.filter((note) => note.part !== part);
  // pasted tabs would be refused as control characters, and the words with them
  const words = text.replaceAll("\t", " ").trim();
  return { ...rig, notes: words === "" ? others : [...others, { part, text: words }] };
}

/** The list of the harness that a piece stands in, its wire where it sits in one, and its place there; null for others. */
export function pieceOf(
  rig: Rig,
  id: string,
):
  | { list: "segments" | "junctions"; index: number }
  | { list: "fittings"; index: number; fitting: number }
  | null {
  const wire = rig.harness.segments.findIndex((each) => each.id === id);
  if (wire >= 0) return { list: "segments", index: wire };
  const point = rig.harness.junctions.findIndex((each) => each.id === id);
  if (point >= 0) return { list: "junctions", index: point };
  const holder = rig.harness.segments.findIndex((each) => each.fittings.some((fitting) => fitting.id === id));
  return holder < 0
    ? null
    : {
        list: "fittings",
        index: holder,
        fitting: rig.harness.segments[holder]!.fittings.findIndex((each) => each.id === id),
      };
}

/** Passages that begin where the way has come to; where nobody said where it begins, all of them. */
export function goingOn(craft: Craft, start: string, legs: string[]): Passage[] {
  let at = start;
  for (const id of legs) {
    const leg = craft.passages.find((each) => each.id === id);
    at = leg?.from === at ? leg.to : leg?.to === at ? leg.from : (leg?.to ?? at);
  }
  return craft.passages.filter(
    (each) => !legs.includes(each.id) && (at === "" || each.from === at || each.to === at),
  );
}

/** The rig with a thing at no place. */
export function nowhere(rig: Rig, item: string): Rig {
  return { ...rig, places: rig.places.filter((place) => place.item !== item) };
}
