import { listWords } from "../../number/list-words";
import * as z from "../../zod";
import { asking, cover, jump, lift, lineFor, many, say, start, step, view } from "./parts";
import { type RecipeStep, recipe, whole } from "./recipe";

const Fields = z.object({
  kind: z.literal("jump-to-the-answer"),
  a: whole(-1_000, 1_000),
  sign: z.enum(["+", "−"]),
  b: whole(1, 1_000),
});
type Inputs = z.infer<typeof Fields>;

const PLACES = [
  { size: 100, one: "hundred", several: "hundreds" },
  { size: 10, one: "ten", several: "tens" },
  { size: 1, one: "one", several: "ones" },
];

/** A number in jumps of its hundreds, tens and ones: 134 is 100, 30 and 4. */
const jumpsOf = (number: number) =>
  PLACES.flatMap(({ size, one, several }) => {
    const count = size === 100 ? Math.floor(number / 100) : Math.floor(number / size) % 10;
    return count === 0 ? [] : [{ by: count * size, words: many(count, one, several) }];
  });

/** A sum or a difference on the line: hundreds, tens and ones, and the way back. */
export const jumpToTheAnswer = recipe<Inputs>({
  kind: "jump-to-the-answer",
  schema: Fields,
  starts: { kind: "jump-to-the-answer", a: 47, sign: "+", b: 34 },
  name: "Jump to the answer",
  about: "A sum or a difference in jumps of tens and ones, and the way back.",
  fields: [
    { part: "a", label: "First number", whole: { min: -1_000, max: 1_000 } },
    {
      part: "sign",
      label: "What is done",
      options: [
        { value: "+", label: "Add" },
        { value: "−", label: "Take away" },
      ],
    },
    { part: "b", label: "Second number", whole: { min: 1, max: 1_000 } },
  ],
  write({ a, sign, b }) {
    const way = sign === "+" ? 1 : -1;
    const jumps = jumpsOf(b);
    let at = a;
    const landings = jumps.map(({ by }) => (at += way * by));
    const result = landings.at(-1)!;
    const back = sign === "+" ? "−" : "+";
    const steps = jumps.map(({ by }, i): RecipeStep => {
      const from = i === 0 ? a : landings[i - 1]!;
      return asking("covered", [landings[i]!], {
        title: `${sign}${say(by)}`,
        question: `We jump ${say(by)} ${way > 0 ? "on" : "back"} from ${say(from)}. Where do we land?`,
        answer: say(landings[i]!),
        beats: [...(i === 0 ? [] : [[lift(from)]]), [jump(way * by)]],
      });
    });
    return {
      title: `${say(a)} ${sign} ${say(b)}`,
      views: [view(lineFor([a, result]))],
      opening: [cover(...landings)],
      steps: [
        step(
          "In which jumps?",
          `${say(a)} ${sign} ${say(b)}: which jumps of hundreds, tens and ones do we make?`,
          listWords(jumps.map(({ words }) => words)),
          [[start(a)]],
        ),
        ...steps,
        step(
          "The way back",
          `How do we get from ${say(result)} back to ${say(a)}? Say it as a number sentence.`,
          `${say(result)} ${back} ${say(b)} = ${say(a)}`,
          [[lift(result)]],
        ),
        step("Back", "", "", [[start(result)], [jump(-way * b)]]),
      ],
    };
  },
});
