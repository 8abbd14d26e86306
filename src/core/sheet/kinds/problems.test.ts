import { expect, test } from "vitest";
import { randomOf } from "../../puzzle/draw";
import { fold } from "../../scene/fold";
import { EMPTY_SCENE } from "../../scene/scene";
import type { LineSettings } from "../../surface/line";
import { answersOf } from "../task";
import { problems } from "./problems";

test("problems on lines: the jumps of the answer are those of the sentence, and fractions stay fractions", () => {
  const typed = "4 × 6 = ?; 24 ÷ ? = 4; 1 3/4 + ? = 3; 0.5 + ? = 2; ? − 1000 = 250";
  const { tasks } = problems.make({ ...problems.starts, typed }, randomOf(1));
  const drawn = tasks.map((task) => {
    const { trail } = fold(EMPTY_SCENE, [...task.view!.question, ...task.view!.answer]);
    const { numbers, divisions } = task.view!.settings as LineSettings;
    return [answersOf(task)[0], trail!.jumps.join(" "), numbers, divisions];
  });
  expect(drawn).toEqual([
    ["24", "6 6 6 6", "decimal", 10],
    ["6", "-6 -6 -6 -6", "decimal", 10],
    ["1 1/4", "1.25", "mixed", 4],
    ["1.5", "1.5", "decimal", 1],
    ["1250", "-1000", "decimal", 2],
  ]);
});
