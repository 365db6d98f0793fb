import type { Ballast, BoardPart, DataLead, Enclosure, Passage, Rig, Travel } from "../api/types";
import { chosen, freshAmong, freshId, ids, numbered, UNSET } from "./parts";

/** New parts of what is built round a rig. What only makes or drops entries: no rule and no formula. */

export function newDataLead(rig: Rig): DataLead {
  return {
    id: freshId(rig, "data-lead"),
    name: "data lead",
    from: rig.devices[0]?.id ?? "",
    to: rig.devices[1]?.id ?? "",
    lengthM: UNSET,
    plugM: UNSET,
  };
}

const MOVES: Travel["what"][] = ["seat", "guard", "lid", "arm", "swivel", "bracket"];

/** The first that is not among those already said; each is said once for a cable. */
export function newTravel(known: Travel[]): Travel | undefined {
  const what = MOVES.find((each) => !known.some((travel) => travel.what === each));
  return what && { what, strokeM: UNSET, angleDeg: UNSET, freed: false };
}

export function newBallast(rig: Rig): Ballast {
  return {
    id: freshId(rig, "weight"),
    name: "counterweight",
    massKg: UNSET,
    station: rig.craft.stations[0]?.id ?? "",
  };
}

/** At the first place that has none; undefined where every place has one. */
export function newBox(rig: Rig): Enclosure | undefined {
  const taken = new Set(rig.fitOut.boxes.map((box) => box.station));
  const free = [...rig.harness.packs, ...rig.devices]
    .map((part) => rig.places.find((place) => place.item === part.id)?.station ?? "")
    .concat(rig.craft.stations.map((each) => each.id))
    .find((station) => station !== "" && !taken.has(station));
  return free === undefined
    ? undefined
    : {
        id: freshId(rig, "box"),
        name: "box",
        kind: "box",
        station: free,
        outside: {},
        massKg: UNSET,
        ribs: [],
        exits: [],
        pockets: [],
        tight: false,
        vented: false,
      };
}

export function newRib(rig: Rig): Enclosure["ribs"][number] {
  const id = freshId(rig, "rib");
  return { id, name: numbered("rib", id), takes: "wide", depthM: UNSET };
}

export function newExit(rig: Rig): Enclosure["exits"][number] {
  const id = freshId(rig, "hole");
  return {
    id,
    name: numbered("hole", id),
    wall: "left",
    closedBy: "undecided",
    sealed: false,
    use: "cables",
    cut: true,
  };
}

export function newPocket(rig: Rig): Enclosure["pockets"][number] {
  const id = freshId(rig, "pocket");
  return { id, name: numbered("pocket", id), pose: "stowed", inside: {}, holds: "" };
}

export function newBoardPart(rig: Rig): BoardPart {
  return {
    id: freshId(rig, "part"),
    name: "part",
    lengthM: chosen(0.3),
    wideM: chosen(0.1),
    count: 1,
    turns: false,
  };
}

/** Over the deck, between the first two places. */
export function newPassage(rig: Rig): Passage {
  const id = freshAmong(ids(rig.craft.passages), "passage");
  const [from, to] = rig.craft.stations;
  return {
    id,
    name: id,
    from: from?.id ?? "",
    to: to?.id ?? "",
    way: "open-deck",
    lengthM: UNSET,
    belowWaterline: false,
    crosses: "none",
    opening: { closedBy: "undecided", stuff: "undecided", back: "unknown", tested: false, costs: "" },
  };
}
