import { type Exact, exact, gcd, keyOf, type NumberKey } from "../number/exact";
import { landings, type Trail } from "./trail";

/**
 * How a way from a start to a target is drawn:
 * - one: one jump
 * - gathered: by benchmarks, each place in one jump: from 276 to 500, +4, +20, +200
 * - singles: the same with every one, ten and hundred as a jump of its own
 * - fewest: the fewest jumps of ones, tens, hundreds, forwards or back: 99 on is +100, −1
 * - over-and-back: one jump to a friendly size beyond, then back: 39 on is +40, −1
 */
export const WAYS = ["one", "gathered", "singles", "fewest", "over-and-back"] as const;
export type Way = (typeof WAYS)[number];

/** Maximum number of jumps in one way. */
export const MAX_WAY = 500;

/**
 * The jumps from a start to a target, each with its sign; none where they are the same. Their sum is always the
 * difference. Gathered and in singles, every stop but the last is a benchmark: a whole ten, hundred, … of the
 * smallest place that start and target have. Null where the way would have more than MAX_WAY jumps, as in singles from
 * 1/999 to 1.
 * @param parts of a whole that the smallest place is, where both numbers are made of them: 4 on a line in quarters, so
 *   that 1/2 + 1/4 is one jump of a quarter and no tenths; 1 where there are none
 */
export function wayTo(start: Exact, target: Exact, way: Way, parts = 1): NumberKey[] | null {
  const difference = target.sub(start);
  if (difference.n === 0n) return [];
  // Backwards is the same way in a mirror.
  const back = difference.s < 0n;
  const [from, to] = back ? [start.neg(), target.neg()] : [start, target];
  const jumps = jumpsUp(from, to, way, parts);
  if (jumps === null || jumps.length > MAX_WAY) return null;
  return jumps.map((by) => keyOf(back ? by.neg() : by));
}

function jumpsUp(from: Exact, to: Exact, way: Way, parts: number): Exact[] | null {
  switch (way) {
    case "one":
      return [to.sub(from)];
    case "gathered":
      return gathered(from, to, parts).map(({ by }) => by);
    case "singles":
      return singles(gathered(from, to, parts));
    case "fewest":
      return fewest(to.sub(from), parts);
    case "over-and-back":
      return overAndBack(to.sub(from), parts);
    default:
      return way satisfies never;
  }
}

/** Up to each next benchmark while there is one before the target; from there the larger places first. */
function gathered(from: Exact, to: Exact, parts: number): { by: Exact; place: Exact }[] {
  const jumps: { by: Exact; place: Exact }[] = [];
  let at = from;
  const jump = (by: Exact, place: Exact) => {
    if (by.n === 0n) return;
    jumps.push({ by, place });
    at = at.add(by);
  };
  const places = placesOf(from, to, parts);
  let p = 0;
  for (; p + 1 < places.length; p += 1) {
    const next = at
      .div(places[p + 1]!)
      .ceil()
      .mul(places[p + 1]!);
    if (next.compare(to) > 0) break;
    jump(next.sub(at), places[p]!);
  }
  for (; p >= 0; p -= 1) jump(to.sub(at).div(places[p]!).floor().mul(places[p]!), places[p]!);
  return jumps;
}

function singles(jumps: readonly { by: Exact; place: Exact }[]): Exact[] | null {
  const counts = jumps.map(({ by, place }) => by.div(place).n);
  // Check the bound before building the list.
  if (counts.some((count) => count > BigInt(MAX_WAY))) return null;
  return jumps.flatMap(({ place }, i) => Array<Exact>(Number(counts[i])).fill(place));
}

/** The places from the smallest that either number is written with up to one above their difference. */
function placesOf(from: Exact, to: Exact, parts: number): Exact[] {
  const places = [smallestPlace(from, to, parts)];
  const difference = to.sub(from);
  while (places.at(-1)!.compare(difference) <= 0) {
    const last = places.at(-1)!;
    // Parts other than tenths bridge to whole numbers.
    places.push(last.compare(1) < 0 && !isPowerOfTen(last) ? exact(1) : last.mul(10));
  }
  return places;
}

function smallestPlace(from: Exact, to: Exact, parts: number): Exact {
  const common = (from.d * to.d) / gcd(from.d, to.d);
  if (common > 1n && BigInt(parts) % common === 0n) return exact(1).div(parts);
  for (let place = 1n; place <= 10n ** 6n; place *= 10n)
    if (place % common === 0n) return exact(1).div(place);
  return exact(1).div(common);
}

const isPowerOfTen = ({ n, d }: Exact): boolean => n === 1n && /^10*$/.test(String(d));

/**
 * The fewest jumps of single places, forwards or back, that make a number above 0, the largest first. From the
 * smallest digit up, each digit is made by as many jumps on, or by the rest to ten jumps back and one more of the next
 * place; the shorter of the two ways is kept for either carry.
 */
function fewest(difference: Exact, parts: number): Exact[] | null {
  const place = smallestPlace(exact(0), difference, parts);
  if (place.compare(1) < 0 && !isPowerOfTen(place)) return fewestInParts(difference, place);
  const count = difference.div(place);
  const digits = String(count.n).split("").reverse().map(Number);
  type Plan = { length: number; digits: number[] };
  const add = ({ length, digits: made }: Plan, digit: number): Plan => ({
    length: length + Math.abs(digit),
    digits: [...made, digit],
  });
  const shorter = (a: Plan, b: Plan) => (b.length < a.length ? b : a);
  const start: Plan = { length: 0, digits: [] };
  let [plain, carried] = [start, { ...start, length: Number.POSITIVE_INFINITY }];
  for (const digit of digits) {
    [plain, carried] = [
      shorter(add(plain, digit), add(carried, digit + 1)),
      shorter(add(plain, digit - 10), add(carried, digit + 1 - 10)),
    ];
  }
  const best = shorter(plain, add(carried, 1));
  return best.digits
    .flatMap((digit, p) => {
      const size = place.mul(exact(10).pow(p)!);
      return Array<Exact>(Math.abs(digit)).fill(digit < 0 ? size.neg() : size);
    })
    .reverse();
}

/** The same where a whole is cut into other parts than tenths: wholes, and the parts on, or one whole more and back. */
function fewestInParts(difference: Exact, place: Exact): Exact[] | null {
  const wholes = difference.floor();
  const on = difference.sub(wholes).div(place).n;
  const back = place.d - on;
  // Check the bound before building the lists: 1/999 and 0.000001 have 999,000,000 parts in common.
  if (on > MAX_WAY && back > MAX_WAY) return null;
  const way = (whole: Exact, parts: bigint, part: Exact) =>
    parts > MAX_WAY
      ? null
      : [...(whole.n === 0n ? [] : fewest(whole, 1)!), ...Array<Exact>(Number(parts)).fill(part)];
  const [forwards, over] = [way(wholes, on, place), way(wholes.add(1), back, place.neg())];
  return !forwards || (over && over.length < forwards.length) ? over : forwards;
}

/** One jump to a friendly size beyond and one back, where the way back is short; one jump where the size is friendly. */
function overAndBack(difference: Exact, parts: number): Exact[] {
  const places = placesOf(exact(0), difference, parts).filter((place) => place.compare(difference) <= 0);
  for (const place of places.reverse()) {
    const over = difference.div(place).ceil().mul(place);
    const back = over.sub(difference);
    if (back.n === 0n) return [difference];
    if (back.mul(2).compare(place) <= 0) return [over, back.neg()];
  }
  return [difference];
}

/** How far it is to the next benchmark of a place, 10 for the next ten: from 47, 3; from 50, 10. */
export function toNext(value: Exact, benchmark: Exact): { by: Exact; next: Exact } {
  const next = value.div(benchmark).floor().add(1).mul(benchmark);
  return { by: next.sub(value), next };
}

const benchmarks = new WeakMap<Trail, Map<number, ReadonlySet<NumberKey>>>();

/**
 * The benchmarks that a trail stops at on its way: whole tens of the smallest place that its start and its end have.
 * None where its jumps are equal: that is a count, and no way by friendly numbers. Memoised.
 * @param parts as for `wayTo`
 */
export function benchmarksOf(trail: Trail, parts = 1): ReadonlySet<NumberKey> {
  const known = benchmarks.get(trail) ?? new Map<number, ReadonlySet<NumberKey>>();
  benchmarks.set(trail, known);
  const there = known.get(parts) ?? findBenchmarks(trail, parts);
  known.set(parts, there);
  return there;
}

function findBenchmarks(trail: Trail, parts: number): ReadonlySet<NumberKey> {
  const { start, end, jumps } = trail;
  const [first] = jumps;
  if (first === undefined || (jumps.length > 1 && jumps.every((by) => by === first))) return new Set();
  const place = smallestPlace(exact(start), exact(end), parts);
  const benchmark = isPowerOfTen(place) ? place.mul(10) : exact(1);
  return new Set(
    landings(trail)
      .filter((stop) => stop.div(benchmark).d === 1n)
      .map(keyOf),
  );
}
