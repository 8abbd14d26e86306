import { pick, randomOf } from "../../puzzle/draw";
import * as z from "../../zod";
import { asking, chartFor, list, mark, range, say, step, view } from "./parts";
import { makesStair, recipe, whole } from "./recipe";

/** Minimum number of marked multiples, so that the pattern is seen. */
const MIN_MARKED = 4;

const Fields = z.object({
  kind: z.literal("missed-multiples"),
  of: whole(2, 50),
  to: whole(20, 190),
  missed: whole(1, 6),
  draw: whole(1, 999),
});
type Inputs = z.infer<typeof Fields>;

/** Some multiples are marked, some have been forgotten: which? */
export const missedMultiples = recipe<Inputs>({
  kind: "missed-multiples",
  schema: Fields.check(
    makesStair(({ of, to, missed }: Inputs) =>
      Math.floor(to / of) >= missed + MIN_MARKED
        ? null
        : `Up to ${say(to)} there are only ${say(Math.floor(to / of))} multiples of ${say(of)}. Go further, or leave out fewer.`,
    ),
  ),
  starts: { kind: "missed-multiples", of: 6, to: 100, missed: 3, draw: 1 },
  name: "Find the missed multiples",
  about: "Multiples are marked, but some were missed. The class finds them.",
  fields: [
    { part: "of", label: "Multiples of", whole: { min: 2, max: 50 } },
    { part: "to", label: "Up to", whole: { min: 20, max: 190 } },
    { part: "missed", label: "How many are missed", whole: { min: 1, max: 6 } },
    { part: "draw", label: "Draw", whole: { min: 1, max: 999 } },
  ],
  write({ of, to, missed, draw }) {
    const all = range(of, to, of);
    // The first multiple shows what is marked, so it is never missing.
    const gone = pick(all.slice(1), missed, randomOf(draw));
    const marked = all.filter((number) => !gone.includes(number));
    return {
      title: `Missed multiples of ${say(of)}`,
      views: [view(chartFor([1, to]))],
      steps: [
        asking("unmarked", gone, {
          title: "Some are missed",
          question:
            gone.length === 1
              ? `One multiple of ${say(of)} up to ${say(to)} has no mark. Which is it?`
              : `Some multiples of ${say(of)} up to ${say(to)} have no mark. Which are they?`,
          answer: list(gone),
          beats: [[mark("sun", ...marked)]],
        }),
        ...gone.map((number) =>
          step(
            `${say(number)} too`,
            `How do you know that ${say(number)} is a multiple of ${say(of)}?`,
            `${say(number / of)} × ${say(of)} = ${say(number)}`,
            [[mark("coral", number)]],
          ),
        ),
        step(
          "How many?",
          `How many multiples of ${say(of)} are there up to ${say(to)}?`,
          `${say(all.length)}: the last one is ${say(all.length)} × ${say(of)} = ${say(all.at(-1)!)}`,
        ),
      ],
    };
  },
});
