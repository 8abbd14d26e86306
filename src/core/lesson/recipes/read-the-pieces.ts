import { NumberText } from "../../number/number-schema";
import { numberWords } from "../../number/number-words";
import type { Move } from "../../scene/move";
import { KINDS } from "../../views/kinds";
import type { ViewId } from "../../views/view-id";
import * as z from "../../zod";
import { asking, focus, say, step, view } from "./parts";
import { makesStair, type RecipeStep, recipe } from "./recipe";

const MOST = 6;
/** Most that blocks show, and most that discs do. */
const LARGEST = { blocks: 9_999, bundles: 999, discs: 9_999_999, beads: 9_999_999 } as const;

const Fields = z.object({
  kind: z.literal("read-the-pieces"),
  as: z.enum(["blocks", "bundles", "discs", "beads"]),
  numbers: z
    .array(NumberText(z))
    .check(z.minLength(1, `Write 1 to ${MOST} numbers.`), z.maxLength(MOST, `Write 1 to ${MOST} numbers.`)),
});
type Inputs = z.infer<typeof Fields>;

const PLACE_VALUE = "place-value" as ViewId;

/** The largest digit of a number that is not its first, and what it is worth; that of its first where there is no other. */
function digitWorth(number: number): { digit: number; worth: number } {
  const digits = String(number).split("").map(Number);
  const rest = digits.slice(1);
  const digit = Math.max(...(rest.some((one) => one > 0) ? rest : digits));
  const at = digits.lastIndexOf(digit);
  return { digit, worth: digit * 10 ** (digits.length - 1 - at) };
}

/** Numbers as pieces alone; read, then seen in digits. */
export const readThePieces = recipe<Inputs>({
  kind: "read-the-pieces",
  schema: Fields.check(
    makesStair(({ as, numbers }: Inputs) => {
      const most = LARGEST[as];
      const wrong = numbers.find((text) => !/^\d+$/.test(text) || Number(text) < 1 || Number(text) > most);
      if (wrong !== undefined)
        return `Write whole numbers from 1 to ${say(most)}: these pieces go no further.`;
      return new Set(numbers.map(Number)).size < numbers.length ? "Write each number once." : null;
    }),
  ),
  starts: { kind: "read-the-pieces", as: "blocks", numbers: ["34", "203", "1042"] },
  name: "Read the pieces",
  about: "A number is laid in pieces. The class reads it, then sees its digits and what they are worth.",
  fields: [
    {
      part: "as",
      label: "Numbers as",
      options: [
        { value: "blocks", label: "Blocks" },
        { value: "bundles", label: "Bundles" },
        { value: "discs", label: "Discs" },
        { value: "beads", label: "Beads" },
      ],
    },
    { part: "numbers", label: "Numbers, at most 6", numbers: { least: 1, most: MOST } },
  ],
  write({ as, numbers }) {
    const digits = (on: boolean): Move => ({ do: "cover-part", view: PLACE_VALUE, part: "digits", on });
    const all = numbers.map(Number);
    return {
      title: "Read the pieces",
      views: [view({ ...KINDS["place-value"].starts, as, digits: "covered" })],
      steps: all.flatMap((number): RecipeStep[] => {
        const { digit, worth } = digitWorth(number);
        return [
          asking("covered", [number], {
            title: "A number in pieces",
            question: "Which number do the pieces show?",
            answer: `${say(number)}: ${numberWords(String(number), "british")}`,
            beats: [[digits(true), focus(number)]],
          }),
          step(`It is ${say(number)}`, `What is the digit ${digit} worth in ${say(number)}?`, say(worth), [
            [digits(false)],
          ]),
        ];
      }),
    };
  },
});
