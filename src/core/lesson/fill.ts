import { numberOf, type Target } from "../surface/place-key";
import { isCoveredAt, type Scene } from "./scene";

const isRight = (scene: Scene, target: Target) => scene.written.get(target) === numberOf(target);

/** The covered numbers among these in whose places the right number has not been written yet. */
export function openAmong(scene: Scene, numbers: readonly Target[]): Target[] {
  return numbers.filter((number) => isCoveredAt(scene, number) && !isRight(scene, number));
}

/** The numbers among these that show: not covered, or written in their places. */
export function showingAmong(scene: Scene, numbers: readonly Target[]): Target[] {
  return numbers.filter((number) => !isCoveredAt(scene, number) || isRight(scene, number));
}

/** The numbers among these whose places carry something written, and whether it is right there. */
export function writtenAmong(scene: Scene, numbers: readonly Target[]): { right: Target[]; wrong: Target[] } {
  const filled = numbers.filter((number) => scene.written.has(number) && isCoveredAt(scene, number));
  return {
    right: filled.filter((one) => isRight(scene, one)),
    wrong: filled.filter((one) => !isRight(scene, one)),
  };
}
