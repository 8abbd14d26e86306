import { arrows } from "./arrows";
import { cards } from "./cards";
import { chart } from "./chart";
import { compare } from "./compare";
import { diagram } from "./diagram";
import { frames } from "./frames";
import { graph } from "./graph";
import { groups } from "./groups";
import { higherLower } from "./higher-lower";
import { line, strip } from "./line";
import { order } from "./order";
import { pairs } from "./pairs";
import { placeValue } from "./place-value";
import { problems } from "./problems";
import { say } from "./say";
import { sentence } from "./sentence";
import { stops } from "./stops";
import { time } from "./time";
import { times } from "./times";
import { trail } from "./trail";
import { way } from "./way";

/** The kinds of view, in the order in which they are offered. */
export const KINDS = {
  chart,
  times,
  line,
  strip,
  trail,
  sentence,
  way,
  "place-value": placeValue,
  stops,
  frames,
  groups,
  order,
  "higher-lower": higherLower,
  say,
  cards,
  diagram,
  graph,
  time,
  pairs,
  compare,
  problems,
  arrows,
} as const;
