import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { CHECKS } from "../../../../tests/support/recipe-checks";
import { INPUTS } from "../../../../tests/support/recipe-inputs";
import { landings } from "../../count/trail";
import { exact, keyOf } from "../../number/exact";
import { fold } from "../../scene/fold";
import { EMPTY_SCENE, inksAt, isCoveredAt, type Scene } from "../../scene/scene";
import { kindOfView, type View } from "../../views/view";
import * as z from "../../zod";
import { Board } from "../board";
import { recipeBoard } from "../write-recipe";
import { RECIPE_NAMES, type RecipeInputs, type RecipeName, recipeOf, written } from "./any";
import type { RecipeBoard, RecipeStep } from "./recipe";

/** A thousand inputs for each recipe, the same in every run. */
const RUNS = { numRuns: 1_000, seed: 15 };

const startsOf = (kind: RecipeName) => recipeOf({ kind } as RecipeInputs).starts;
const taken = (kind: RecipeName, inputs: object) =>
  recipeOf({ kind } as RecipeInputs).schema.safeParse({ kind, ...inputs });

/** Inputs that a recipe takes, drawn at random. */
const inputsOf = (kind: RecipeName): fc.Arbitrary<RecipeInputs> =>
  INPUTS[kind]
    .filter((inputs) => taken(kind, inputs).success)
    .map((inputs) => ({ kind, ...inputs }) as RecipeInputs);

type Moment = { step: RecipeStep; scene: Scene; views: readonly View[] };

/** Climbs the stair step by step: what stands on the board while each question is asked. */
function climbed({ opening = [], steps, views }: RecipeBoard): Moment[] {
  let scene = fold(EMPTY_SCENE, opening);
  return steps.map((step) => {
    scene = fold(scene, step.beats.flat());
    const set = scene.settings.views ?? {};
    return { step, scene, views: views.map((view) => set[view.id] ?? view) };
  });
}

/** Whether a number stands uncovered on a view that has numbers of its own. */
const standsOn = (view: View, scene: Scene, number: string) =>
  hasLabel(view, number) && kindOfView(view).holds(view, number) && !isCoveredAt(scene, number);

/** On a line only the numbers at its intervals are written; the others stand where a trail lands. */
const hasLabel = (view: View, number: string) =>
  view.kind === "chart" ||
  view.kind === "strip" ||
  (view.kind === "line" && exact(number).sub(view.from).mod(view.interval).equals(0));

/** How the board gives away a number that is asked for; null if it does not. */
function givenAway({ step, scene, views }: Moment, number: string): string | null {
  const covered = isCoveredAt(scene, number) || scene.asked?.number === number;
  if (step.asks?.as === "unmarked") {
    if (inksAt(scene, number) !== 0) return "marked";
    return scene.focus === number || scene.trail?.end === number ? "pointed at" : null;
  }
  if (views.some((view) => standsOn(view, scene, number))) return "on a chart";
  if (covered) return null;
  if (scene.trail && landings(scene.trail).some((at) => keyOf(at) === number)) return "landed on";
  const digits = Object.values(scene.parts).some((parts) => parts?.digits === true);
  return scene.focus === number && !digits ? "in focus" : null;
}

describe.each(RECIPE_NAMES)("%s", (kind) => {
  test("what it starts with is taken, and makes a board that a lesson keeps", () => {
    const starts = startsOf(kind);
    expect(taken(kind, starts).success).toBe(true);
    let names = 0;
    const board = recipeBoard("b", starts, () => `s${names++}`);
    expect(Board(z).parse(board)).toEqual(board);
    expect(board.stair.length).toBeGreaterThan(1);
    for (const { question, answer } of board.stair) expect(question === "").toBe(answer === "");
  });

  test("its words are English for every input: one of a thing, lists that end with an “and”", () => {
    fc.assert(
      fc.property(inputsOf(kind), (inputs) => {
        for (const { title, question, answer } of written(inputs).steps)
          for (const words of [title, question, answer]) {
            expect(words).not.toMatch(
              /(?<![\d,.−] ?|of )\b1 (rows|squares|jumps|crates|jars|parts|times|numbers|of the \S+ move\b)/,
            );
            expect(words).not.toMatch(/, [^ ]+$/);
            expect(words).not.toMatch(/ {2}| $|^ |undefined|NaN|−0(?![.\d])/);
          }
      }),
      { ...RUNS, numRuns: 300 },
    );
  });

  test("a thousand inputs: every answer is right, and none stands on the board before it is shown", () => {
    fc.assert(
      fc.property(inputsOf(kind), (inputs) => {
        const board = written(inputs);
        const moments = climbed(board);
        for (const moment of moments) {
          const { step, scene } = moment;
          for (const number of step.asks?.numbers ?? []) {
            expect(
              givenAway(moment, number),
              `${step.title}: ${number} ${JSON.stringify(inputs)}`,
            ).toBeNull();
            // A covered answer is on the board, with a cover that can be lifted.
            if (step.asks?.as === "covered") {
              const shown = moment.views.some((view) => kindOfView(view).holds(view, number));
              expect(shown || moment.views.some(({ kind: of }) => of === "graph"), step.title).toBe(true);
            }
          }
          expect(step.title.length).toBeLessThanOrEqual(60);
          expect(scene).toBeDefined();
        }
        // Everything covered for a question is uncovered in the end.
        const last = moments.at(-1)!;
        const asked = board.steps.flatMap(({ asks }) => asks?.numbers ?? []);
        for (const number of asked) expect(isCoveredAt(last.scene, keyOf(exact(number))), number).toBe(false);
        CHECKS[kind](inputs as never, moments);
      }),
      RUNS,
    );
  });
});

test("the count beside a scale tells neither its parts nor its intervals, which are asked for", () => {
  fc.assert(
    fc.property(inputsOf("read-the-scale"), (inputs) => {
      const { interval, parts } = inputs as unknown as { interval: number; parts: string };
      const by = Number(written(inputs).count!.by);
      expect([interval, interval / Number(parts)]).not.toContain(by);
    }),
    { ...RUNS, numRuns: 300 },
  );
});

test("what makes no stair is refused in words that say why", () => {
  const why = (kind: RecipeName, part: object) =>
    taken(kind, { ...startsOf(kind), ...part }).error?.issues[0]?.message;
  expect(why("count-in", { by: 7, from: 0, to: 65 })).toBe(
    "Count in 7s from 0 comes to 63 and 70, not to 65.",
  );
  expect(why("count-in", { by: 10, from: 94, to: 14 })).toBeUndefined();
  expect(why("count-in", { by: 1, from: 0, to: 190 })).toMatch(/more than 40 jumps/);
  expect(why("count-and-predict", { by: 7, to: 14 })).toMatch(/fewer than 6 jumps/);
  expect(why("two-patterns", { a: 4, b: 50 })).toBeUndefined();
  expect(why("two-patterns", { a: 49, b: 50 })).toMatch(/the first is 2,450/);
  expect(why("two-patterns", { a: 4, b: 4 })).toBe("Choose two different numbers.");
  expect(why("meet-the-chart", { number: 1 })).toMatch(/neighbour on each side/);
  expect(why("follow-the-arrows", { start: 91 })).toMatch(/leaves the chart/);
  expect(why("fill-the-ten", { first: 3, second: 4 })).toMatch(/does not go through a whole ten/);
  expect(why("friendly-numbers", { from: 30, to: 34 })).toMatch(/no friendly number/);
  expect(why("was-there-an-exchange", { stops: ["53", "54"] })).toMatch(/does not come to 54/);
  expect(why("put-in-order", { numbers: ["3", "3.0", "4"] })).toBe("Write each number once.");
});

// England's programme of study for year 4 (from memory): count backwards through zero to include negative numbers.
test("counts, jumps and scales go through zero", () => {
  const said = (kind: RecipeName, inputs: object) =>
    written({ ...startsOf(kind), ...inputs } as RecipeInputs).steps.map(({ answer }) => answer);
  expect(said("count-in", { by: 4, from: 12, to: -12 })).toEqual([
    "8",
    "−4",
    "6: 12 − 6 × 4 = −12",
    "−4, −8 and −12",
    "4: we count in 4s",
  ]);
  expect(said("on-and-back", { from: -3, by: 2, on: 1, back: 4 })).toEqual([
    "−1",
    "−3 + 1 × 2 = −1",
    "−9",
    "−1 − 4 × 2 = −9",
    "",
  ]);
  expect(said("jump-to-the-answer", { a: 4, sign: "−", b: 9 })).toEqual(["9 ones", "−5", "−5 + 9 = 4", ""]);
  expect(said("friendly-numbers", { from: -27, to: 45 }).at(-1)).toMatch(/ = 72$/);
});
