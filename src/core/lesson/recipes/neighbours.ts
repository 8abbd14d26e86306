import * as z from "../../zod";
import { asking, COVER_ALL, chartFor, focus, LIFT_ALL, lift, list, say, step, view } from "./parts";
import { makesStair, recipe, whole } from "./recipe";

const Fields = z.object({ kind: z.literal("neighbours"), number: whole(12, 9_980) });
type Inputs = z.infer<typeof Fields>;

/** A number alone on an empty chart; its neighbours are found one after the other. */
export const neighbours = recipe<Inputs>({
  kind: "neighbours",
  schema: Fields.check(
    makesStair(({ number }: Inputs) =>
      number % 10 >= 2 && number % 100 > 10 && number % 100 <= 90
        ? null
        : `${say(number)} stands at the edge of its chart. Choose a number with neighbours on all sides, such as 47.`,
    ),
  ),
  starts: { kind: "neighbours", number: 47 },
  name: "A number and its neighbours",
  about: "All numbers are covered but one. The class works its way round it.",
  fields: [{ part: "number", label: "Number", whole: { min: 12, max: 9_980 } }],
  write({ number }) {
    const first = Math.floor((number - 1) / 100) * 100 + 1;
    const sides = [
      { title: "To the right", where: `to the right of ${say(number)}`, by: 1 },
      { title: "To the left", where: `to the left of ${say(number)}`, by: -1 },
      { title: "Below", where: `below ${say(number)}`, by: 10 },
      { title: "Above", where: `above ${say(number)}`, by: -10 },
    ];
    const corners = [number - 11, number - 9, number + 9, number + 11];
    const more = (by: number) => `${Math.abs(by)} ${by > 0 ? "more" : "less"}`;
    return {
      title: `${say(number)} and its neighbours`,
      views: [view(chartFor([first, first + 99]))],
      opening: [COVER_ALL, lift(number)],
      steps: [
        ...sides.map(({ title, where, by }, i) =>
          asking("covered", [number + by], {
            title,
            question: `Which number is ${where}?`,
            answer: `${say(number + by)}: ${more(by)}`,
            beats: i === 0 ? [[focus(number)]] : [[lift(number + sides[i - 1]!.by)]],
          }),
        ),
        asking("covered", corners, {
          title: "The corners",
          question: "Which numbers are at the four corners?",
          answer: list(corners),
          beats: [[lift(number + sides.at(-1)!.by)]],
        }),
        step(
          "Look",
          "How much more is each number than the one up and to its left?",
          "11: one row down and one on",
          [[lift(...corners)]],
        ),
        step("All of them", "", "", [[LIFT_ALL]]),
      ],
    };
  },
});
