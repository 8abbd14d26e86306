import { countByTouch, isCount, jumpOf } from "@/core/count/count";
import type { Count } from "@/core/count/count-settings";
import type { Trail } from "@/core/count/trail";
import { boardHolds } from "@/core/lesson/views-of";
import { exact, keyOf, type NumberKey } from "@/core/number/exact";
import { fold } from "@/core/scene/fold";
import { marksByHand } from "@/core/scene/marks-by-hand";
import type { Act, Beat, Move } from "@/core/scene/move";
import { inksAt, numbersWith } from "@/core/scene/scene";
import { hasInk } from "@/core/set/ink";
import { isCellKey } from "@/core/surface/cell-key";
import { ahead } from "@/kit/later";
import { MarkSign } from "@/kit/signs";
import { type OnBoard, tool } from "./tool";

/**
 * What recognises a count, loaded after the board stands. Until it is there numbers are only marked; the first touch after
 * that counts them all.
 */
export const recognising = ahead(() => import("@/core/count/count-by-hand"));

/** Marks numbers in the ink in hand; the count follows. Core works out what is being counted by touches. */
export const mark = tool({
  label: "Mark",
  key: "m",
  icon: MarkSign,
  lays: ({ scene, ink }, number) => !hasInk(inksAt(scene, number), ink),
  meets: (on, number, { laying, met }) => {
    const { scene, ink } = on;
    if (hasInk(inksAt(scene, number), ink) === laying) return [];
    const move: Move = { do: laying ? "mark" : "unmark", ink, numbers: [number] };
    if (isCellKey(number)) return [[move, ...(laying ? [{ do: "focus", number } as const] : [])]];
    return laying ? markAndCount(on, number, move, met > 1) : unmarkAndCount(on, number, move);
  },
  // A row or column that carries the ink already loses it.
  edge: ({ scene, ink }, numbers) => {
    const all = numbersWith(scene, ink, numbers).length === numbers.length;
    return { do: all ? "unmark" : "mark", ink, numbers: [...numbers] };
  },
});

/** Marks a number, and moves the count to it if it is the next one. */
function markAndCount(on: OnBoard, number: NumberKey, move: Move, isStroke: boolean): Act {
  const { board, scene, ink, acts } = on;
  const { count } = board;
  const next = countByTouch(scene.trail, count, boardHolds(board), number);
  if (next.length > 0) {
    // Numbers marked ahead are counted once the number before them is.
    const ahead = new Set(marksByHand(acts, ink));
    return [[move, ...next], ...markedAhead(fold(scene, next).trail, count, (one) => ahead.has(one))];
  }
  const byHand = countedByHand(on, (marks) => [...marks, number], isStroke);
  if (!byHand || (byHand.beats.length === 0 && sameCount(byHand.count, count))) {
    return [[move, { do: "focus", number }]];
  }
  const set: Act = sameCount(byHand.count, count)
    ? []
    : [[{ do: "set", setting: { of: "count", is: byHand.count } }]];
  return [[move, { do: "focus", number }], ...set, ...byHand.beats];
}

/** Unmarks a number, and moves the count back to before it if it was counted by hand. */
function unmarkAndCount(on: OnBoard, number: NumberKey, move: Move): Act {
  const { trail } = on.scene;
  const byHand = countedByHand(on, (marks) => marks.filter((one) => one !== number), false);
  if (byHand) return [[move], ...byHand.beats];
  const isLast = isCount(trail, on.board.count) && trail.end === number;
  return [isLast ? [move, { do: "retrace" }] : [move]];
}

/**
 * What the marks by hand count, after a change. Single touches reveal what is counted; numbers coloured in one stroke
 * may just be a row, and count only if they match the set count.
 */
function countedByHand(
  { board, scene, ink, acts }: OnBoard,
  changed: (marks: readonly NumberKey[]) => NumberKey[],
  isStroke: boolean,
) {
  const { count } = board;
  const there = recognising.ready();
  if (!there) {
    void recognising.bring();
    return null;
  }
  const of = (some: readonly Act[]) =>
    there.countByHand(changed(marksByHand(some, ink)), count, scene.trail, boardHolds(board));
  const single = isStroke ? null : of(acts.filter((done) => !isStrokeOf(done)));
  if (single) return single;
  const all = of(acts);
  return all && sameCount(all.count, count) ? all : null;
}

/** Whether an act coloured several numbers, in one stroke. */
const isStrokeOf = (done: Act) => done.flat().filter(({ do: what }) => what === "mark").length > 1;

const sameCount = (a: Count, b: Count) => a.by === b.by && a.from === b.from && a.way === b.way;

const MAX_AHEAD = 500;

/** The jumps over further numbers that carry the ink already. */
function markedAhead(trail: Trail | null, count: Count, isMarked: (number: NumberKey) => boolean): Act {
  if (!trail) return [];
  const by = jumpOf(count);
  const beats: Beat[] = [];
  let at = exact(trail.end).add(exact(by));
  for (; beats.length < MAX_AHEAD && isMarked(keyOf(at)); at = at.add(exact(by)))
    beats.push([{ do: "jump", by }]);
  return beats;
}
