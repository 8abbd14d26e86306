import { differenceOf, exact, keyOf, keyOfText, type NumberKey } from "../number/exact";
import { groupedOf } from "../scene/grouped";
import type { Beat, Move } from "../scene/move";
import type { Scene } from "../scene/scene";
import { ALL } from "../set/rule";
import { MAX_COUNTERS } from "../views/kinds/groups";
import type { ViewOf } from "../views/view";
import type { Board } from "./board";
import { boardNumbers, linesOf, viewsOf } from "./views-of";

/** The numbers that counters are laid on, in order, and where the count starts. */
export type Ground = { readonly numbers: readonly NumberKey[]; readonly start: NumberKey };

/**
 * Where counters are laid on a board: on the numbers of its first chart or line, from the first number on, or from 1 where
 * that is 0: a counter on 0 would count nothing.
 * @returns null where the board has no numbers to lay them on
 */
export function groundOf(board: Board, scene: Scene): Ground | null {
  const line = board.views.some(({ kind }) => kind === "chart") ? undefined : linesOf(board)[0];
  // Use all whole numbers of a line, not only those at its ticks.
  const all = line ? wholeFrom(keyOfText(line.from)) : boardNumbers(board, scene).slice(0, MAX_COUNTERS + 1);
  const numbers = (all[0] === "0" ? all.slice(1) : all).slice(0, MAX_COUNTERS);
  const [first, second] = numbers;
  if (first === undefined || second === undefined) return null;
  return { numbers, start: keyOf(exact(first).mul(2).sub(exact(second))) };
}

const wholeFrom = (from: NumberKey): NumberKey[] => {
  const first = exact(from).ceil();
  return Array.from({ length: MAX_COUNTERS + 1 }, (_, i) => keyOf(first.add(i)));
};

/**
 * The beats that lay counters of a view's groups on numbers one after the other, or take them off where `count` is below 0.
 * Each group that is complete is a jump of the trail to its landing.
 * @param count how many; no more are laid than the groups have, and no more taken than lie there
 */
export function layCounters(board: Board, scene: Scene, view: ViewOf<"groups">, count: number): Beat[] {
  const { groups, laid } = groupedOf(scene, view);
  const ground = groundOf(board, scene);
  const room = Math.min(groups * view.each, ground?.numbers.length ?? MAX_COUNTERS);
  const to = Math.max(0, Math.min(room, laid + count));
  const whole = Math.floor(laid / view.each);
  // A trail that has gone elsewhere meanwhile does not belong to the groups: leave it, and begin a new one.
  let follows = whole > 0 && ground !== null && isTrailOf(scene, ground, view.each, whole);
  const beats: Beat[] = [];
  for (let now = laid; now !== to; now += Math.sign(to - laid)) {
    const on = to > laid;
    const beat: Move[] = ground ? movesAt(ground, view.each, now, on, follows) : [];
    follows = on && (now + 1) % view.each === 0 ? true : follows;
    beats.push([...beat, { do: "groups", view: view.id, groups, laid: now + (on ? 1 : -1) }]);
  }
  return beats;
}

/** Whether the trail has come to the landing of the last complete group. */
function isTrailOf({ trail }: Scene, { numbers }: Ground, each: number, whole: number): boolean {
  return trail !== null && trail.end === numbers[whole * each - 1];
}

/**
 * Adds or takes one counter, with the jump of its group if that becomes complete or no longer is.
 * @param follows whether the trail is that of the groups so far
 */
function movesAt(
  { numbers, start }: Ground,
  each: number,
  laid: number,
  on: boolean,
  follows: boolean,
): Move[] {
  const at = on ? laid : laid - 1;
  const number = numbers[at]!;
  if (!on) {
    const moves: Move[] = [{ do: "take-counters", numbers: [number] }];
    if (follows && laid % each === 0) moves.push(laid === each ? { do: "clear-trail" } : { do: "retrace" });
    return moves;
  }
  const moves: Move[] = [{ do: "lay-counters", numbers: [number] }];
  if ((laid + 1) % each !== 0) return moves;
  const before = laid + 1 === each ? start : numbers[laid - each]!;
  if (!follows) moves.push({ do: "start", number: before });
  moves.push({ do: "jump", by: differenceOf(number, before) });
  return moves;
}

/** The number that the last counter will cover; null if there is no room for all groups. */
export function lastCovered(board: Board, scene: Scene, view: ViewOf<"groups">): NumberKey | null {
  const ground = groundOf(board, scene);
  return ground?.numbers[groupedOf(scene, view).groups * view.each - 1] ?? null;
}

/** Takes all counters off the numbers and puts them back in their groups. */
export const allCountersOff = (board: Board, scene: Scene): Beat => [
  { do: "take-counters", numbers: ALL },
  ...viewsOf(board, "groups").flatMap((view): Move[] => {
    const { groups, laid } = groupedOf(scene, view);
    return laid > 0 ? [{ do: "groups", view: view.id, groups, laid: 0 }] : [];
  }),
];
