import * as z from "../../zod";
import {
  asking,
  chartFor,
  cover,
  inCommon,
  lift,
  list,
  markRule,
  multiplesOf,
  range,
  say,
  step,
  view,
} from "./parts";
import { makesStair, recipe, whole } from "./recipe";

/** Maximum number of shared numbers, so that the class can name them all. */
const MAX_SHARED = 12;

const Fields = z.object({
  kind: z.literal("two-patterns"),
  a: whole(2, 50),
  b: whole(2, 50),
  to: whole(20, 190),
});
type Inputs = z.infer<typeof Fields>;

const sharedOf = ({ a, b, to }: Inputs) => range(inCommon(a, b), to, inCommon(a, b));

/** Multiples of one number and of another, and those that have both marks. */
export const twoPatterns = recipe<Inputs>({
  kind: "two-patterns",
  schema: Fields.check(
    makesStair((inputs: Inputs) => {
      const { a, b, to } = inputs;
      if (a === b) return "Choose two different numbers.";
      const shared = sharedOf(inputs).length;
      if (shared === 0)
        return `${say(a)} and ${say(b)} share no multiple up to ${say(to)}: the first is ${say(inCommon(a, b))}.`;
      if (shared > MAX_SHARED)
        return `${say(a)} and ${say(b)} share ${say(shared)} multiples up to ${say(to)}. Choose others, or stop sooner: ${MAX_SHARED} can be named.`;
      return null;
    }),
  ),
  starts: { kind: "two-patterns", a: 4, b: 6, to: 100 },
  name: "Two patterns and what they share",
  about: "Two counts are marked in two inks. Which numbers have both, and why?",
  fields: [
    { part: "a", label: "Multiples of", whole: { min: 2, max: 50 } },
    { part: "b", label: "And multiples of", whole: { min: 2, max: 50 } },
    { part: "to", label: "Up to", whole: { min: 20, max: 190 } },
  ],
  write(inputs) {
    const { a, b, to } = inputs;
    const shared = sharedOf(inputs);
    const both = inCommon(a, b);
    const several = shared.length > 1;
    return {
      title: `Multiples of ${say(a)} and of ${say(b)}`,
      views: [view({ ...chartFor([1, to]), until: { by: "last", last: String(to) } })],
      steps: [
        step(
          "The first pattern",
          "What do the marked numbers have in common?",
          `They are the multiples of ${say(a)}`,
          [[markRule("sun", multiplesOf(a))]],
        ),
        asking("covered", shared, {
          title: "The second pattern",
          question: several
            ? `Now the multiples of ${say(b)} too. The covered numbers have both marks. Which are they?`
            : `Now the multiples of ${say(b)} too. The covered number has both marks. Which is it?`,
          answer: list(shared),
          beats: [[cover(...shared)], [markRule("sea", multiplesOf(b))]],
        }),
        step(
          "Both marks",
          several
            ? "How far is it from one number with both marks to the next?"
            : "How far would it be to the next number with both marks?",
          say(both),
          [[lift(...shared)], [{ do: "stand-out", numbers: shared.map(String) }]],
        ),
        step(
          "What are they?",
          "What are the numbers with both marks?",
          `The multiples of ${say(both)}, the smallest number that is a multiple of both`,
        ),
      ],
    };
  },
});
