import type { components } from "./generated/api";

type Schemas = components["schemas"];

export type Amount = Schemas["Amount"];
export type Ballast = Schemas["Ballast"];
export type Beam = Schemas["Beam"];
export type Charger = Schemas["Charger"];
export type BoardPart = Schemas["BoardPart"];
export type Craft = Schemas["Craft"];
export type CraftItem = Schemas["CraftItem"];
export type Change = Schemas["ChangePreview"];
export type DataLead = Schemas["DataLead"];
export type Cure = Schemas["Cure"];
export type Purchase = Schemas["Purchase"];
export type ListTable = Schemas["ListTable"];
export type Device = Schemas["Device"];
export type Deleted = Schemas["Deleted"];
export type Draw = Schemas["Draw"];
export type Ending = Schemas["Ending"];
export type Effect = Schemas["Effect"];
export type Enclosure = Schemas["Enclosure"];
export type Figure = Schemas["Figure"];
export type Finding = Schemas["Finding"];
export type Fitting = Schemas["Fitting"];
export type Fuse = Schemas["FittingFuse"];
export type Gauge = Schemas["Gauge"];
export type History = Schemas["History"];
export type HistoryEntry = Schemas["Entry"];
export type Holder = Schemas["Holder"];
export type Junction = Schemas["Junction"];
export type Link = Schemas["Link"];
export type LinkState = Schemas["LinkState"];
export type Mark = Schemas["Mark"];
export type OfferedLog = Schemas["Offered"];
export type Offer = Schemas["Offer"];
export type KeptRoom = Schemas["KeptRoom"];
export type Obstruction = Schemas["Obstruction"];
export type Pack = Schemas["Pack"];
export type Phase = Schemas["Phase"];
export type Picture = Schemas["Picture"];
export type Point = Schemas["Point"];
export type Passage = Schemas["Passage"];
export type Placement = Schemas["Placement"];
export type Run = Schemas["Run"];
export type Station = Schemas["Station"];
export type Transducer = Schemas["Transducer"];
export type Travel = Schemas["Travel"];
export type Pair = Schemas["Pair"];
export type Remedy = Schemas["Remedy"];
export type Review = Schemas["Review"];
export type Rig = Schemas["Rig"];
export type RigDocument = Schemas["RigDocument"];
export type Saved = Schemas["Saved"];
export type Scene = Schemas["Scene"];
export type Segment = Schemas["Segment"];
export type ShelfEntry = Schemas["ShelfEntry"];
export type Text = Schemas["Text"];
export type Unit = Schemas["Unit"];
export type Unreadable = Schemas["Unreadable"];
export type Use = Schemas["Use"];
export type Verdict = Schemas["Verdict"];
export type WantedView = Rig["outing"]["views"][number];
export type Working = Schemas["Working"];
export type Row = Schemas["Row"];
export type Basis = Schemas["Basis"];

/** An error as the server tells it (RFC 9457). */
export interface Problem {
  title: string;
  status: number;
  detail: string;
  pointer?: string;
  value?: string;
  allowed?: string;
  /** Of a stale edit: what the other window did since, and what this one wanted. */
  theirs?: Text[];
  yours?: Text[];
}
