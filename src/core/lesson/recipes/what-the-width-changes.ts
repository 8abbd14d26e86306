import { NumberText } from "../../number/number-schema";
import { readNumber } from "../../number/read-number";
import type { Move } from "../../scene/move";
import { plainChart } from "../../surface/chart";
import * as z from "../../zod";
import { markRule, multiplesOf, range, say, step, view } from "./parts";
import { makesStair, type RecipeStep, recipe, whole } from "./recipe";

const MAX = 5;
const WIDTHS = { min: 2, max: 15 } as const;
const MESSAGE = `Write 1 to ${MAX} whole numbers from ${WIDTHS.min} to ${WIDTHS.max}.`;

const Fields = z.object({
  kind: z.literal("what-the-width-changes"),
  of: whole(2, 15),
  widths: z.array(NumberText(z)).check(z.minLength(1, MESSAGE), z.maxLength(MAX, MESSAGE)),
});
type Inputs = z.infer<typeof Fields>;

const LAST = 60;
const BEGINS_WITH = 10;

/** From a multiple of a number to another one: so many rows down, and so many squares to the right; below 0, to the left. */
type Shift = { rows: number; squares: number };

/** Whether a shift leads from a multiple to another one somewhere on the chart. */
const isOnChart = (of: number, width: number, { rows, squares }: Shift): boolean =>
  range(1, Math.floor(LAST / of)).some((nth) => {
    const column = ((nth * of - 1) % width) + squares;
    return column >= 0 && column < width && nth * of + rows * width + squares <= LAST;
  });

/**
 * The shifts between multiples on a chart with rows of a given length, those of one row down first, then the shortest.
 */
function shiftsOf(of: number, width: number): Shift[] {
  const long = ({ rows, squares }: Shift) => (rows === 1 ? 0 : rows * 100) + Math.abs(squares);
  return range(1, of)
    .flatMap((rows) => {
      const rest = (rows * width) % of;
      return (rest === 0 ? [0] : [-rest, of - rest]).map((squares) => ({ rows, squares }));
    })
    .filter((shift) => isOnChart(of, width, shift))
    .sort((a, b) => long(a) - long(b));
}

const ORDINALS = ["", "", "second", "third", "fourth", "fifth", "sixth", "seventh"];

/** How the multiples of a number lie on a chart with rows of a given length. */
function pattern(of: number, width: number): string {
  if (of % width === 0)
    return of === width ? "One straight column" : `One straight column, in every ${ORDINALS[of / width]} row`;
  const [{ rows, squares }, other] = shiftsOf(of, width) as [Shift, Shift?];
  if (squares === 0) return "Straight columns";
  const by = Math.abs(squares);
  const far = by === 1 ? "one square" : `${say(by)} squares`;
  const side = squares < 0 ? "left" : "right";
  if (rows > 1) return `${say(rows)} rows down they move ${far} to the ${side}`;
  if (other?.rows === 1 && other.squares === -squares)
    return by === 1 ? "Every other square, like a chequered board" : `A row down they move on by ${far}`;
  return by === 1
    ? `Slopes: a row down, one square to the ${side}`
    : `A row down they move ${far} to the ${side}`;
}

const chart = (columns: number) => view(plainChart("1", "1", columns, { by: "last", last: String(LAST) }));

/** The same marks on charts of other widths. */
export const whatTheWidthChanges = recipe<Inputs>({
  kind: "what-the-width-changes",
  schema: Fields.check(
    makesStair(({ widths }: Inputs) => {
      const good = (text: string) => {
        const read = readNumber(text);
        const value = read.ok ? Number(read.value.valueOf()) : 0;
        return Number.isInteger(value) && value >= WIDTHS.min && value <= WIDTHS.max;
      };
      return widths.every(good) ? null : MESSAGE;
    }),
  ),
  starts: { kind: "what-the-width-changes", of: 3, widths: ["9", "8", "7"] },
  name: "What the width changes",
  about: "The marks stay; the rows change length. What will the pattern look like?",
  fields: [
    { part: "of", label: "Multiples of", whole: { min: 2, max: 15 } },
    { part: "widths", label: "In each row, at most 5 numbers", numbers: { min: 1, max: MAX } },
  ],
  write({ of, widths }) {
    const set = (columns: number): Move => ({ do: "set", setting: { of: "view", is: chart(columns) } });
    const wide = widths.map(Number);
    const asks = wide.map(
      (width, i): RecipeStep => ({
        title: `${say(width)} in each row`,
        question: `Now ${say(width)} numbers in each row. What will the pattern look like?`,
        answer: pattern(of, width),
        beats: i === 0 ? [] : [[set(wide[i - 1]!)]],
      }),
    );
    return {
      title: `Multiples of ${say(of)} in other rows`,
      views: [chart(BEGINS_WITH)],
      steps: [
        step(
          `${BEGINS_WITH} in each row`,
          `The multiples of ${say(of)} are marked. What pattern do they make?`,
          pattern(of, BEGINS_WITH),
          [[markRule("plum", multiplesOf(of))]],
        ),
        ...asks,
        step("Look", "", "", [[set(wide.at(-1)!)]]),
      ],
    };
  },
});
