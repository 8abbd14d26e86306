import { countAndPredict } from "./count-and-predict";
import { countIn } from "./count-in";
import { countWithExchanges } from "./count-with-exchanges";
import { equalGroups } from "./equal-groups";
import { fillTheTen } from "./fill-the-ten";
import { followTheArrows } from "./follow-the-arrows";
import { friendlyNumbers } from "./friendly-numbers";
import { jumpToTheAnswer } from "./jump-to-the-answer";
import { meetTheChart } from "./meet-the-chart";
import { missedMultiples } from "./missed-multiples";
import { neighbours } from "./neighbours";
import { nextTen } from "./next-ten";
import { oddsAndEvens } from "./odds-and-evens";
import { onAndBack } from "./on-and-back";
import { putInOrder } from "./put-in-order";
import { readThePieces } from "./read-the-pieces";
import { readTheScale } from "./read-the-scale";
import { sameAndDifferent } from "./same-and-different";
import { timesGridGoesOn } from "./times-grid-goes-on";
import { twoPatterns } from "./two-patterns";
import { wasThereAnExchange } from "./was-there-an-exchange";
import { whatComesNext } from "./what-comes-next";
import { whatIsTheRule } from "./what-is-the-rule";
import { whatTheWidthChanges } from "./what-the-width-changes";

/** The recipes, in the order in which a class meets what they are about. */
export const RECIPES = {
  "meet-the-chart": meetTheChart,
  neighbours,
  "follow-the-arrows": followTheArrows,
  "count-in": countIn,
  "count-and-predict": countAndPredict,
  "missed-multiples": missedMultiples,
  "odds-and-evens": oddsAndEvens,
  "two-patterns": twoPatterns,
  "same-and-different": sameAndDifferent,
  "what-is-the-rule": whatIsTheRule,
  "what-the-width-changes": whatTheWidthChanges,
  "what-comes-next": whatComesNext,
  "times-grid-goes-on": timesGridGoesOn,
  "read-the-scale": readTheScale,
  "on-and-back": onAndBack,
  "jump-to-the-answer": jumpToTheAnswer,
  "friendly-numbers": friendlyNumbers,
  "next-ten": nextTen,
  "count-with-exchanges": countWithExchanges,
  "was-there-an-exchange": wasThereAnExchange,
  "read-the-pieces": readThePieces,
  "put-in-order": putInOrder,
  "fill-the-ten": fillTheTen,
  "equal-groups": equalGroups,
} as const;
