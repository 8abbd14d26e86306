import { exact, type NumberKey } from "../number/exact";
import type { ViewOf } from "../views/view";
import type { Scene } from "./scene";
import { type Guessed, NOT_BEGUN } from "./slices/guessing";

/**
 * The state of a round of higher or lower. It counts as not begun if the range has changed and no longer holds the
 * drawn numbers. The run of right guesses stays.
 */
export function guessedOf(scene: Pick<Scene, "guessed">, view: ViewOf<"higher-lower">): Guessed {
  const guessed = scene.guessed[view.id] ?? NOT_BEGUN;
  const isWithin = (number: NumberKey | null) =>
    number === null || (exact(number).compare(view.from) >= 0 && exact(number).compare(view.to) <= 0);
  return isWithin(guessed.at) && isWithin(guessed.next) ? guessed : { ...NOT_BEGUN, run: guessed.run };
}
