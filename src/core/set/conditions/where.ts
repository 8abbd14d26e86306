import { exact, keyOf, type NumberKey } from "../../number/exact";
import { NumberText } from "../../number/number-schema";
import { showNumber } from "../../number/show-number";
import type { Z } from "../../schema";
import { type Cell, latticeGrid } from "../lattice";
import { MAX_SQUARES, numberOn, Squares, squareOf, squareOfWhole } from "../squares";
import { condition, keepWhole, wholeText } from "./condition";
import { ofSquares } from "./of-squares";

const LANES = ["row", "column"] as const;
/** On a chart of up to this many rows or columns, all of them are candidates for a shading. */
const MAX_LANES = 20;

const range = (length: number): number[] => [...Array(length).keys()];

/** Where some numbers of a chart stand. */
function cellsOf(on: Squares, numbers: readonly NumberKey[]): Cell[] {
  const [whole, any] = [squareOfWhole(on), squareOf(on)];
  return numbers.flatMap((number) => (whole ? whole(Number(number)) : any(exact(number))) ?? []);
}

/**
 * A large chart has many rows, columns and slopes: only those of which at least half, or nothing, is shaded are
 * candidates.
 */
const isTelling = (shaded: number, all: number): boolean => shaded === 0 || 2 * shaded >= all;

/** A row or a column of a chart, counted from its top and from its left. */
export const lane = condition({
  kind: "lane",
  family: "squares",
  parts: (z: Z) => ({ lane: z.enum(LANES), nth: wholeText(z, 1, MAX_SQUARES), on: Squares(z) }),
  choices: LANES.map((which) => ({
    value: which,
    label: `in ${which}`,
    start: (old, on) => ({ lane: which, nth: keepWhole(old.nth, 1, 100, "1"), on }),
  })),
  fields: [{ part: "nth", label: "Which one", number: "required" }],
  asks: "number",
  ...ofSquares(
    ({ lane: which, nth }: { lane: "row" | "column"; nth: string; on: Squares }) => {
      const at = Number(nth) - 1;
      return (cell) => cell[which] === at;
    },
    ({ lane: which, nth, on }) => {
      const [at, { rows, columns }] = [Number(nth) - 1, latticeGrid(on)];
      return which === "row"
        ? range(columns).map((column) => ({ row: at, column }))
        : range(rows).map((row) => ({ row, column: at }));
    },
  ),
  noun: ({ lane: which, nth }) => `numbers in ${which} ${nth} of the chart`,
  verb: "are",
  predicate: ({ lane: which, nth }) => `in ${which} ${nth} of the chart`,
  short: ({ lane: which, nth }) => `${which} ${nth}`,
  weight: 6,
  *offers({ squares: on, all }) {
    if (!on) return;
    const [{ rows, columns }, cells] = [latticeGrid(on), cellsOf(on, all)];
    for (const which of LANES) {
      const [many, long] = which === "row" ? [rows, columns] : [columns, rows];
      const held = new Array<number>(many).fill(0);
      for (const cell of cells) held[cell[which]]! += 1;
      for (const [i, count] of held.entries())
        if (isTelling(count, long) || many <= MAX_LANES) yield { lane: which, nth: String(i + 1), on };
    }
  },
});

const WAYS = ["right", "left"] as const;

/** The squares of a chart on one slope, down to the right or down to the left, through a number of it. */
export const slope = condition({
  kind: "slope",
  family: "squares",
  parts: (z: Z) => ({ way: z.enum(WAYS), through: NumberText(z), on: Squares(z) }),
  choices: WAYS.map((way) => ({
    value: `slope-${way}`,
    label: `on the slope down to the ${way} through`,
    start: (old, on) => ({ way, through: typeof old.through === "string" ? old.through : on.first, on }),
  })),
  fields: [{ part: "through", label: "Through", number: "required" }],
  asks: "number",
  ...ofSquares(
    ({ way, through, on }: { way: "right" | "left"; through: string; on: Squares }) => {
      const [start, sign] = [squareOf(on)(exact(through)), way === "right" ? 1 : -1];
      if (!start) return () => false;
      return (cell) => cell.column - start.column === sign * (cell.row - start.row);
    },
    ({ way, through, on }) => {
      const [start, sign] = [squareOf(on)(exact(through)), way === "right" ? 1 : -1];
      if (!start) return [];
      return range(latticeGrid(on).rows).map((row) => ({
        row,
        column: start.column + sign * (row - start.row),
      }));
    },
  ),
  noun: (one) => `numbers ${slopeWords(one)}`,
  verb: "are",
  predicate: (one) => slopeWords(one),
  short: ({ way, through }) => `down ${way} through ${showNumber(through)}`,
  weight: 6,
  *offers({ squares: on, all }) {
    if (!on) return;
    const [{ rows, columns }, cells] = [latticeGrid(on), cellsOf(on, all)];
    for (const way of WAYS) {
      const sign = way === "right" ? 1 : -1;
      const held = new Map<number, number>();
      for (const cell of cells) {
        const slope = cell.column - sign * cell.row;
        held.set(slope, (held.get(slope) ?? 0) + 1);
      }
      for (const [slope, many] of held) {
        const cell = topOf(slope, sign, columns);
        const long = Math.min(rows - cell.row, sign > 0 ? columns - cell.column : cell.column + 1);
        const number = isTelling(many, long) ? numberOn(on, cell) : null;
        if (number) yield { way, through: keyOf(number), on };
      }
    }
  },
});

/** Where a slope begins: at the top of the chart, or at its side. */
function topOf(slope: number, sign: 1 | -1, columns: number): Cell {
  if (sign > 0) return slope >= 0 ? { row: 0, column: slope } : { row: -slope, column: 0 };
  return slope < columns ? { row: 0, column: slope } : { row: slope - columns + 1, column: columns - 1 };
}

const slopeWords = ({ way, through }: { way: string; through: string }) =>
  `on the slope down to the ${way} through ${showNumber(through)}`;

const EDGES = ["border", "corners"] as const;
const edgeWords = { border: "on the border of the chart", corners: "in a corner of the chart" } as const;

/** The border of a chart, or its four corners. */
export const edge = condition({
  kind: "edge",
  family: "squares",
  parts: (z: Z) => ({ edge: z.enum(EDGES), on: Squares(z) }),
  choices: EDGES.map((which) => ({
    value: which,
    label: edgeWords[which],
    start: (_, on) => ({ edge: which, on }),
  })),
  fields: [],
  asks: "number",
  ...ofSquares(
    ({ edge: which, on }: { edge: "border" | "corners"; on: Squares }) => {
      const { rows, columns } = latticeGrid(on);
      const min = which === "border" ? 1 : 2;
      return ({ row, column }) =>
        Number(row === 0 || row === rows - 1) + Number(column === 0 || column === columns - 1) >= min;
    },
    ({ edge: which, on }) => {
      const { rows, columns } = latticeGrid(on);
      const [sides, ends] = [range(rows), [0, columns - 1]];
      if (which === "corners") return [0, rows - 1].flatMap((row) => ends.map((column) => ({ row, column })));
      return sides.flatMap((row) =>
        (row === 0 || row === rows - 1 ? range(columns) : ends).map((column) => ({ row, column })),
      );
    },
  ),
  noun: ({ edge: which }) => `numbers ${edgeWords[which]}`,
  verb: "are",
  predicate: ({ edge: which }) => edgeWords[which],
  weight: 6,
  offers: ({ squares: on }) => (on ? EDGES.map((which) => ({ edge: which, on })) : []),
});
