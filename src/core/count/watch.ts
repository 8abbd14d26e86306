import { type Exact, exact, isMultiple, keyOf, type NumberKey } from "../number/exact";

/** What a teacher may have overlooked in a count marked by hand. */
export type Slip = { kind: "missed" | "stray"; numbers: NumberKey[] };

/** A count that the class has been told of, which makes a sequence likely before it can be seen. */
export type Expected = { by: NumberKey; from: NumberKey };

/** A stray weighs more than a missed number: leaving one out is the commoner slip. */
const STRAY_COST = 1.5;
/** How many marks an announced count is worth, when there are few marks to tell by. */
const ANNOUNCED = 2;
/** The most marks that are looked at, the latest ones, and the most differences that are tried, the commonest ones. */
const MOST_MARKS = 120;
const MOST_IDEAS = 6;

/**
 * Looks for a slip in numbers marked by hand, in the order in which they were marked. The sequence is worked out from
 * the marks: of all differences between neighbours the one that explains them with the fewest missed numbers and
 * strays. Marks out of order that end complete are no slip. Null where there is none, or too little to tell.
 */
export function watchMarks(marks: readonly NumberKey[], expected?: Expected): Slip | null {
  const latest = [...new Set(marks)].slice(-MOST_MARKS);
  if (latest.length < 3) return null;
  const values = latest.map((number) => exact(number));
  const sorted = values.toSorted((a, b) => a.compare(b));
  const ideas = commonest([...gaps(values), ...gaps(sorted)], MOST_IDEAS).map((by) => exact(by));

  let best: Explained | null = null;
  for (const by of ideas) {
    for (const start of values.slice(0, 3)) {
      const explained = explain(sorted, start, by);
      const told = expected !== undefined && agrees(start, by, expected);
      const weight = explained.belong.length + (told ? ANNOUNCED : 0);
      const cost = explained.missed + explained.strays.length * STRAY_COST - (told ? 0.5 : 0);
      if (!best || cost < best.cost || (cost === best.cost && weight > best.weight)) {
        best = { ...explained, start, by, cost, weight };
      }
    }
  }
  if (!best) return null;
  const slips = best.missed + best.strays.length;
  // Few numbers say little; many slips say that this is no count at all.
  if (slips === 0 || best.weight < 3 || slips > Math.max(1, best.weight / 2)) return null;
  if (best.strays.length > 0) return { kind: "stray", numbers: best.strays.map(keyOf) };
  return { kind: "missed", numbers: missing(best.belong, best.by).map(keyOf) };
}

type Explanation = { belong: Exact[]; strays: Exact[]; missed: number };
type Explained = Explanation & { start: Exact; by: Exact; cost: number; weight: number };

function explain(sorted: readonly Exact[], start: Exact, by: Exact): Explanation {
  const belong = sorted.filter((value) => isMultiple(value.sub(start), by));
  const strays = sorted.filter((value) => !belong.includes(value));
  const reach = belong.at(-1)!.sub(belong[0]!).div(by);
  return { belong, strays, missed: Number(reach.n / reach.d) + 1 - belong.length };
}

/** The numbers of the sequence between the least and the greatest that belong, without those that do. */
function missing(belong: readonly Exact[], by: Exact): Exact[] {
  const found: Exact[] = [];
  belong.slice(1).forEach((value, i) => {
    for (let next = belong[i]!.add(by); next.compare(value) < 0; next = next.add(by)) found.push(next);
  });
  return found;
}

const gaps = (values: readonly Exact[]): NumberKey[] =>
  values.slice(1).map((value, i) => keyOf(value.sub(values[i]!).abs()));

/** The commonest of the keys, the commoner first, and of equals the one met first. */
function commonest(keys: readonly NumberKey[], most: number): NumberKey[] {
  const counts = new Map<NumberKey, number>();
  for (const key of keys) counts.set(key, (counts.get(key) ?? 0) + 1);
  return [...counts]
    .sort((a, b) => b[1] - a[1])
    .slice(0, most)
    .map(([key]) => key);
}

const agrees = (start: Exact, by: Exact, expected: Expected) =>
  keyOf(by) === expected.by && isMultiple(start.sub(exact(expected.from)), by);

/** How a slip is told: "18 was missed", "19 and 25 do not belong". */
export function slipWords({ kind, numbers }: Slip, list: (numbers: readonly NumberKey[]) => string): string {
  const one = numbers.length === 1;
  if (kind === "missed") return `${list(numbers)} ${one ? "was" : "were"} missed`;
  return `${list(numbers)} ${one ? "does" : "do"} not belong`;
}
