import { counting } from "./counting";
import { digit } from "./digit";
import { all, ink, marked } from "./marks";
import { multiples } from "./multiples";
import { even, odd } from "./parity";
import { between, less, more } from "./size";
import { square } from "./square";

/** The kinds of condition, in the order in which they are offered. */
export const CONDITIONS = [
  multiples,
  counting,
  even,
  odd,
  square,
  digit,
  between,
  less,
  more,
  ink,
  marked,
  all,
] as const;
