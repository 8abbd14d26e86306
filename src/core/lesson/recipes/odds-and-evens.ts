import { plainChart } from "../../surface/chart";
import * as z from "../../zod";
import { asking, CLEAR_MARKS, focus, jumpsMarked, mark, range, say, start, step, view } from "./parts";
import { makesStair, recipe, whole } from "./recipe";

/** Twos that are counted together. */
const TOGETHER = 10;

const Fields = z.object({ kind: z.literal("odds-and-evens"), to: whole(19, 199), number: whole(1, 199) });
type Inputs = z.infer<typeof Fields>;

/** Twos from 0, their columns, and the numbers that are left. */
export const oddsAndEvens = recipe<Inputs>({
  kind: "odds-and-evens",
  schema: Fields.check(
    makesStair(({ to, number }: Inputs) =>
      number <= to ? null : `${say(number)} is not on a chart that ends at ${say(to)}.`,
    ),
  ),
  starts: { kind: "odds-and-evens", to: 99, number: 37 },
  name: "Odds and evens",
  about: "The class counts in twos, sees the columns, and names what is left.",
  fields: [
    { part: "to", label: "Chart from 0 to", whole: { min: 19, max: 199 } },
    { part: "number", label: "Asked about", whole: { min: 1, max: 199 } },
  ],
  write({ to, number }) {
    const [evens, odds] = [range(0, to, 2), range(1, to, 2)];
    const odd = number % 2 === 1;
    return {
      title: "Odd and even numbers",
      views: [view(plainChart("0", "1", 10, { by: "last", last: String(to) }))],
      steps: [
        asking("unmarked", [TOGETHER + 2], {
          title: "Twos from 0",
          question: `Count in twos from 0. What comes after ${TOGETHER}?`,
          answer: say(TOGETHER + 2),
          beats: [[mark("sea", 0), start(0)], ...jumpsMarked("sea", 2, range(2, TOGETHER, 2))],
        }),
        step(
          "Columns",
          "The marks make columns. Which ones digits are in them?",
          "0, 2, 4, 6 and 8: they are even",
          [[{ do: "clear-trail" }, mark("sea", ...evens)]],
        ),
        step("What is left", "What do we call the numbers that have no mark?", "Odd numbers"),
        step("The odd ones", "Which ones digits do the odd numbers have?", "1, 3, 5, 7 and 9", [
          [mark("plum", ...odds)],
        ]),
        step(
          `And ${say(number)}?`,
          `Is ${say(number)} odd or even? How do you know?`,
          `${odd ? "Odd" : "Even"}: its ones digit is ${number % 10}`,
          [[CLEAR_MARKS, focus(number)]],
        ),
        step(
          "One more",
          `And is the number after ${say(number)} odd or even?`,
          odd ? "Even: one more than an odd number" : "Odd: one more than an even number",
          [[mark(odd ? "plum" : "sea", number)]],
        ),
      ],
    };
  },
});
