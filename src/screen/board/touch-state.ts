import { countByTouch, isCount, jumpOf } from "@/core/count/count";
import { countByHand } from "@/core/count/count-by-hand";
import type { Count } from "@/core/count/count-settings";
import type { Trail } from "@/core/count/trail";
import type { Board } from "@/core/lesson/lesson";
import { boardHolds } from "@/core/lesson/views-of";
import { type Exact, exact, keyOf, type NumberKey } from "@/core/number/exact";
import { fold } from "@/core/scene/fold";
import type { Layer } from "@/core/scene/layer";
import { marksByHand } from "@/core/scene/marks-by-hand";
import type { Act, Beat, Move } from "@/core/scene/move";
import { inksAt, isCoveredAt, numbersWith, type Scene } from "@/core/scene/scene";
import { hasInk, type Ink } from "@/core/set/ink";
import { isPlaceKey, numberOf, type Target } from "@/core/surface/place-key";

export type Tool = "mark" | "cover" | "lift" | "write" | "jump" | "pen";

export type TouchActions = {
  /** A finger comes down on a number, is drawn on over others, and leaves. */
  beginRun: (number: Target, finger: number, reach?: Exact) => void;
  runOver: (number: Target, finger: number) => void;
  endRun: (finger: number) => void;
  /** A whole row or column touched by its edge. */
  touchLine: (numbers: readonly Target[]) => void;
};

type Doors = {
  inHand: () => { tool: Tool; ink: Ink };
  board: () => Board;
  scene: () => Scene;
  /** What was done by hand on the step that the board stands on. */
  acts: () => readonly Act[];
  /** Adds a beat to an act that is still the latest, or begins an act with it; gives the act as it then is. */
  addTo: (open: Act | undefined, beat: Beat) => Act;
  /** Takes the writing tool in hand, and touches a place with it. */
  answer: (place: Target, reach?: Exact) => void;
  /** A step that is still played is shown to its end. */
  finishStep: () => void;
};

/** What a finger is doing: laying down or taking off, and the act that it is still adding to. */
type Run = { laying: boolean; act?: Act; met: number; jump?: { from: NumberKey; to: NumberKey } };

/** What fingers do to numbers with the tool in hand. What is counted by them is worked out by core. */
export function touchActions({ inHand, board, scene, acts, addTo, answer, finishStep }: Doors): TouchActions {
  const runs = new Map<number, Run>();

  /** What the tool in hand does to a number, as the beats of one act; none where it does nothing. */
  const touch = (number: Target, laying: boolean, isStroke: boolean): Act => {
    const { tool, ink } = inHand();
    const covered = isCoveredAt(scene(), number);
    if (tool === "cover") return covered ? [] : [[{ do: "cover", numbers: [number] }]];
    if (tool === "lift") return covered ? [[{ do: "lift", numbers: [number] }]] : [];
    // With the jump in hand a touch says where the next one begins.
    if (tool === "jump") return [[{ do: "start", number: numberOf(number) }]];
    if (hasInk(inksAt(scene(), number), ink) === laying) return [];
    const mark: Move = { do: laying ? "mark" : "unmark", ink, numbers: [number] };
    if (isPlaceKey(number)) return [[mark, ...(laying ? [{ do: "focus", number } as const] : [])]];
    return laying ? markAndCount(number, mark, isStroke) : unmarkAndCount(number, mark);
  };

  /** A number marked, and the count gone on to it where it is the next one. */
  const markAndCount = (number: NumberKey, mark: Move, isStroke: boolean): Act => {
    const { count } = board();
    const next = countByTouch(scene().trail, count, boardHolds(board()), number);
    if (next.length > 0) {
      // What was marked ahead is counted too, once the number before it is.
      const ahead = new Set(marksByHand(acts(), inHand().ink));
      const on = markedAhead(fold(scene(), next).trail, count, (one) => ahead.has(one));
      return [[mark, ...next], ...on];
    }
    const byHand = countedByHand((marks) => [...marks, number], isStroke);
    if (!byHand || (byHand.beats.length === 0 && sameCount(byHand.count, count))) {
      return [[mark, { do: "focus", number }]];
    }
    const set: Act = sameCount(byHand.count, count)
      ? []
      : [[{ do: "set", setting: { of: "count", is: byHand.count } }]];
    return [[mark, { do: "focus", number }], ...set, ...byHand.beats];
  };

  /** A number no longer marked, and the count gone back to before it where it was counted by hand. */
  const unmarkAndCount = (number: NumberKey, unmark: Move): Act => {
    const { trail } = scene();
    const byHand = countedByHand((marks) => marks.filter((one) => one !== number), false);
    if (byHand) return [[unmark], ...byHand.beats];
    const isLast = isCount(trail, board().count) && trail.end === number;
    return [isLast ? [unmark, { do: "retrace" }] : [unmark]];
  };

  /**
   * What the marks by hand count, with a change to them. Touches one by one tell what is counted; what is coloured in
   * one stroke may be a row, and is counted only where it is the count that is set.
   */
  const countedByHand = (changed: (marks: readonly NumberKey[]) => NumberKey[], isStroke: boolean) => {
    const { count } = board();
    const of = (some: readonly Act[]) =>
      countByHand(changed(marksByHand(some, inHand().ink)), count, scene().trail, boardHolds(board()));
    const single = isStroke ? null : of(acts().filter((done) => !isStrokeOf(done)));
    if (single) return single;
    const all = of(acts());
    return all && sameCount(all.count, count) ? all : null;
  };

  const actions: TouchActions = {
    beginRun: (number, finger, reach) => {
      const { tool, ink } = inHand();
      // A place that is asked for is touched to be answered, whatever else is in hand.
      const { asked } = scene();
      const answers = tool === "mark" && asked?.as === "place" && asked.number === number;
      if (answers || tool === "write") return answer(number, reach);
      if (tool === "pen") return;
      const laying = tool !== "mark" || !hasInk(inksAt(scene(), number), ink);
      if (tool === "jump" && !isPlaceKey(number)) {
        // Where it lands is known when the finger leaves.
        runs.set(finger, { laying, met: 0, jump: { from: number, to: number } });
        return;
      }
      runs.set(finger, { laying, met: 0 });
      finishStep();
      actions.runOver(number, finger);
    },
    runOver: (number, finger) => {
      const run = runs.get(finger);
      if (run?.jump) run.jump.to = numberOf(number);
      else if (run) {
        run.met += 1;
        for (const beat of touch(number, run.laying, run.met > 1)) run.act = addTo(run.act, beat);
      }
    },
    endRun: (finger) => {
      const jump = runs.get(finger)?.jump;
      runs.delete(finger);
      if (!jump) return;
      const { from, to } = jump;
      const start: Move = { do: "start", number: from };
      if (from === to) return void addTo(undefined, [start]);
      const goesOn = scene().trail?.end === from;
      const by = keyOf(exact(to).sub(exact(from)));
      addTo(undefined, [...(goesOn ? [] : [start]), { do: "jump", by }]);
    },
    touchLine: (numbers) => {
      const move = lineMove(inHand(), scene(), numbers);
      if (move) addTo(undefined, [move]);
    },
  };
  return actions;
}

/** What the tool in hand does to a whole line of numbers; a line that carries the ink already is relieved of it. */
function lineMove(
  { tool, ink }: { tool: Tool; ink: Ink },
  scene: Scene,
  numbers: readonly Target[],
): Move | null {
  if (numbers.length === 0 || tool === "write" || tool === "jump" || tool === "pen") return null;
  const carrying = (layer: Layer) => numbersWith(scene, layer, numbers);
  if (tool === "mark") {
    const all = carrying(ink).length === numbers.length;
    return { do: all ? "unmark" : "mark", ink, numbers: [...numbers] };
  }
  const covered = carrying("cover");
  if (tool === "lift") return covered.length === 0 ? null : { do: "lift", numbers: covered };
  return covered.length === numbers.length ? null : { do: "cover", numbers: [...numbers] };
}

/** Whether an act coloured several numbers, in one stroke. */
const isStrokeOf = (done: Act) => done.flat().filter(({ do: what }) => what === "mark").length > 1;

const sameCount = (a: Count, b: Count) => a.by === b.by && a.from === b.from && a.way === b.way;

const MOST_AHEAD = 500;

/** The jumps on over numbers that carry the ink already. */
function markedAhead(trail: Trail | null, count: Count, isMarked: (number: NumberKey) => boolean): Act {
  if (!trail) return [];
  const by = jumpOf(count);
  const beats: Beat[] = [];
  let at = exact(trail.end).add(exact(by));
  for (; beats.length < MOST_AHEAD && isMarked(keyOf(at)); at = at.add(exact(by)))
    beats.push([{ do: "jump", by }]);
  return beats;
}
