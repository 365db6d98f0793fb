import type { CraftItem, Device, Figure, Pack, Rig, Transducer, Unit } from "../api/types";
import { choices } from "../parts/choices";
import { craftName } from "../parts/crafts";
import { amountText, type System } from "../units/format";

/** What a person knows as a rig is started; "" where it was not said. */
export interface Known {
  craft: string;
  display: string;
  transducer: string;
  /** Battery that is there already. */
  pack: string;
  /** Whether display and transducer are there already. */
  owned: boolean;
  hours: string;
  /** From and to, in metres: "2-10". */
  depths: string;
  water: string;
  season: string;
  style: string;
  drill: string;
  /** What may be spent. */
  budget: string;
  /** What becomes of the rest. */
  rest: "open" | "filled-in" | "advised";
}

export const NOTHING_KNOWN: Known = {
  craft: "",
  display: "",
  transducer: "",
  pack: "",
  owned: false,
  hours: "",
  depths: "",
  water: "",
  season: "",
  style: "",
  drill: "",
  budget: "",
  rest: "open",
};

/** What is on offer to begin from. */
export interface Gear {
  crafts: CraftItem[];
  displays: Device[];
  transducers: Transducer[];
  packs: Pack[];
}

export type Question = Exclude<keyof Known, "owned" | "rest">;

type Options = [string, string][];

const UNDECIDED = "undecided";

function said<T extends string>(all: [T, string][]): Options {
  return all.filter(([value]) => value !== UNDECIDED);
}

const HOURS = ["3", "4", "5", "6", "8", "10", "12"];

const BUDGETS = ["150", "300", "500", "800", "1200"];

const DEPTHS: [string, string][] = [
  ["1-4", "shallow, "],
  ["2-10", ""],
  ["3-25", ""],
  ["5-60", "deep, "],
];

/** "2 m to 10 m", in the person's units. */
function span(depths: string, system: System): string {
  const [least, most] = depths.split("-").map(Number) as [number, number];
  const shown = (si: number) => amountText({ si, unit: "depth" }, system);
  return system === "metric" ? `${least} to ${shown(most)}` : `${shown(least)} to ${shown(most)}`;
}

/** The answers to a question, without the one that says nothing. */
export function answers(question: Question, gear: Gear, system: System): Options {
  switch (question) {
    case "craft":
      return gear.crafts.map((item) => [item.id, craftName(item, system)]);
    case "display":
      return gear.displays.map((each) => [each.id, each.name]);
    case "transducer":
      return gear.transducers.map((each) => [each.id, each.name]);
    case "pack":
      return gear.packs.map((each) => [each.id, each.name]);
    case "hours":
      return HOURS.map((each) => [each, `${each} h`]);
    case "depths":
      return DEPTHS.map(([each, words]) => [each, words + span(each, system)]);
    case "water":
      return said(choices("WaterKind"));
    case "season":
      return said(choices("Season"));
    case "style":
      return said(choices("FishingStyle"));
    case "budget":
      return BUDGETS.map((each) => [each, each]);
    case "drill":
      return [
        ["no-drill", "no"],
        ["above-waterline", "above the waterline"],
        ["below-waterline", "below the waterline too"],
      ];
  }
}

/** What an answer fills in, so that nobody is surprised by it. */
export function fillsIn(question: Question, known: Known, gear: Gear, system: System): string {
  const value = known[question];
  if (value === "") return "";
  const amount = (figure: Figure | undefined, unit: Unit) =>
    figure?.kind === "given" ? amountText({ si: figure.value, unit }, system) : "";
  switch (question) {
    case "craft": {
      const craft = gear.crafts.find((item) => item.id === value)?.craft;
      return craft === undefined
        ? ""
        : `${amount(craft.lengthM, "metre")} by ${amount(craft.beamM, "metre")}, ${craft.stations.length} places, ${craft.passages.length} ways for cables`;
    }
    case "display": {
      const draw = gear.displays.find((each) => each.id === value)?.draw;
      return draw?.kind === "split"
        ? `draws ${amount(draw.baseW, "watt")}, and ${amount(draw.backlightW, "watt")} more at full light`
        : "";
    }
    case "transducer": {
      const item = gear.transducers.find((each) => each.id === value);
      return item === undefined
        ? ""
        : `${item.beams.length === 1 ? "one beam" : `${item.beams.length} beams`}, lead of ${amount(item.lead.lengthM, "metre")}`;
    }
    case "pack": {
      const item = gear.packs.find((each) => each.id === value);
      return item === undefined
        ? ""
        : `${amount(item.capacityAh, "ampere-hour")}, ${amount(item.massKg, "kilogram")}: counted as yours`;
    }
    case "hours":
      return `one part of the day, ${value} h long, with all displays on`;
    case "depths":
      return `shallowest and deepest: ${span(value, system)}`;
    case "water":
      return value === "fresh" ? "speed of sound, plain wire will do" : "speed of sound, tinned wire";
    case "season":
      return "temperature of the water, cold of the battery";
    case "style":
      return "how the craft moves, which views count";
    case "budget":
      return "what has yet to be had is held against it";
    case "drill":
      return value === "no-drill" ? "nothing that wants a hole is proposed" : "holes may be proposed there";
  }
}

const chosen = (value: number) => ({ kind: "given", value, basis: "chosen" }) as const;

/** The same rig with what was said of day, water and drilling, and of what is there already; the very rig where nothing was. */
export function withSaid(rig: Rig, known: Known): Rig {
  const { outing, schools, purse } = rig;
  const [least, most] = known.depths.split("-").map(Number);
  const water = {
    ...outing.water,
    ...(known.depths === "" ? {} : { leastM: chosen(least!), mostM: chosen(most!) }),
    ...(known.water === "" ? {} : { kind: known.water }),
    ...(known.season === "" ? {} : { season: known.season }),
    ...(known.style === "" ? {} : { style: known.style }),
  } as typeof outing.water;
  const phases =
    known.hours === ""
      ? outing.phases
      : outing.phases.map((phase, i) => (i === 0 ? { ...phase, hours: chosen(Number(known.hours)) } : phase));
  const drilling = known.drill === "" ? schools.drilling : (known.drill as typeof schools.drilling);
  const owned = known.owned
    ? [...rig.devices, ...rig.transducers].map((each) => mine(each.id, "origin" in each ? each.origin : ""))
    : [];
  const next = {
    ...rig,
    outing: { ...outing, water, phases },
    schools: { ...schools, drilling },
    purse: {
      budget: known.budget === "" ? purse.budget : chosen(Number(known.budget)),
      purchases: [...purse.purchases, ...owned],
    },
  };
  return JSON.stringify(next) === JSON.stringify(rig) ? rig : next;
}

function mine(part: string, origin: string): Rig["purse"]["purchases"][number] {
  return { part, piece: "", origin, having: "owned", price: { kind: "unset" }, cameWith: "", item: "" };
}
