import { arrows } from "./arrows";
import { chart } from "./chart";
import { frames } from "./frames";
import { lines } from "./lines";
import { pieces } from "./pieces";
import { problems } from "./problems";
import { shading } from "./shading";
import { stops } from "./stops";
import { strip } from "./strip";
import { timesPuzzle } from "./times-puzzle";
import { view } from "./view";

/** The kinds of part that a sheet can have. */
export const SHEET_KINDS = {
  chart,
  problems,
  lines,
  strip,
  "times-puzzle": timesPuzzle,
  arrows,
  pieces,
  frames,
  stops,
  shading,
  view,
} as const;
