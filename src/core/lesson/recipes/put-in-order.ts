import { decidingPlace } from "../../number/deciding";
import { exact } from "../../number/exact";
import { NumberText } from "../../number/number-schema";
import { placeKey, placeName } from "../../number/place-words";
import { showNumber } from "../../number/show-number";
import { KINDS } from "../../views/kinds";
import { MAX_ORDERED } from "../../views/kinds/order";
import type { ViewId } from "../../views/view-id";
import * as z from "../../zod";
import { step, view } from "./parts";
import { makesStair, recipe } from "./recipe";

const MESSAGE = `Write 3 to ${MAX_ORDERED} numbers.`;
const Fields = z.object({
  kind: z.literal("put-in-order"),
  numbers: z.array(NumberText(z)).check(z.minLength(3, MESSAGE), z.maxLength(MAX_ORDERED, MESSAGE)),
});
type Inputs = z.infer<typeof Fields>;

const ORDER = "order" as ViewId;

/** Which of the numbers stands where, the smallest first. */
const orderOf = (numbers: readonly string[]): number[] =>
  numbers.map((_, i) => i).sort((a, b) => exact(numbers[a]!).compare(exact(numbers[b]!)));

/** Three to six numbers: the smallest, the largest, the place that decides, and all in order. */
export const putInOrder = recipe<Inputs>({
  kind: "put-in-order",
  schema: Fields.check(
    makesStair(({ numbers }: Inputs) => {
      if (numbers.some((text) => exact(text).compare(0) < 0)) return "Write numbers that are not below 0.";
      const sorted = orderOf(numbers).map((i) => exact(numbers[i]!));
      if (sorted.some((number, i) => i > 0 && number.equals(sorted[i - 1]!)))
        return "Write each number once.";
      return sorted.some((number, i) => i > 0 && decidingPlace(sorted[i - 1]!, number) === null)
        ? "These numbers have too many digits to be compared by their places."
        : null;
    }),
  ),
  starts: { kind: "put-in-order", numbers: ["264", "246", "318", "204"] },
  name: "Put in order",
  about: "The smallest, the largest, the place that decides, and all numbers in order.",
  fields: [{ part: "numbers", label: `Numbers, 3 to ${MAX_ORDERED}`, numbers: { min: 3, max: MAX_ORDERED } }],
  write({ numbers }) {
    const order = orderOf(numbers);
    const sorted = order.map((i) => numbers[i]!);
    const [smallest, next] = [sorted[0]!, sorted[1]!];
    const [second, largest] = [sorted.at(-2)!, sorted.at(-1)!];
    const between = (a: string, b: string) => decidingPlace(exact(a), exact(b))!;
    const place = between(smallest, next);
    return {
      title: "Numbers in order",
      views: [view({ ...KINDS.order.starts, numbers: [...numbers] })],
      steps: [
        step(
          "The largest",
          "Which of these numbers is the largest? How do you know?",
          `${showNumber(largest)}: the ${placeName(between(second, largest))} decide, ${showNumber(second)} < ${showNumber(largest)}`,
        ),
        step(
          "The two smallest",
          `${showNumber(next)} and ${showNumber(smallest)} are the two smallest. Which place decides between them?`,
          `The ${placeName(place)}: ${showNumber(smallest)} < ${showNumber(next)}`,
        ),
        step(
          "In order",
          "Put the numbers in order, the smallest first.",
          sorted.map((text) => showNumber(text)).join(" < "),
          [[{ do: "compare-at", view: ORDER, place: placeKey(place) }]],
        ),
        step("Look", "", "", [
          [{ do: "compare-at", view: ORDER, place: null }],
          [{ do: "put-in-order", view: ORDER, order }],
        ]),
      ],
    };
  },
});
