import { exact, keyOf } from "../number/exact";
import { fold } from "../scene/fold";
import type { Beat, Move } from "../scene/move";
import { movesOnView, sceneOfView } from "../scene/own";
import { isCoveredAt, type Scene } from "../scene/scene";
import { numberOf } from "../surface/cell-key";
import { slides } from "../surface/line";
import { spanHolding } from "../surface/line-slide";
import type { Board } from "./board";
import { linesOf, lookOf } from "./views-of";

/**
 * A beat as it is carried out on a board with lines. When it moves the focus of a line, the line slides so that the
 * focus is seen, unless it is pinned or a ring; and a pointer that is to be covered has its number covered. On a board
 * without lines the beat is unchanged.
 */
export function followBeat(board: Board, scene: Scene, beat: Beat): Beat {
  const lines = linesOf(board);
  if (lines.length === 0) return beat;
  const after = fold(scene, beat);
  const more: Move[] = [];
  const covered = new Set<string>();
  for (const line of lines) {
    const [was, now] = [sceneOfView(line, scene), sceneOfView(line, after)];
    const { focus } = now;
    if (focus === null || focus === was.focus) continue;
    const number = numberOf(focus);
    const seen = lookOf(line, now);
    const next = slides(line) ? spanHolding(line, seen, exact(number)) : seen;
    if (next !== seen) more.push({ do: "look", view: line.id, from: keyOf(next.from), to: keyOf(next.to) });
    // Lines that share their numbers share their covers.
    const cell = line.own ? line.id : "";
    if (line.pointer !== "covered" || covered.has(cell) || isCoveredAt(now, number)) continue;
    covered.add(cell);
    more.push(...(movesOnView(line, [{ do: "cover", numbers: [number] }]) as Move[]));
  }
  return more.length === 0 ? beat : [...beat, ...more];
}

/** The beats of an act, each as carried out on a board with lines. */
export function followBeats(board: Board, scene: Scene, beats: readonly Beat[]): Beat[] {
  let now = scene;
  return beats.map((beat) => {
    const followed = followBeat(board, now, beat);
    now = fold(now, followed);
    return followed;
  });
}
