import { exact } from "../../number/exact";
import { NumberText } from "../../number/number-schema";
import { numberWords } from "../../number/number-words";
import { piecesOf } from "../../number/pieces";
import type { Pieces } from "../../number/place-value";
import { placeName } from "../../number/place-words";
import type { Move } from "../../scene/move";
import { KINDS } from "../../views/kinds";
import type { ViewId } from "../../views/view-id";
import * as z from "../../zod";
import { asking, focus, say, step, view } from "./parts";
import { makesStair, type RecipeStep, recipe } from "./recipe";

const MAX = 6;
/** Largest number shown in blocks, and in discs. */
const LARGEST = { blocks: 9_999, bundles: 999, discs: 9_999_999, beads: 9_999_999 } as const;

const Fields = z.object({
  kind: z.literal("read-the-pieces"),
  as: z.enum(["blocks", "bundles", "discs", "beads"]),
  numbers: z
    .array(NumberText(z))
    .check(z.minLength(1, `Write 1 to ${MAX} numbers.`), z.maxLength(MAX, `Write 1 to ${MAX} numbers.`)),
});
type Inputs = z.infer<typeof Fields>;

const PLACE_VALUE = "place-value" as ViewId;

/**
 * Asks what a digit of a number is worth. A digit that occurs once is chosen, if possible neither the first nor the
 * ones digit. If every digit is repeated, one is asked for by its place.
 */
function worthAsked(number: number): { question: string; worth: number } {
  const digits = piecesOf(exact(number))!.filter(({ count }) => count > 0);
  const once = digits.filter(({ count }) => digits.filter((other) => other.count === count).length === 1);
  const inner = (some: readonly Pieces[]) =>
    some.find(({ place }) => place > 0 && place !== digits[0]!.place);
  const digit = inner(once) ?? once.find(({ place }) => place > 0) ?? once[0];
  const { place, count } = digit ?? inner(digits) ?? digits[0]!;
  return {
    question: digit
      ? `What is the digit ${count} worth in ${say(number)}?`
      : `What is the ${placeName(place)} digit worth in ${say(number)}?`,
    worth: count * 10 ** place,
  };
}

/** Numbers as pieces alone; read, then seen in digits. */
export const readThePieces = recipe<Inputs>({
  kind: "read-the-pieces",
  schema: Fields.check(
    makesStair(({ as, numbers }: Inputs) => {
      const max = LARGEST[as];
      const wrong = numbers.find((text) => !/^\d+$/.test(text) || Number(text) < 1 || Number(text) > max);
      if (wrong !== undefined)
        return `Write whole numbers from 1 to ${say(max)}: these pieces go no further.`;
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
    { part: "numbers", label: "Numbers, at most 6", numbers: { min: 1, max: MAX } },
  ],
  write({ as, numbers }) {
    const digits = (on: boolean): Move => ({ do: "cover-part", view: PLACE_VALUE, part: "digits", on });
    const all = numbers.map(Number);
    return {
      title: "Read the pieces",
      views: [view({ ...KINDS["place-value"].starts, as, digits: "covered" })],
      steps: all.flatMap((number): RecipeStep[] => {
        const { question, worth } = worthAsked(number);
        return [
          asking("covered", [number], {
            title: "A number in pieces",
            question: "Which number do the pieces show?",
            answer: `${say(number)}: ${numberWords(String(number), "british")}`,
            beats: [[digits(true), focus(number)]],
          }),
          step(`It is ${say(number)}`, question, say(worth), [[digits(false)]]),
        ];
      }),
    };
  },
});
