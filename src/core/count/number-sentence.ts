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
type Sign = "+" | "−" | "×" | "÷" | "=";

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
 * The number sentence of a trail. Equal jumps from 0 are gathered: eight jumps of 6 are 8 × 6 = 48. From elsewhere a few
 * stand one by one, as a class writes them, 998 + 2 + 2 = 1,002, and many are gathered, 4 + 5 × 6 = 34; jumps of one are
 * counted, 8 − 3 = 5. A route of arrows is gathered to its tens and ones: 63 − 30 + 2 = 35. A gathered forward trail
 * from 0 does not write the 0. A trail of a sentence that was typed stays as it was typed. Null for a trail without
 * jumps.
 */
export function numberSentence(trail: Trail, form: SentenceForm = "gathered"): SentencePart[] | null {
  if (trail.jumps.length === 0) return null;
  if (isRoute(trail)) return routeSentence(trail);
  if (form === "gathered" && isQuotient(trail)) return quotientSentence(trail);
  const terms = termsOf(trail, form);
  const isGathered = form === "gathered" && (!trail.terms || terms[0]?.times === true);
  const isFromZero = isGathered && trail.start === "0" && !trail.jumps.some(isBack);
  const parts: SentencePart[] = isFromZero ? [] : [number(trail.start)];
  terms.forEach(({ by, jumps, times }, index) => {
    if (!isFromZero || index > 0) parts.push(sign(isBack(by) ? "−" : "+"));
    if (times) parts.push(term(showNumber(String(jumps.length)), String(jumps.length), []), sign("×"));
    const size = times ? by : keyOf(exact(by).mul(jumps.length));
    parts.push(term(showNumber(sizeOf(size)), size, jumps));
  });
  return [...parts, sign("="), number(trail.end)];
}

/**
 * The size that the sentence shows for some jumps, without its sign: 6 for 4 × 6, 3 for the three ones of 8 − 3. Jumps
 * that are in no term, as where there is no sentence, have their own size.
 * @param form of the sentence; null where there is none
 */
export function termSize(trail: Trail, form: SentenceForm | null, jumps: readonly number[]): NumberKey {
  const parts = (form && numberSentence(trail, form)) ?? [];
  const term = parts.find((part) => part.kind === "term" && part.jumps.join() === jumps.join());
  return sizeOf(term?.kind === "term" ? term.by : (trail.jumps[jumps[0]!] ?? "0"));
}

function routeSentence(trail: Trail): SentencePart[] {
  const totals = routeTotals(trail.jumps, trail.arrows).flatMap((by): SentencePart[] => [
    sign(isBack(by) ? "−" : "+"),
    term(showNumber(sizeOf(by)), by, []),
  ]);
  return [number(trail.start), ...totals, sign("="), number(trail.end)];
}

/** Whether a trail is exactly a typed division, with all of its jumps made and no others. */
const isQuotient = ({ terms, jumps, end }: Trail): boolean =>
  terms?.length === 1 && terms[0] === -jumps.length && end === "0";

/** A division as typed; the number of jumps is its answer, 24 ÷ 6 = 4. */
function quotientSentence({ start, jumps }: Trail): SentencePart[] {
  const [by] = jumps;
  const all = jumps.map((_, index) => index);
  return [
    number(start),
    sign("÷"),
    term(showNumber(sizeOf(by!)), by!, all),
    sign("="),
    number(String(jumps.length)),
  ];
}

/** One or more equal jumps as a term: their sum for jumps of one, otherwise how many times their size. */
type Term = { by: NumberKey; jumps: readonly number[]; times: boolean };

/** From this many equal jumps in a row, they are written as a product; fewer are written one by one. */
const MANY = 4;

function termsOf(trail: Trail, form: SentenceForm): Term[] {
  const single = (by: NumberKey, index: number): Term => ({ by, jumps: [index], times: false });
  if (form === "each") return trail.jumps.map(single);
  if (trail.terms) return typedTerms(trail, trail.terms);
  const runs = runsOf(trail.jumps);
  const isOnlyRunFromZero = runs.length === 1 && trail.start === "0";
  return runs.flatMap(({ by, jumps }): Term[] => {
    if (isOnlyRunFromZero) return [{ by, jumps, times: !isBack(by) || jumps.length > 1 }];
    if (sizeOf(by) === "1") return [{ by, jumps, times: false }];
    return jumps.length < MANY ? jumps.map((index) => single(by, index)) : [{ by, jumps, times: true }];
  });
}

/** The terms as typed; jumps made since are separate terms. */
function typedTerms({ jumps }: Trail, typed: readonly number[]): Term[] {
  const terms: Term[] = [];
  let at = 0;
  for (const count of typed) {
    const length = Math.max(1, Math.abs(count));
    const indexes = Array.from({ length }, (_, i) => at + i).filter((i) => i < jumps.length);
    at += length;
    if (indexes.length > 0) terms.push({ by: jumps[indexes[0]!]!, jumps: indexes, times: count !== 0 });
  }
  return [...terms, ...jumps.slice(at).map((by, i): Term => ({ by, jumps: [at + i], times: false }))];
}

function runsOf(jumps: readonly NumberKey[]): { by: NumberKey; jumps: readonly number[] }[] {
  const runs: { by: NumberKey; jumps: number[] }[] = [];
  jumps.forEach((by, index) => {
    const last = runs.at(-1);
    if (last?.by === by) last.jumps.push(index);
    else runs.push({ by, jumps: [index] });
  });
  return runs;
}

/** Groups of parts that a line break must not separate: each sign stays with the number after it. */
export function unbroken(parts: readonly SentencePart[]): SentencePart[][] {
  const groups: SentencePart[][] = [];
  for (const part of parts) {
    if (part.kind === "sign" || groups.length === 0) groups.push([part]);
    else groups.at(-1)!.push(part);
  }
  return groups;
}
