import { type Exact, exact } from "../number/exact";
import { NumberText } from "../number/number-schema";
import { type Checked, schema } from "../schema";
import { type Cell, cellAtIndex, indexAtCell, latticeWays } from "./lattice";

/** Maximum number of squares on a chart, and in a row. */
export const MAX_SQUARES = 10_000;
export const MAX_WIDTH = 100;

/**
 * The squares of a chart: numbers from `first`, going up in `difference`, laid out in lanes. A rule about where numbers
 * stand holds them, so that it says the same wherever it is used.
 */
export const Squares = schema((z) =>
  z.object({
    first: NumberText(z),
    difference: NumberText(z).check(
      z.refine((text) => exact(text).n !== 0n, "A chart cannot go up in 0. Write another number."),
    ),
    columns: z.int().check(z.minimum(1), z.maximum(MAX_WIDTH)),
    count: z.int().check(z.minimum(1), z.maximum(MAX_SQUARES)),
    ...latticeWays(z),
  }),
);
export type Squares = Checked<typeof Squares>;

/** The squares of the numbers 1 to 100 in ten rows of ten. */
export const HUNDRED_SQUARES: Squares = {
  first: "1",
  difference: "1",
  columns: 10,
  count: 100,
  run: "across",
  climb: "down",
  reads: "one-way",
};

/** Where a number stands among the squares; null where it does not. */
export function squareOf(squares: Squares): (value: Exact) => Cell | null {
  const [first, difference] = [exact(squares.first), exact(squares.difference)];
  return (value) => {
    const steps = value.sub(first).div(difference);
    return steps.d === 1n && steps.s >= 0n ? cellAtIndex(squares, Number(steps.n)) : null;
  };
}

const cells = new WeakMap<Squares, readonly (Cell | null)[]>();

/** The cells of the squares in order. Worked out once. */
function cellsOf(squares: Squares): readonly (Cell | null)[] {
  const known = cells.get(squares);
  if (known) return known;
  const all = Array.from({ length: squares.count }, (_, index) => cellAtIndex(squares, index));
  cells.set(squares, all);
  return all;
}

/** A faster version for whole numbers: the finder asks for many. Null if the squares hold others. */
export function squareOfWhole(squares: Squares): ((number: number) => Cell | null) | null {
  const [first, difference] = [Number(squares.first), Number(squares.difference)];
  if (!Number.isInteger(first) || !Number.isInteger(difference)) return null;
  const all = cellsOf(squares);
  return (number) => all[(number - first) / difference] ?? null;
}

/** The whole numbers on some squares; null if the squares hold others. */
export function wholesOn(squares: Squares, some: readonly Cell[]): number[] | null {
  const [first, difference] = [Number(squares.first), Number(squares.difference)];
  if (!Number.isInteger(first) || !Number.isInteger(difference)) return null;
  return some.flatMap((cell) => {
    const index = indexAtCell(squares, cell);
    return index === null ? [] : [first + index * difference];
  });
}

/** The number at a square; null where none stands. */
export function numberOn(squares: Squares, cell: Cell): Exact | null {
  const index = indexAtCell(squares, cell);
  return index === null ? null : exact(squares.first).add(exact(squares.difference).mul(exact(index)));
}
