import type { Move } from "../../scene/move";
import { HUNDRED_CHART } from "../../surface/chart";
import type { ViewId } from "../../views/view-id";
import * as z from "../../zod";
import { inCommon, list, multiplesOf, range, say, step, view } from "./parts";
import { makesStair, recipe, whole } from "./recipe";

const Fields = z.object({ kind: z.literal("same-and-different"), a: whole(2, 25), b: whole(2, 25) });
type Inputs = z.infer<typeof Fields>;

const [LEFT, RIGHT] = ["left" as ViewId, "right" as ViewId];

/** Two charts side by side, each with its own count: what is the same, what is different? */
export const sameAndDifferent = recipe<Inputs>({
  kind: "same-and-different",
  schema: Fields.check(makesStair(({ a, b }: Inputs) => (a === b ? "Choose two different numbers." : null))),
  starts: { kind: "same-and-different", a: 2, b: 4 },
  name: "Same and different",
  about: "Two counts on two charts. What is the same in both, and what only in one?",
  fields: [
    { part: "a", label: "Left: multiples of", whole: { min: 2, max: 25 } },
    { part: "b", label: "Right: multiples of", whole: { min: 2, max: 25 } },
  ],
  write({ a, b }) {
    const both = inCommon(a, b);
    const [left, right] = [range(a, 100, a), range(b, 100, b)];
    const shared = left.filter((number) => number % b === 0);
    const only = (numbers: readonly number[]) => numbers.filter((number) => number % both !== 0);
    const marked = (id: ViewId, of: number): Move => ({
      do: "within",
      view: id,
      moves: [{ do: "mark", ink: id === LEFT ? "sun" : "sea", numbers: multiplesOf(of) }],
    });
    const theyAre =
      shared.length === 1 ? `a multiple of both ${say(a)} and ${say(b)}` : `the multiples of ${say(both)}`;
    const none = (of: number, other: number) =>
      `None: every multiple of ${say(of)} is a multiple of ${say(other)} too`;
    return {
      title: `${say(a)}s beside ${say(b)}s`,
      views: [
        { ...view(HUNDRED_CHART, LEFT), own: true },
        { ...view(HUNDRED_CHART, RIGHT), own: true },
      ],
      layout: { run: "beside", share: 0.5 },
      steps: [
        step("The left chart", "What is marked on the left?", `The multiples of ${say(a)}`, [
          [marked(LEFT, a)],
        ]),
        step("The right chart", "And what is marked on the right?", `The multiples of ${say(b)}`, [
          [marked(RIGHT, b)],
        ]),
        step(
          "The same",
          "Which numbers are marked on both charts?",
          shared.length === 0
            ? `None up to 100: the first is ${say(both)}`
            : `${list(shared, 8)}: ${theyAre}`,
        ),
        step(
          "Only on the left",
          "Which numbers are marked on the left alone?",
          only(left).length === 0 ? none(a, b) : list(only(left), 8),
        ),
        step(
          "Only on the right",
          "And which on the right alone?",
          only(right).length === 0 ? none(b, a) : list(only(right), 8),
        ),
      ],
    };
  },
});
