import * as z from "../../zod";
import { COUNTED, COUNTED_FIELDS, countFault, countOf, countWords, jumpOfCount } from "./counted";
import {
  asking,
  chartFor,
  cover,
  jump,
  jumpsMarked,
  lift,
  list,
  mark,
  say,
  start,
  step,
  view,
} from "./parts";
import { makesStair, recipe, whole } from "./recipe";

const Fields = z.object({ kind: z.literal("count-and-predict"), ...COUNTED, covered: whole(1, 8) });
type Inputs = z.infer<typeof Fields>;

/** A count whose last numbers are covered, and lifted one by one. */
export const countAndPredict = recipe<Inputs>({
  kind: "count-and-predict",
  schema: Fields.check(makesStair((inputs: Inputs) => countFault(inputs, inputs.covered + 2))),
  starts: { kind: "count-and-predict", by: 7, from: 0, to: 70, covered: 4 },
  name: "Count and predict",
  about: "The class counts, the next numbers are covered, and they are lifted one by one.",
  fields: [...COUNTED_FIELDS, { part: "covered", label: "Cover the last", whole: { min: 1, max: 8 } }],
  write(inputs) {
    const numbers = countOf(inputs);
    const by = jumpOfCount(inputs);
    const { from, to } = inputs;
    const landed = numbers.slice(1);
    const [open, hidden] = [landed.slice(0, -inputs.covered), landed.slice(-inputs.covered)];
    const onChart = from !== 0 || to < 0;
    const few = hidden.length === 1;
    const reveal = (number: number) => [[lift(number)], [mark("kelp", number), jump(by)]];
    return {
      title: `${countWords(inputs)} and predict`,
      views: [view(chartFor(from === 0 ? landed : numbers))],
      count: { by: String(inputs.by), from: String(from), way: by < 0 ? "back" : "forwards" },
      steps: [
        step(
          "Count together",
          `${countWords(inputs)} to ${say(open.at(-1)!)}. How many jumps of ${say(inputs.by)} are there?`,
          say(open.length),
          [onChart ? [mark("kelp", from), start(from)] : [start(from)], ...jumpsMarked("kelp", by, open)],
        ),
        asking("covered", hidden, {
          title: few ? "One is covered" : `${say(hidden.length)} are covered`,
          question: few
            ? "The next number is covered. Which is it?"
            : `The next ${say(hidden.length)} numbers are covered. Which are they?`,
          answer: list(hidden),
          beats: [[cover(...hidden)]],
        }),
        ...hidden.slice(1).map((number, i) =>
          asking("covered", [number], {
            title: `${say(hidden[i]!)} is lifted`,
            question: `It was ${say(hidden[i]!)}. Which one comes after it?`,
            answer: say(number),
            beats: reveal(hidden[i]!),
          }),
        ),
        step("All lifted", "", "", reveal(hidden.at(-1)!)),
      ],
    };
  },
});
