import { exact, type NumberKey } from "../number/exact";
import type { ViewOf } from "../views/view";
import type { Scene } from "./scene";
import { type Guessed, NOT_BEGUN } from "./slices/guessing";

/**
 * How a guessing of higher or lower stands: not begun, where the range has become another since and no longer holds the
 * numbers that were drawn. How many were right in a row stays.
 */
export function guessedOf(scene: Pick<Scene, "guessed">, view: ViewOf<"higher-lower">): Guessed {
  const guessed = scene.guessed[view.id] ?? NOT_BEGUN;
  const isWithin = (number: NumberKey | null) =>
    number === null || (exact(number).compare(view.from) >= 0 && exact(number).compare(view.to) <= 0);
  return isWithin(guessed.at) && isWithin(guessed.next) ? guessed : { ...NOT_BEGUN, run: guessed.run };
}
