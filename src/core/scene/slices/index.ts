import { aside } from "./aside";
import { building } from "./building";
import { drawing } from "./drawing";
import { filling } from "./filling";
import { framing } from "./framing";
import { grouping } from "./grouping";
import { guessing } from "./guessing";
import { laying } from "./laying";
import { ordering } from "./ordering";
import { parts } from "./parts";
import { saying } from "./saying";
import { setting } from "./setting";
import { signs } from "./signs";
import { sorting } from "./sorting";
import { symmetry } from "./symmetry";
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
  aside,
  signs,
  parts,
  building,
  ordering,
  framing,
  grouping,
  guessing,
  symmetry,
  saying,
  sorting,
  windows,
  working,
  drawing,
  setting,
] as const;
