import { listWords } from "../../number/list-words";
import { KINDS } from "../../views/kinds";
import * as z from "../../zod";
import { asking, jump, list, range, say, start, step, view } from "./parts";
import { makesStair, recipe, whole } from "./recipe";

const LARGEST = 1_000_000;

const Fields = z.object({
  kind: z.literal("what-comes-next"),
  grows: z.enum(["same", "growing", "times"]),
  first: whole(0, 1_000),
  gap: whole(1, 100),
  growth: whole(1, 20),
  shown: whole(3, 8),
});
type Inputs = z.infer<typeof Fields>;

/** The terms of the sequence, the first one first. */
function termsOf({ grows, first, gap, growth }: Inputs, count: number): number[] {
  let at = first;
  return range(0, count - 1).map((i) => {
    if (i > 0) at = grows === "times" ? at * gap : at + gap + (grows === "growing" ? growth * (i - 1) : 0);
    return at;
  });
}

/** Which term is asked for at the end. */
const FURTHER = 10;

/** A sequence from its first terms: what comes next, how it grows, and a term further on. */
export const whatComesNext = recipe<Inputs>({
  kind: "what-comes-next",
  schema: Fields.check(
    makesStair((inputs: Inputs) => {
      const { grows, first, gap } = inputs;
      if (grows === "times" && (gap < 2 || first === 0))
        return "Times 0 or 1 goes nowhere. Start above 0, and write 2 or more.";
      const last = termsOf(inputs, FURTHER).at(-1)!;
      return last <= LARGEST ? null : `The tenth number would be ${say(last)}. Choose smaller numbers.`;
    }),
  ),
  starts: { kind: "what-comes-next", grows: "growing", first: 1, gap: 2, growth: 1, shown: 5 },
  name: "What comes next?",
  about: "The first numbers of a sequence are shown. What comes next, and how does it grow?",
  fields: [
    {
      part: "grows",
      label: "It grows",
      list: [
        { value: "same", label: "By the same each time" },
        { value: "growing", label: "By more each time" },
        { value: "times", label: "By multiplying" },
      ],
    },
    { part: "first", label: "First", whole: { min: 0, max: 1_000 } },
    { part: "gap", label: "First gap, or times", whole: { min: 1, max: 100 } },
    {
      part: "growth",
      label: "Each gap grows by",
      whole: { min: 1, max: 20 },
      only: { part: "grows", is: ["growing"] },
    },
    { part: "shown", label: "Numbers shown", whole: { min: 3, max: 8 } },
  ],
  write(inputs) {
    const { grows, gap, growth, shown } = inputs;
    const terms = termsOf(inputs, FURTHER);
    const by = (i: number) => terms[i]! - terms[i - 1]!;
    const gaps = range(1, shown).map(by);
    const how = {
      same: `${say(gap)} more each time`,
      growing: `The gaps are ${listWords(gaps.map(say))}: each is ${say(growth)} more than the one before`,
      times: `Each number is ${say(gap)} times the one before`,
    }[grows];
    const next = terms[shown]!;
    const further = terms.slice(shown + 1);
    const last = further.at(-1)!;
    return {
      title: "What comes next?",
      views: [
        view({ ...KINDS.graph.starts, shows: "trail" as const, joined: "single" as const }),
        // The number sentence would give the gaps away.
        view({ ...KINDS.trail.starts, sentence: false, ones: false }),
      ],
      layout: { run: "beside", share: 0.66 },
      steps: [
        asking("covered", [next], {
          title: "The first numbers",
          question: `${terms.slice(0, shown).map(say).join(", ")}: which number comes next?`,
          answer: say(next),
          beats: [[start(terms[0]!)], ...range(1, shown - 1).map((i) => [jump(by(i))])],
        }),
        step("How does it grow?", "How does it grow? Say it as a rule.", how, [[jump(by(shown))]]),
        step(
          "Further on",
          `Which is the ${FURTHER}th number?`,
          further.length === 1 ? say(last) : `${say(last)}: ${list(further)}`,
        ),
        step(
          "Look",
          "",
          "",
          range(shown + 1, FURTHER - 1).map((i) => [jump(by(i))]),
        ),
      ],
    };
  },
});
