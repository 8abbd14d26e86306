import type { NumberKey } from "../number/exact";
import { showNumber } from "../number/show-number";
import { routeTotals } from "./route";
import { isRoute, type Trail } from "./trail";

/** A piece of a number sentence. `number` names a number of the board, which a cover may hide. */
export type SentencePart =
  | { kind: "sign"; text: "+" | "−" | "×" | "=" }
  | { kind: "term"; text: string }
  | { kind: "number"; text: string; number: NumberKey };

const sign = (text: "+" | "−" | "×" | "="): SentencePart => ({ kind: "sign", text });
const number = (key: NumberKey): SentencePart => ({ kind: "number", text: showNumber(key), number: key });

/**
 * The number sentence of a trail. Equal jumps in a row are gathered: eight jumps of 6 from 0 are 8 × 6 = 48, two
 * from 4 are 4 + 2 × 6 = 16, two back from 60 are 60 − 2 × 6 = 48; unequal ones stand one by one,
 * 27 + 3 + 40 = 70. A route of arrows is gathered to its tens and ones: 63 − 30 + 2 = 35. A forward trail from 0 does not write the 0. Null for a trail without jumps.
 */
export function numberSentence(trail: Trail): SentencePart[] | null {
  if (trail.jumps.length === 0) return null;
  if (isRoute(trail)) return routeSentence(trail);
  const gathered = gather(trail.jumps);
  const fromZero = trail.start === "0" && !gathered[0]!.by.startsWith("-");
  const parts: SentencePart[] = fromZero ? [] : [number(trail.start)];
  gathered.forEach(({ by, times }, index) => {
    const back = by.startsWith("-");
    const size: SentencePart = { kind: "term", text: showNumber(back ? by.slice(1) : by) };
    if (!fromZero || index > 0) parts.push(sign(back ? "−" : "+"));
    const gatheredHere = times > 1 || (fromZero && gathered.length === 1);
    if (gatheredHere) parts.push({ kind: "term", text: String(times) }, sign("×"));
    parts.push(size);
  });
  return [...parts, sign("="), number(trail.end)];
}

function routeSentence(trail: Trail): SentencePart[] {
  const totals = routeTotals(trail.jumps, trail.arrows).flatMap((by): SentencePart[] => {
    const back = by.startsWith("-");
    return [sign(back ? "−" : "+"), { kind: "term", text: showNumber(back ? by.slice(1) : by) }];
  });
  return [number(trail.start), ...totals, sign("="), number(trail.end)];
}

function gather(jumps: readonly NumberKey[]): { by: NumberKey; times: number }[] {
  const runs: { by: NumberKey; times: number }[] = [];
  for (const by of jumps) {
    const last = runs.at(-1);
    if (last?.by === by) last.times += 1;
    else runs.push({ by, times: 1 });
  }
  return runs;
}
