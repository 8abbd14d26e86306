import { arrows } from "./arrows";
import { chart } from "./chart";
import { compare } from "./compare";
import { line, strip } from "./line";
import { pairs } from "./pairs";
import { placeValue } from "./place-value";
import { problems } from "./problems";
import { sentence } from "./sentence";
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
  pairs,
  compare,
  problems,
  arrows,
} as const;
