import { choices } from "./choices";
import type { Rig } from "../api/types";

/** What carries a rig, in words. */
export const CRAFTS = choices<Rig["craft"]["kind"]>("CraftKind");
