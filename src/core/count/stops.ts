import { countedIn } from "../number/counted-in";
import { type Exact, exact, keyOfText, type NumberKey } from "../number/exact";
import { listWords } from "../number/list-words";
import { piecesOf } from "../number/pieces";
import type { Pieces } from "../number/place-value";
import { placeName } from "../number/place-words";
import { showNumber } from "../number/show-number";
import { jumpOf } from "./count";
import type { Count } from "./count-settings";
import { type Exchange, exchangesIn, type Wanting, wantingAt } from "./exchange";
import { indexIn } from "./sequence";

/** A number of a count at which the class is asked: was there an exchange? */
export type Stop = {
  readonly number: NumberKey;
  readonly pieces: readonly Pieces[];
  /** What was exchanged in the jump to it; null at the start of the count. */
  readonly exchanges: readonly Exchange[] | null;
  /** Where nothing was exchanged, how many more of what the count goes in until it is. */
  readonly wanting: Wanting | null;
};

/**
 * A stop of a count at a number: its pieces, what was exchanged there, or what is wanting until the next exchange.
 * @returns null where the count does not come to the number, or it has no pieces
 */
export function stopAt(count: Pick<Count, "by" | "from" | "way">, number: NumberKey): Stop | null {
  const [at, by] = [exact(number), exact(jumpOf(count))];
  const index = indexIn({ first: exact(count.from), difference: by }, at);
  const pieces = piecesOf(at);
  if (index === null || pieces === null) return null;
  const exchanges = index === 0n ? null : exchangesIn(at.sub(by), by);
  const none = exchanges === null || exchanges.length === 0;
  return { number, pieces, exchanges, wanting: none ? wantingAt(at, by) : null };
}

/** What was exchanged, as it is said: "10 ones for 1 ten", and back "1 ten for 10 ones". */
export function exchangeWords({ of, way }: Exchange): string {
  const [ten, one] = [`10 ${placeName(of)}`, `1 ${placeName(of + 1, 1)}`];
  return way === "made" ? `${ten} for ${one}` : `${one} for ${ten}`;
}

/** The answer for a stop without an exchange: "7 more ones", or counting back "4 more ones to take". */
export const wantingWords = ({ place, count }: Wanting, by: Exact): string =>
  `${count} more ${placeName(place, count)}${by.s < 0n ? " to take" : ""}`;

/** The question of a stop and its answer, as a step of a stair asks it. */
export function stopQuestion(count: Count, stop: Stop): { question: string; answer: string } {
  const by = exact(jumpOf(count));
  const back = by.s < 0n ? " back" : "";
  const from = showNumber(keyOfText(count.from));
  const question = `Count${back} in ${countedIn(count.by)} from ${from}. Was there an exchange at ${showNumber(stop.number)}?`;
  const answer = stop.exchanges?.length
    ? `Yes: ${listWords(stop.exchanges.map(exchangeWords))}`
    : `No: ${stop.wanting ? `${wantingWords(stop.wanting, by)} until the next exchange` : "nothing was exchanged"}`;
  return { question, answer };
}
