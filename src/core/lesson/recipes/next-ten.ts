import { toNext } from "../../count/bridge";
import { exact } from "../../number/exact";
import { NumberText } from "../../number/number-schema";
import { KINDS } from "../../views/kinds";
import type { ViewId } from "../../views/view-id";
import * as z from "../../zod";
import { focus, say, step, view } from "./parts";
import { makesStair, recipe } from "./recipe";

const MAX = 6;
const LARGEST = 9_999;

const Fields = z.object({
  kind: z.literal("next-ten"),
  numbers: z
    .array(NumberText(z))
    .check(z.minLength(1, `Write 1 to ${MAX} numbers.`), z.maxLength(MAX, `Write 1 to ${MAX} numbers.`)),
});
type Inputs = z.infer<typeof Fields>;

const PAIRS = "pairs" as ViewId;

/** How far each of some numbers is from the next ten, by the pairs that make ten. */
export const nextTen = recipe<Inputs>({
  kind: "next-ten",
  schema: Fields.check(
    makesStair(({ numbers }: Inputs) => {
      const wrong = numbers.find(
        (text) => !/^\d+$/.test(text) || Number(text) > LARGEST || Number(text) % 10 === 0,
      );
      return wrong === undefined
        ? null
        : `Write whole numbers up to ${say(LARGEST)} that are not whole tens.`;
    }),
  ),
  starts: { kind: "next-ten", numbers: ["37", "52", "84"] },
  name: "How far to the next ten",
  about: "The class uses the pairs that make ten, for one number after the other.",
  fields: [{ part: "numbers", label: "Numbers, at most 6", numbers: { min: 1, max: MAX } }],
  write({ numbers }) {
    const hide = (on: boolean) => ({ do: "cover-far", view: PAIRS, on }) as const;
    const all = numbers.map(Number);
    const ways = all.map((number) => {
      const { by, next } = toNext(exact(number), exact(10));
      return { number, by: Number(by.n), next: Number(next.n) };
    });
    return {
      title: "How far to the next ten",
      views: [view(KINDS.pairs.starts)],
      steps: [
        ...ways.flatMap(({ number, by, next }, i) => [
          step(
            `From ${say(number)}`,
            `How far is it from ${say(number)} to the next ten?`,
            `${by}: ${say(number)} + ${by} = ${say(next)}`,
            [[hide(true), focus(number)]],
          ),
          step(
            "The pair",
            i === 0 ? "Which pair that makes ten helps here?" : "",
            i === 0 ? `${number % 10} + ${by} = 10` : "",
            [[hide(false)]],
          ),
        ]),
      ],
    };
  },
});
