import { alternate } from "./alternate";
import { counting } from "./counting";
import { digit } from "./digit";
import { digitPair } from "./digit-pair";
import { digitParity } from "./digit-parity";
import { consecutive, contains, palindrome, repeated } from "./digit-rows";
import { digits } from "./digits";
import { factorCount } from "./factor-count";
import { commonFactors, commonMultiples, factors } from "./factors";
import { cube, square, triangular } from "./figurate";
import { all, ink, marked } from "./marks";
import { multiples } from "./multiples";
import { even, odd } from "./parity";
import { picked } from "./picked";
import { composite, prime } from "./prime";
import { remainder } from "./remainder";
import { added, geometric, growing, powers } from "./sequences";
import { between, less, more } from "./size";
import { edge, lane, slope } from "./where";

/** The kinds of condition, in the order in which they are offered. */
export const CONDITIONS = [
  multiples,
  counting,
  remainder,
  factors,
  factorCount,
  commonMultiples,
  commonFactors,
  even,
  odd,
  square,
  cube,
  triangular,
  prime,
  composite,
  picked,
  powers,
  added,
  geometric,
  growing,
  digit,
  digits,
  digitPair,
  digitParity,
  contains,
  consecutive,
  repeated,
  palindrome,
  between,
  less,
  more,
  lane,
  slope,
  edge,
  alternate,
  ink,
  marked,
  all,
] as const;
