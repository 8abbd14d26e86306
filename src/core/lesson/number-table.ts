import { landings } from "../count/trail";
import { exact, keyOf, type NumberKey } from "../number/exact";
import { readNumber } from "../number/read-number";
import type { Move } from "../scene/move";
import { inksAt, isCoveredAt, type Scene } from "../scene/scene";
import { INKS, type Ink, inksOf } from "../set/ink";
import { cellAt, isCellKey, numberOf, type Target } from "../surface/cell-key";
import { type ChartSettings, cellOf, MAX_PLACES, plainChart } from "../surface/chart";
import { kindOfView, type View } from "../views/view";
import { seenOf } from "./views-of";

/** A table of numbers, row by row; the first row names its columns. */
export type NumberTable = readonly (readonly string[])[];

/** The numbers of a view in order, where each stands, its marks, and whether it is covered. */
export function tableOfView(view: View, scene: Scene): NumberTable {
  const targets = kindOfView(view).lists(view, seenOf(view, scene));
  const rows = targets.map((target) => {
    const cell = placeOf(view, target);
    const number = numberOf(target);
    return [number, ...(cell ?? ["", ""]), ...stateOf(scene, target)];
  });
  return [["number", "row", "column", "marks", "covered"], ...rows];
}

function placeOf(view: View, target: Target): [string, string] | null {
  if (isCellKey(target)) {
    const { row, column } = cellAt(target);
    return [String(row), String(column)];
  }
  const cell = view.kind === "chart" ? cellOf(view, target) : null;
  return cell && [String(cell.row + 1), String(cell.column + 1)];
}

const stateOf = (scene: Scene, target: Target): [string, string] => [
  inksOf(inksAt(scene, target)).join(" "),
  isCoveredAt(scene, target) ? "yes" : "no",
];

/** The numbers of a trail in order, with the jump that led to each. */
export function tableOfTrail(scene: Scene): NumberTable {
  const { trail } = scene;
  const heads = ["jump", "by", "number", "marks", "covered"];
  if (!trail) return [heads];
  const stops: NumberKey[] = [trail.start, ...landings(trail).map((stop) => keyOf(stop))];
  return [
    heads,
    ...stops.map((number, i) => [
      String(i),
      i === 0 ? "" : trail.jumps[i - 1]!,
      number,
      ...stateOf(scene, number),
    ]),
  ];
}

/** A number of a table that was read, with the marks and the cover that stand beside it. */
export type ReadNumber = {
  readonly number: NumberKey;
  readonly marks: readonly Ink[];
  readonly covered: boolean;
};

/** What a table gives: its numbers in order, and what in it could not be read. */
export type TableRead = {
  readonly numbers: readonly ReadNumber[];
  /** Lines, from 1, with what stands there. */
  readonly wrong: readonly { readonly line: number; readonly text: string }[];
};

/** Most rows that are read of a table. */
export const MAX_TABLE_ROWS = 5_000;
/** Most lines that are told of. */
const MOST_WRONG = 5;
const YES = /^(yes|true|x|1|covered)$/i;

/**
 * Reads a table, or a column of numbers: the column named "number", or else the first that holds one. Columns named "marks" and
 * "covered" are read with it. Rows without anything are passed over.
 */
export function readTable(rows: NumberTable): TableRead {
  const filled = rows.slice(0, MAX_TABLE_ROWS).map((cells, i) => ({ cells, line: i + 1 }));
  const [first] = filled.filter(({ cells }) => cells.some((cell) => cell.trim() !== ""));
  if (!first) return { numbers: [], wrong: [] };
  const heads = first.cells.map((cell) => cell.trim().toLowerCase());
  const named = heads.indexOf("number");
  const isHead = named >= 0 || !first.cells.some((cell) => readNumber(cell).ok);
  const column =
    named >= 0
      ? named
      : Math.max(0, (filled.find(({ cells }) => cells.some(isNumber))?.cells ?? []).findIndex(isNumber));
  const [marks, covered] = [heads.indexOf("marks"), heads.indexOf("covered")];
  const numbers: ReadNumber[] = [];
  const wrong: { line: number; text: string }[] = [];
  for (const row of filled) {
    if ((isHead && row === first) || row.cells.every((cell) => cell.trim() === "")) continue;
    const text = row.cells[column]?.trim() ?? "";
    const read = readNumber(text);
    if (!read.ok) {
      if (wrong.length < MOST_WRONG) wrong.push({ line: row.line, text: text.slice(0, 40) });
      continue;
    }
    const inks = marks < 0 ? [] : (row.cells[marks] ?? "").toLowerCase().split(/[\s,;]+/);
    numbers.push({
      number: keyOf(read.value),
      marks: INKS.filter((ink) => inks.includes(ink)),
      covered: covered >= 0 && YES.test((row.cells[covered] ?? "").trim()),
    });
  }
  return { numbers, wrong };
}

const isNumber = (cell: string) => readNumber(cell).ok;

/** The numbers of a table as marks and covers: those it names, and one ink for those that it names none for. */
export function movesOfTable({ numbers }: TableRead, ink: Ink | null): Move[] {
  const among = (which: (one: ReadNumber) => boolean) => [
    ...new Set(numbers.filter(which).map(({ number }) => number)),
  ];
  const anyNamed = numbers.some(({ marks, covered }) => marks.length > 0 || covered);
  const marked = INKS.flatMap((one) => {
    const which = among(({ marks }) => marks.includes(one) || (!anyNamed && one === ink));
    return inParts(which).map((part): Move => ({ do: "mark", ink: one, numbers: part }));
  });
  const covered = inParts(among((one) => one.covered)).map((part): Move => ({ do: "cover", numbers: part }));
  return [...marked, ...covered];
}

/** A move names so many numbers at most. */
const inParts = (numbers: readonly NumberKey[]): NumberKey[][] =>
  Array.from({ length: Math.ceil(numbers.length / MAX_PLACES) }, (_, i) =>
    numbers.slice(i * MAX_PLACES, (i + 1) * MAX_PLACES),
  );

/** The chart whose numbers are those of a table, in rows of ten; null where they do not go up or down in equal parts. */
export function chartOfTable({ numbers }: TableRead): ChartSettings | null {
  const [first, second] = numbers;
  if (!first || !second || numbers.length > MAX_PLACES) return null;
  const difference = exact(second.number).sub(exact(first.number));
  if (difference.equals(0)) return null;
  const isNext = ({ number }: ReadNumber, i: number) =>
    i === 0 ||
    exact(number)
      .sub(exact(numbers[i - 1]!.number))
      .equals(difference);
  if (!numbers.every(isNext)) return null;
  const last = numbers.at(-1)!.number;
  return plainChart(first.number, keyOf(difference), Math.min(10, numbers.length), { by: "last", last });
}
