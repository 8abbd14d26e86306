import { countedIn } from "../../number/counted-in";
import { gcd } from "../../number/exact";
import type { Beat } from "../../scene/move";
import type { ViewId } from "../../views/view-id";
import * as z from "../../zod";
import { COUNTED, COUNTED_FIELDS, countFault, countOf, countWords, jumpOfCount } from "./counted";
import {
  asking,
  COUNT_PANEL,
  chartFor,
  focus,
  jumpsMarked,
  list,
  mark,
  say,
  start,
  step,
  view,
} from "./parts";
import { makesStair, recipe } from "./recipe";

const Fields = z.object({ kind: z.literal("count-in"), ...COUNTED });
type Inputs = z.infer<typeof Fields>;

const PANEL = "trail" as ViewId;

/** What a class can notice about the ones digits of a count. */
function onesAnswer(numbers: readonly number[], by: number): string {
  const cycle = 10 / Number(gcd(10n, BigInt(by)));
  const ones = numbers.map((number) => number % 10);
  if (cycle === 1) return `They are all ${ones[0]}`;
  const shown = ones.slice(0, cycle).join(", ");
  return ones.length > cycle
    ? `${shown}, and then from the start again`
    : `${shown}: no digit has come twice yet`;
}

/** A count on the chart, jump by jump, to its last number. */
export const countIn = recipe<Inputs>({
  kind: "count-in",
  schema: Fields.check(makesStair((inputs: Inputs) => countFault(inputs, 5))),
  starts: { kind: "count-in", by: 6, from: 0, to: 60 },
  name: "Count in equal jumps",
  about: "The class counts aloud, says what comes next, and looks at the pattern.",
  fields: COUNTED_FIELDS,
  write(inputs) {
    const { by, from, to } = inputs;
    const numbers = countOf(inputs);
    const jump = jumpOfCount(inputs);
    const jumps = numbers.length - 1;
    const landed = numbers.slice(1);
    const [few, rest] = [landed.slice(0, 3), landed.slice(3)];
    // A start that is not on the chart has no square to be marked.
    const begin = from === 0 && to > 0 ? [start(from)] : [mark("sun", from), start(from)];
    const sign = jump < 0 ? "−" : "+";
    // Ones digits reverse direction at 0, so there is no single pattern.
    const below0 = numbers.filter((number) => number < 0);
    const shown: Beat[] = [[{ do: "show", view: PANEL }, focus(null)]];
    return {
      title: `${countWords(inputs)} to ${say(to)}`,
      views: [view(chartFor(from === 0 ? landed : numbers)), COUNT_PANEL],
      count: { by: String(by), from: String(from), way: jump < 0 ? "back" : "forwards" },
      steps: [
        asking("unmarked", [landed[0]!], {
          title: `Start at ${say(from)}`,
          question: `${countWords(inputs)}. Which number comes after ${say(from)}?`,
          answer: say(landed[0]!),
          beats: [begin],
        }),
        asking("unmarked", [rest[0]!], {
          title: "Three jumps",
          question: "Which number comes next?",
          answer: say(rest[0]!),
          beats: jumpsMarked("sun", jump, few),
        }),
        step(
          `On to ${say(to)}`,
          `How many jumps of ${say(by)} are there from ${say(from)} to ${say(to)}?`,
          `${say(jumps)}: ${from === 0 ? "" : `${say(from)} ${sign} `}${say(jumps)} × ${say(by)} = ${say(to)}`,
          [[{ do: "hide", view: PANEL }], ...jumpsMarked("sun", jump, rest)],
        ),
        below0.length > 0
          ? step("Below 0", "Which numbers of the count are below 0?", list(below0), shown)
          : step(
              "The ones digits",
              "Look at the ones digits. What do you notice?",
              onesAnswer(numbers, by),
              shown,
            ),
        step(
          "How far",
          "How far is it from one mark to the next?",
          `${say(by)}: we count in ${countedIn(String(by))}`,
        ),
      ],
    };
  },
});
