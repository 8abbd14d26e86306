import { exact, keyOf } from "../number/exact";
import { fold } from "../scene/fold";
import type { Beat, Move } from "../scene/move";
import { isCoveredAt, type Scene } from "../scene/scene";
import { slides } from "../surface/line";
import { spanHolding } from "../surface/line-scale";
import { numberOf } from "../surface/place-key";
import type { Board } from "./lesson";
import { linesOf, lookOf } from "./views-of";

/**
 * A beat as it is done on a board with lines: where it moves the focus, a line slides on so that the focus is seen,
 * unless it is pinned or a ring; and a pointer that is to be covered has its number covered. A board without lines
 * changes nothing.
 */
export function followBeat(board: Board, scene: Scene, beat: Beat): Beat {
  const lines = linesOf(board);
  if (lines.length === 0) return beat;
  const after = fold(scene, beat);
  const { focus } = after;
  if (focus === null || focus === scene.focus) return beat;
  const number = numberOf(focus);
  const value = exact(number);
  const more: Move[] = [];
  for (const line of lines) {
    const seen = lookOf(line, after);
    const next = slides(line) ? spanHolding(line, seen, value) : seen;
    if (next !== seen) more.push({ do: "look", view: line.id, from: keyOf(next.from), to: keyOf(next.to) });
  }
  if (lines.some(({ pointer }) => pointer === "covered") && !isCoveredAt(after, number)) {
    more.push({ do: "cover", numbers: [number] });
  }
  return more.length === 0 ? beat : [...beat, ...more];
}

/** The beats of an act, each as it is done on a board with lines. */
export function followBeats(board: Board, scene: Scene, beats: readonly Beat[]): Beat[] {
  let now = scene;
  return beats.map((beat) => {
    const followed = followBeat(board, now, beat);
    now = fold(now, followed);
    return followed;
  });
}
