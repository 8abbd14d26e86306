import { indexAtCell, latticeGrid } from "../lattice";
import { MAX_SQUARES, type Squares } from "../squares";
import { MIRRORS, type Symmetry } from "./symmetry";

/** A chart as a picture: which of its squares are shaded. */
export type Picture = {
  readonly rows: number;
  readonly columns: number;
  /** Whether each square is shaded, row by row; null where the chart has no square. */
  readonly squares: readonly (boolean | null)[];
};

/** The picture of a chart with some of its numbers shaded, by their place in the chart, from 0. */
export function pictureOf(chart: Squares, isShaded: (index: number) => boolean): Picture {
  const { rows, columns } = latticeGrid(chart);
  const squares = Array.from({ length: rows * columns }, (_, at) => {
    const index = indexAtCell(chart, { row: Math.floor(at / columns), column: at % columns });
    return index === null ? null : isShaded(index);
  });
  return { rows, columns, squares };
}

type Turned = (row: number, column: number) => readonly [number, number];

export type Slide = Extract<Symmetry, { readonly kind: "slide" }>;
/** A mirror or a turn: it brings each square of the picture onto one of the picture. */
export type TurnOrMirror = Exclude<Symmetry, Slide>;

/** Where a mirror or a turn takes the square at a row and a column. A quarter turn is one to the right. */
export function turnedBy(
  symmetry: TurnOrMirror,
  { rows, columns }: Pick<Picture, "rows" | "columns">,
): Turned {
  const [lastRow, lastColumn] = [rows - 1, columns - 1];
  if (symmetry.kind === "turn")
    return symmetry.by === "half"
      ? (row, column) => [lastRow - row, lastColumn - column]
      : (row, column) => [column, lastRow - row];
  return {
    upright: (row: number, column: number) => [row, lastColumn - column] as const,
    level: (row: number, column: number) => [lastRow - row, column] as const,
    "down-right": (row: number, column: number) => [column, row] as const,
    "down-left": (row: number, column: number) => [lastColumn - column, lastRow - row] as const,
  }[symmetry.line];
}

/** Whether each square matches the one that it is mapped to. Squares mapped outside are ignored if `open`. */
function isLike({ rows, columns, squares }: Picture, turned: Turned, open = false): boolean {
  for (let row = 0; row < rows; row += 1) {
    for (let column = 0; column < columns; column += 1) {
      const [r, c] = turned(row, column);
      const there = r >= 0 && c >= 0 && r < rows && c < columns ? squares[r * columns + c]! : null;
      const here = squares[row * columns + column]!;
      if (open && (here === null || there === null)) continue;
      if (here !== there) return false;
    }
  }
  return true;
}

/**
 * The mirrors and turns that leave a picture unchanged. A quarter turn, and the diagonal mirrors, need as many rows as
 * columns.
 */
function turnsOf(picture: Picture): Symmetry[] {
  const isSquare = picture.rows === picture.columns;
  const leaves = (symmetry: TurnOrMirror) => isLike(picture, turnedBy(symmetry, picture));
  const mirrors: TurnOrMirror[] = MIRRORS.map((line) => ({ kind: "mirror", line }));
  const found = mirrors.filter((one, i) => (isSquare || i < 2) && leaves(one));
  const [half, quarter]: TurnOrMirror[] = [
    { kind: "turn", by: "half" },
    { kind: "turn", by: "quarter" },
  ];
  if (leaves(half!)) found.push(isSquare && leaves(quarter!) ? quarter! : half!);
  return found;
}

/**
 * The shortest slides that leave a picture unchanged where it overlaps itself, at most two, in different directions. A
 * slide goes by at most half of the picture, and maps at least half of the shaded squares to others.
 */
function slidesOf(picture: Picture): Symmetry[] {
  const { rows, columns, squares } = picture;
  if (squares.length > MAX_SQUARES || !squares.includes(true) || !squares.includes(false)) return [];
  const shifts: { down: number; right: number }[] = [];
  const [max, wide] = [Math.floor(rows / 2), Math.floor(columns / 2)];
  for (let down = 0; down <= max; down += 1)
    for (let right = -wide; right <= wide; right += 1)
      if (down > 0 || right > 0) shifts.push({ down, right });
  shifts.sort((a, b) => a.down ** 2 + a.right ** 2 - (b.down ** 2 + b.right ** 2));
  const found: { down: number; right: number }[] = [];
  for (const shift of shifts) {
    const { down, right } = shift;
    if (found[0] && found[0].down * right === found[0].right * down) continue;
    if (!meetsItself(picture, down, right)) continue;
    if (isLike(picture, (row, column) => [row + down, column + right], true)) found.push(shift);
    if (found.length === 2) break;
  }
  return found.map((shift) => ({ kind: "slide", ...shift }));
}

/** Whether at least half of the shaded squares are mapped to another shaded one. */
function meetsItself({ rows, columns, squares }: Picture, down: number, right: number): boolean {
  let [shaded, met] = [0, 0];
  for (const [at, is] of squares.entries()) {
    if (!is) continue;
    const [row, column] = [Math.floor(at / columns) + down, (at % columns) + right];
    shaded += 1;
    if (row < rows && column >= 0 && column < columns && squares[row * columns + column]) met += 1;
  }
  return 2 * met >= shaded;
}

/** All symmetries of a picture: mirrors, turns and slides. An empty or completely shaded one has none worth naming. */
export function symmetriesOf(picture: Picture): Symmetry[] {
  if (!picture.squares.includes(true) || !picture.squares.includes(false)) return [];
  return [...turnsOf(picture), ...slidesOf(picture)];
}

/**
 * How many differences larger a number is that stands a given number of rows below another and columns to its right;
 * null on a chart that is read back and forth, where it varies.
 */
export function indexStep(chart: Squares, down: number, right: number): number | null {
  if (chart.reads === "back-and-forth") return null;
  const { rows, columns } = latticeGrid(chart);
  const [below, beside] = chart.run === "down" ? [1, rows] : [columns, 1];
  return (chart.climb === "up" ? -down : down) * below + right * beside;
}
