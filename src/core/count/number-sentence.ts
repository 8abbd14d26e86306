import { exact, keyOf, type NumberKey } from "../number/exact";
import { showNumber } from "../number/show-number";
import { routeTotals } from "./route";
import { isRoute, type Trail } from "./trail";

/**
 * A piece of a number sentence. `number` names a number of the board, which a cover may hide; a term is one or more
 * jumps of the trail, by their index.
 */
export type SentencePart =
  | { kind: "sign"; text: Sign }
  | { kind: "term"; text: string; by: NumberKey; jumps: readonly number[] }
  | { kind: "number"; text: string; number: NumberKey };
type Sign = "+" | "−" | "×" | "=";

/** Equal jumps in a row as one term, or every jump as a term of its own. */
export type SentenceForm = "gathered" | "each";

const sign = (text: Sign): SentencePart => ({ kind: "sign", text });
const number = (key: NumberKey): SentencePart => ({ kind: "number", text: showNumber(key), number: key });
const term = (text: string, by: NumberKey, jumps: readonly number[]): SentencePart => ({
  kind: "term",
  text,
  by,
  jumps,
});
const isBack = (by: NumberKey) => by.startsWith("-");
const sizeOf = (by: NumberKey) => (isBack(by) ? by.slice(1) : by);

/**
 * The number sentence of a trail. Equal jumps in a row are gathered: eight jumps of 6 from 0 are 8 × 6 = 48, two
 * from 4 are 4 + 2 × 6 = 16, two back from 60 are 60 − 2 × 6 = 48; jumps of one are counted, 8 − 3 = 5; unequal
 * ones stand one by one, 27 + 3 + 40 = 70. A route of arrows is gathered to its tens and ones: 63 − 30 + 2 = 35. A
 * gathered forward trail from 0 does not write the 0. Null for a trail without jumps.
 */
export function numberSentence(trail: Trail, form: SentenceForm = "gathered"): SentencePart[] | null {
  if (trail.jumps.length === 0) return null;
  if (isRoute(trail)) return routeSentence(trail);
  const gathered = gather(trail.jumps, form);
  const fromZero = form === "gathered" && trail.start === "0" && !trail.jumps.some(isBack);
  const parts: SentencePart[] = fromZero ? [] : [number(trail.start)];
  gathered.forEach(({ by, jumps }, index) => {
    const counted = sizeOf(by) === "1" && !fromZero;
    if (!fromZero || index > 0) parts.push(sign(isBack(by) ? "−" : "+"));
    if (counted) {
      parts.push(term(String(jumps.length), keyOf(exact(by).mul(jumps.length)), jumps));
      return;
    }
    const times = jumps.length;
    const gatheredHere = times > 1 || (fromZero && gathered.length === 1);
    if (gatheredHere) parts.push(term(String(times), String(times), []), sign("×"));
    parts.push(term(showNumber(sizeOf(by)), by, jumps));
  });
  return [...parts, sign("="), number(trail.end)];
}

function routeSentence(trail: Trail): SentencePart[] {
  const totals = routeTotals(trail.jumps, trail.arrows).flatMap((by): SentencePart[] => [
    sign(isBack(by) ? "−" : "+"),
    term(showNumber(sizeOf(by)), by, []),
  ]);
  return [number(trail.start), ...totals, sign("="), number(trail.end)];
}

function gather(
  jumps: readonly NumberKey[],
  form: SentenceForm,
): { by: NumberKey; jumps: readonly number[] }[] {
  const runs: { by: NumberKey; jumps: number[] }[] = [];
  jumps.forEach((by, index) => {
    const last = runs.at(-1);
    if (last?.by === by && form === "gathered") last.jumps.push(index);
    else runs.push({ by, jumps: [index] });
  });
  return runs;
}
