import { comparing } from "./comparing";
import { drawing } from "./drawing";
import { filling } from "./filling";
import { laying } from "./laying";
import { setting } from "./setting";
import { talk } from "./talk";
import { onTrail } from "./trail";
import { windows } from "./windows";
import { working } from "./working";

/** The slices of a scene. What belongs to all of them, the scene itself, its moves and their fold, comes from here. */
export const SLICES = [
  laying,
  filling,
  talk,
  onTrail,
  comparing,
  windows,
  working,
  drawing,
  setting,
] as const;
