import type { Z } from "../../schema";
import { type Cell, latticeGrid } from "../lattice";
import { Squares } from "../squares";
import { condition } from "./condition";
import { ofSquares } from "./of-squares";

const WHICH = ["rows", "columns", "squares"] as const;
const BEGINS = ["first", "second"] as const;
type Parts = { which: (typeof WHICH)[number]; begins: (typeof BEGINS)[number]; on: Squares };

const LABELS = {
  rows: "in every other row",
  columns: "in every other column",
  squares: "on every other square, down and across",
} as const;

/** How many rows, columns or steps a cell is away from the first. */
const AWAY = {
  rows: ({ row }: Cell) => row,
  columns: ({ column }: Cell) => column,
  squares: ({ row, column }: Cell) => row + column,
} as const;

const meets = ({ which, begins }: Parts) => {
  const [away, rest] = [AWAY[which], BEGINS.indexOf(begins)];
  return (cell: Cell) => away(cell) % 2 === rest;
};

const words = ({ which, begins }: Parts) => `${LABELS[which]}, from the ${begins}`;

/** Every other row or column of a chart, or every other square of it in both directions. */
export const alternate = condition({
  kind: "alternate",
  family: "squares",
  parts: (z: Z) => ({ which: z.enum(WHICH), begins: z.enum(BEGINS), on: Squares(z) }),
  choices: WHICH.map((which) => ({
    value: `every-other-${which}`,
    label: LABELS[which],
    start: ({ begins }, on) => ({ which, begins: BEGINS.find((one) => one === begins) ?? "first", on }),
  })),
  fields: [{ word: "from the" }, { part: "begins", label: "From which one", oneOf: BEGINS }],
  asks: "number",
  ...ofSquares(meets, (one: Parts) => {
    const { rows, columns } = latticeGrid(one.on);
    const every = Array.from({ length: rows * columns }, (_, i) => ({
      row: Math.floor(i / columns),
      column: i % columns,
    }));
    return every.filter(meets(one));
  }),
  noun: (one) => `numbers ${words(one)}`,
  verb: "are",
  predicate: words,
  short: ({ which }) => `every other ${which.slice(0, -1)}`,
  weight: 6,
  offers: ({ squares: on }) =>
    on ? WHICH.flatMap((which) => BEGINS.map((begins) => ({ which, begins, on }))) : [],
});
