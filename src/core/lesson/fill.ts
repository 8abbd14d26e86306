import * as z from "zod/mini";
import { numberOf, type Target } from "../surface/place-key";
import { isCoveredAt, type Scene } from "./scene";

/**
 * How covered places are filled: with a keypad, with answer tiles, or by finding where a drawn number lives; when
 * what is written is checked; whether hints are offered; and how many numbers find their home before a fresh chart.
 */
export const Fill = z.object({
  by: z.enum(["keypad", "tiles", "home"]),
  check: z.enum(["at-once", "at-end", "off"]),
  hints: z.boolean(),
  goal: z.int().check(z.minimum(1), z.maximum(100)),
});
export type Fill = z.infer<typeof Fill>;

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
