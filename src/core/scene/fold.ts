import { applyMove, type Move } from "./move";
import type { Scene } from "./scene";
import type { Draft } from "./slice";

/**
 * Folds moves into a scene, in order. The scene given is not changed. Folding one move fewer takes that move back,
 * whatever it did. Takes time in proportion to the numbers that the moves name.
 */
export function fold(scene: Scene, moves: Iterable<Move>): Scene {
  const laid = { rules: scene.laid.rules, touched: new Map(scene.laid.touched) };
  const draft: Draft = { ...scene, laid, written: new Map(scene.written) };
  for (const move of moves) applyMove(draft, move);
  return draft;
}
