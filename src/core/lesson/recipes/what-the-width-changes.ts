import { NumberText } from "../../number/number-schema";
import { readNumber } from "../../number/read-number";
import type { Move } from "../../scene/move";
import { plainChart } from "../../surface/chart";
import * as z from "../../zod";
import { markRule, multiplesOf, say, step, view } from "./parts";
import { makesStair, type RecipeStep, recipe, whole } from "./recipe";

const MOST = 5;
const WIDTHS = { least: 2, most: 15 } as const;
const MESSAGE = `Write 1 to ${MOST} whole numbers from ${WIDTHS.least} to ${WIDTHS.most}.`;

const Fields = z.object({
  kind: z.literal("what-the-width-changes"),
  of: whole(2, 15),
  widths: z.array(NumberText(z)).check(z.minLength(1, MESSAGE), z.maxLength(MOST, MESSAGE)),
});
type Inputs = z.infer<typeof Fields>;

const LAST = 60;
const BEGINS_WITH = 10;

/** How the multiples of a number lie on a chart with so many in each row. */
function pattern(of: number, width: number): string {
  const rest = width % of;
  if (rest === 0) return "Straight columns";
  const [left, right] = [rest, of - rest];
  if (left === right)
    return left === 1
      ? "Every other square, like a chequered board"
      : `A row down they move on by ${say(left)} squares`;
  const [by, side] = left < right ? [left, "left"] : [right, "right"];
  return by === 1
    ? `Slopes: a row down, one square to the ${side}`
    : `A row down they move ${say(by)} squares to the ${side}`;
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
        return Number.isInteger(value) && value >= WIDTHS.least && value <= WIDTHS.most;
      };
      return widths.every(good) ? null : MESSAGE;
    }),
  ),
  starts: { kind: "what-the-width-changes", of: 3, widths: ["9", "8", "7"] },
  name: "What the width changes",
  about: "The marks stay, the rows get another length. What will the pattern look like?",
  fields: [
    { part: "of", label: "Multiples of", whole: { least: 2, most: 15 } },
    { part: "widths", label: "In each row, at most 5 numbers", numbers: { least: 1, most: MOST } },
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
