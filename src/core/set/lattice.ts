import type { Z } from "../schema";

/** Where a cell stands as it is seen: its row from the top and its column from the left, both from 0. */
export type Cell = { row: number; column: number };

/**
 * How things are laid out in lanes: a lane is a row that runs across, or a column that runs down; rows follow each
 * other down the page, or up it; and every lane is read the same way, or back and forth like a path.
 */
export type Lattice = {
  readonly count: number;
  readonly columns: number;
  readonly run: "across" | "down";
  readonly climb: "down" | "up";
  readonly reads: "one-way" | "back-and-forth";
};

/** How many columns and rows a lattice has as it is seen. The last row, or column, may be short. */
export function latticeGrid({ count, columns, run }: Lattice): { columns: number; rows: number } {
  const rows = Math.ceil(count / columns);
  // Numbers that run down may leave the last columns without any.
  return { columns: run === "down" ? Math.ceil(count / rows) : columns, rows };
}

/** The cell of the thing at an index, 0 for the first; null where there is none. */
export function cellAtIndex(lattice: Lattice, index: number): Cell | null {
  if (index < 0 || index >= lattice.count) return null;
  const { columns, rows } = latticeGrid(lattice);
  const length = lattice.run === "down" ? rows : columns;
  const lane = Math.floor(index / length);
  const along = index % length;
  const seen = isTurned(lattice, lane) ? length - 1 - along : along;
  const [row, column] = lattice.run === "down" ? [seen, lane] : [lane, seen];
  return { row: lattice.climb === "up" ? rows - 1 - row : row, column };
}

/** The index of what stands at a cell; null outside the lattice and in the gap after a short last row. */
export function indexAtCell(lattice: Lattice, cell: Cell): number | null {
  const { columns, rows } = latticeGrid(lattice);
  if (cell.row < 0 || cell.column < 0 || cell.row >= rows || cell.column >= columns) return null;
  const row = lattice.climb === "up" ? rows - 1 - cell.row : cell.row;
  const [lane, seen, length] =
    lattice.run === "down" ? [cell.column, row, rows] : [row, cell.column, columns];
  const index = lane * length + (isTurned(lattice, lane) ? length - 1 - seen : seen);
  return index < lattice.count ? index : null;
}

/** Whether a lane is read in reverse. */
const isTurned = ({ reads }: Lattice, lane: number) => reads === "back-and-forth" && lane % 2 === 1;

/** The parts of a lattice in a lesson file. */
export const latticeWays = (z: Z) => ({
  run: z.enum(["across", "down"]),
  climb: z.enum(["down", "up"]),
  reads: z.enum(["one-way", "back-and-forth"]),
});
