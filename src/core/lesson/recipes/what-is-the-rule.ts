import { holdsOf } from "../../set/holds";
import { type Condition, type Rule, ruleOf } from "../../set/rule";
import { ruleWords } from "../../set/rule-words";
import { HUNDRED_CHART } from "../../surface/chart";
import * as z from "../../zod";
import { markRule, range, say, step, view } from "./parts";
import { makesStair, recipe, whole } from "./recipe";

const SHADINGS = ["multiples", "remainder", "ones", "tens", "sum", "square", "triangular"] as const;

const Fields = z.object({
  kind: z.literal("what-is-the-rule"),
  shading: z.enum(SHADINGS),
  of: whole(0, 50),
  number: whole(101, 9_999),
});
type Inputs = z.infer<typeof Fields>;

/** The rules that can be made from a number: multiples of it, one more than those, and so on; null if there is none. */
function ruleFor({ shading, of }: Inputs): Rule | null {
  const condition = ((): Condition | null => {
    switch (shading) {
      case "multiples":
        return of >= 2 ? { kind: "multiples", not: false, of: String(of) } : null;
      case "remainder":
        return of >= 2 ? { kind: "remainder", not: false, more: "1", of: String(of) } : null;
      case "ones":
      case "tens":
        return of <= 9 ? { kind: "digit", not: false, place: shading, digit: of } : null;
      case "sum":
        return { kind: "digits", not: false, make: "sum", is: String(of) };
      default:
        return { kind: shading, not: false };
    }
  })();
  return condition && ruleOf(condition);
}

/** The largest shaded number up to a number, and the one after it. */
function around(number: number, at: (n: number) => number): [number, number] {
  let n = 1;
  while (at(n + 1) <= number) n += 1;
  return [n, n + 1];
}

/** Why a number is shaded or not. */
function reason({ shading, of, number }: Inputs): string {
  const digits = String(number).split("").map(Number);
  const lying = (words: (n: number) => string, at: (n: number) => number) => {
    const [n, next] = around(number, at);
    return at(n) === number ? words(n) : `it lies between ${words(n)} and ${words(next)}`;
  };
  switch (shading) {
    case "multiples":
      return lying(
        (n) => `${say(n)} × ${say(of)} = ${say(n * of)}`,
        (n) => n * of,
      );
    case "remainder":
      return number % of === 0
        ? `it is ${say(number / of)} × ${say(of)}`
        : `it is ${say(Math.floor(number / of))} × ${say(of)} and ${say(number % of)} more`;
    case "ones":
      return `its ones digit is ${digits.at(-1)}`;
    case "tens":
      return `its tens digit is ${digits.at(-2)}`;
    case "sum":
      return `${digits.join(" + ")} = ${digits.reduce((sum, digit) => sum + digit, 0)}`;
    case "square":
      return lying(
        (n) => `${say(n)} × ${say(n)} = ${say(n * n)}`,
        (n) => n * n,
      );
    case "triangular":
      return lying(
        (n) => `1 + … + ${say(n)} = ${say((n * (n + 1)) / 2)}`,
        (n) => (n * (n + 1)) / 2,
      );
    default:
      return shading satisfies never;
  }
}

const MIN = 3;
const ON_CHART = range(1, 100);
const heldOn = (rule: Rule) => {
  const holds = holdsOf(rule, () => 0);
  return ON_CHART.filter((number) => holds(String(number)));
};

/** A chart shaded by a rule that nobody names yet. */
export const whatIsTheRule = recipe<Inputs>({
  kind: "what-is-the-rule",
  schema: Fields.check(
    makesStair((inputs: Inputs) => {
      const rule = ruleFor(inputs);
      if (rule === null)
        return inputs.shading === "ones" || inputs.shading === "tens"
          ? "A digit is 0 to 9. Write another number."
          : "Write 2 or more.";
      return heldOn(rule).length >= MIN
        ? null
        : `Fewer than ${MIN} numbers to 100 are like that. Choose another number.`;
    }),
  ),
  starts: { kind: "what-is-the-rule", shading: "multiples", of: 9, number: 126 },
  name: "What is the rule?",
  about: "A chart is shaded. The class finds the rule, and tries it on a number beyond the chart.",
  fields: [
    {
      part: "shading",
      label: "The shaded numbers",
      list: [
        { value: "multiples", label: "Multiples of the number" },
        { value: "remainder", label: "1 more than its multiples" },
        { value: "ones", label: "Those with it as ones digit" },
        { value: "tens", label: "Those with it as tens digit" },
        { value: "sum", label: "Those whose digits add up to it" },
        { value: "square", label: "Square numbers" },
        { value: "triangular", label: "Triangular numbers" },
      ],
    },
    {
      part: "of",
      label: "The number",
      whole: { min: 0, max: 50 },
      only: { part: "shading", is: SHADINGS.filter((one) => one !== "square" && one !== "triangular") },
    },
    { part: "number", label: "Try it on", whole: { min: 101, max: 9_999 } },
  ],
  write(inputs) {
    const rule = ruleFor(inputs)!;
    const words = ruleWords(rule);
    const held = heldOn(rule);
    const { number } = inputs;
    const holds = holdsOf(rule, () => 0)(String(number));
    return {
      title: "What is the rule?",
      views: [view(HUNDRED_CHART)],
      steps: [
        step("A shading", "What do all marked numbers have in common?", `They are ${words}`, [
          [markRule("kelp", rule)],
        ]),
        step("How many?", "How many numbers on this chart are marked?", say(held.length)),
        step(
          "Beyond the chart",
          `The rule is: ${words}. Is ${say(number)} one of these?`,
          `${holds ? "Yes" : "No"}: ${reason(inputs)}`,
        ),
      ],
    };
  },
});
