import { exact, keyOf, keyOfText, type NumberKey, sumOf } from "../number/exact";
import { beginCount, jumpOf } from "./count";
import type { Count } from "./count-settings";
import { recogniseCount } from "./recognise-count";
import type { Trail, TrailMove } from "./trail";

/**
 * A count recognised from marks by hand: what is counted, and the moves that bring the trail there, in parts of one
 * beat each.
 */
export type CountedByHand = { count: Count; beats: TrailMove[][] };

/** Maximum number of moves in one beat. */
const IN_A_BEAT = 18;

/**
 * The count that marks by hand amount to, up to the first missing number, and the moves that bring the trail there. It
 * is the same count that the watcher recognises, whatever its size and in whatever order its numbers were marked. Null
 * if the marks are not a count; no beats if the trail is there already.
 * @param marks in the order in which they were made
 * @param count what the board is set to count in
 */
export function countByHand(
  marks: readonly NumberKey[],
  count: Count,
  trail: Trail | null,
  holds: (number: NumberKey) => boolean,
): CountedByHand | null {
  const expected = { by: keyOf(exact(count.by).abs()), from: keyOfText(count.from) };
  const seen = recogniseCount(marks, expected);
  if (!seen) return null;
  const isBack = goesBack(marks, new Set(seen.belong));
  const inOrder = isBack ? seen.belong.toReversed() : seen.belong;
  const run = untilGap(inOrder, isBack ? keyOf(exact(seen.by).neg()) : seen.by);
  const way = isBack ? "back" : "forwards";
  const from = startOf(run[0]!, { ...count, by: seen.by, way }, count, holds);
  const counted: Count = { ...count, by: keyOfText(count.by) === seen.by ? count.by : seen.by, from, way };
  const by = jumpOf(counted);
  const jumps = run.length - (keyOfText(from) === run[0] ? 1 : 0);
  return { count: counted, beats: beatsTo(trail, keyOfText(from), by, jumps) };
}

/** Whether a count was marked downwards. */
function goesBack(marks: readonly NumberKey[], belong: ReadonlySet<NumberKey>): boolean {
  const values = marks.filter((number) => belong.has(number)).map((number) => exact(number));
  const rises = values.slice(1).filter((value, i) => value.compare(values[i]!) > 0).length;
  return rises * 2 < values.length - 1;
}

/** The numbers up to the first one that is missing. */
function untilGap(numbers: readonly NumberKey[], by: NumberKey): NumberKey[] {
  const end = numbers.findIndex((number, i) => i > 0 && sumOf(numbers[i - 1]!, by) !== number);
  return end === -1 ? [...numbers] : numbers.slice(0, end);
}

/** Where the count began: at its set start, else at 0 if the marks are multiples, else at the first number marked. */
function startOf(first: NumberKey, seen: Count, set: Count, holds: (number: NumberKey) => boolean): string {
  if (beginCount({ ...seen, from: set.from }, holds)?.number === first) return set.from;
  const isFirstMultiple = seen.way === "forwards" && first === keyOfText(seen.by) && !holds("0");
  return isFirstMultiple ? "0" : first;
}

function beatsTo(trail: Trail | null, start: NumberKey, by: NumberKey, jumps: number): TrailMove[][] {
  const same = trail?.start === start && trail.jumps.every((jump, i) => jump === by && !trail.arrows[i]);
  const there = same ? trail.jumps.length : 0;
  const moves: TrailMove[] = [
    ...(same ? [] : [{ do: "start", number: start } as const]),
    ...Array.from({ length: Math.max(0, there - jumps) }, () => ({ do: "retrace" }) as const),
    ...Array.from({ length: Math.max(0, jumps - there) }, () => ({ do: "jump", by }) as const),
  ];
  return Array.from({ length: Math.ceil(moves.length / IN_A_BEAT) }, (_, i) =>
    moves.slice(i * IN_A_BEAT, (i + 1) * IN_A_BEAT),
  );
}
