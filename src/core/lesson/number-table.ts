import { landings } from "../count/trail";
import { exact, keyOf, type NumberKey } from "../number/exact";
import { asFractions, isFraction } from "../number/fraction-text";
import { type NumberRead, readNumber } from "../number/read-number";
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

/** A number read from a table, with the marks and the cover given beside it. */
export type ReadNumber = {
  readonly number: NumberKey;
  readonly marks: readonly Ink[];
  readonly covered: boolean;
};

/** The result of reading a table: its numbers in order, and what could not be read. */
export type TableRead = {
  readonly numbers: readonly ReadNumber[];
  /** Whether one of them was written as a fraction, and none as a decimal. */
  readonly fractions: boolean;
  /** The lines that could not be read, from 1, with their text; and what to do, if they can be read in several ways. */
  readonly wrong: readonly { readonly line: number; readonly text: string; readonly asks?: string }[];
};

/** Maximum number of rows read from a table. */
export const MAX_TABLE_ROWS = 5_000;
/** Maximum number of faulty lines listed in the message. */
const MAX_WRONG = 5;
const YES = /^(yes|true|x|1|covered)$/i;

/**
 * Text as a table: what a spreadsheet saves or copies, or numbers as people write them, below each other or in a row
 * (6, 12, 18 and 24). Commas inside a number stay with it, as in 1,000 and 0,5.
 * @param parse reads what a spreadsheet has written
 */
export function tableOfText(text: string, parse: (text: string) => NumberTable): NumberTable {
  const lines = text.trim().split(/\r?\n/);
  const cells = lines[0]!.split(",");
  const hasHead = cells.length > 1 && lines.length > 1 && !cells.some(isNumber);
  if (hasHead || /[\t;|"]/.test(text)) return parse(text.trim());
  return lines.slice(0, MAX_TABLE_ROWS).map(numbersOfLine);
}

const BETWEEN_NUMBERS = /,\s+|\s+and\s+|\s*&\s*/i;
/** One number or two? Ask whoever wrote it. */
const DOUBTFUL = /^\d+,\d+$/;
const GROUPS = /^\d{1,3}([,\s]\d{3}){2,}$/;
/** A group of digits that was split from its number. */
const LOOSE_GROUP = /^0\d/;

/** The texts of the numbers in a line. */
function numbersOfLine(line: string): string[] {
  const isWhole = (text: string) => isNumber(text) || DOUBTFUL.test(text) || GROUPS.test(text);
  if (isWhole(line.trim())) return [line];
  return line
    .split(BETWEEN_NUMBERS)
    .flatMap((part) => {
      const pieces = part.split(/[,\s]+/);
      return isWhole(part.trim()) || pieces.some((piece) => LOOSE_GROUP.test(piece)) ? [part] : pieces;
    })
    .filter((part) => part.trim() !== "");
}

/**
 * Reads a table of numbers. With names over its columns the one named "number" is read, or else the first that holds one, and
 * those named "marks" and "covered" with it; without names all of its numbers, row by row. What is empty is passed over, and so
 * are columns of words.
 */
export function readTable(rows: NumberTable): TableRead {
  const filled = rows
    .slice(0, MAX_TABLE_ROWS)
    .map((cells, i) => ({ cells, line: i + 1 }))
    .filter(({ cells }) => cells.some((cell) => cell.trim() !== ""));
  const [first] = filled;
  if (!first) return { numbers: [], fractions: false, wrong: [] };
  const heads = first.cells.map((cell) => cell.trim().toLowerCase());
  const named = heads.indexOf("number");
  const isHead = named >= 0 || !first.cells.some((cell) => /\d/.test(cell) || isNumber(cell));
  const [marks, covered] = isHead ? [heads.indexOf("marks"), heads.indexOf("covered")] : [-1, -1];
  const below = isHead ? filled.slice(1) : filled;
  const columns = isHead ? [named >= 0 ? named : firstOf(below)] : columnsOf(below);
  const numbers: ReadNumber[] = [];
  const texts: string[] = [];
  const wrong: { line: number; text: string; asks?: string }[] = [];
  for (const { cells, line } of below) {
    const inks = marks < 0 ? [] : (cells[marks] ?? "").toLowerCase().split(/[\s,;]+/);
    for (const column of columns) {
      const text = cells[column]?.trim() ?? "";
      // A row of several numbers may be short.
      if (text === "" && !isHead) continue;
      const read = readCell(text);
      if (read.ok) {
        texts.push(read.text);
        numbers.push({
          number: keyOf(read.value),
          marks: INKS.filter((ink) => inks.includes(ink)),
          covered: covered >= 0 && YES.test((cells[covered] ?? "").trim()),
        });
      } else if (wrong.length < MAX_WRONG)
        wrong.push({ line, text: text.slice(0, 40), ...(read.asks ? { asks: read.message } : {}) });
    }
  }
  const fractions = texts.some(isFraction) && !texts.some((text) => text.includes("."));
  return { numbers, fractions, wrong };
}

type Row = { readonly cells: readonly string[] };

/** The columns that hold a number; the first one, where none does. */
function columnsOf(rows: readonly Row[]): number[] {
  const widest = Math.max(...rows.map(({ cells }) => cells.length));
  const columns = Array.from({ length: widest }, (_, i) => i);
  const holding = columns.filter((i) => rows.some(({ cells }) => isNumber(cells[i] ?? "")));
  return holding.length > 0 ? holding : [0];
}

/** The column of the first number. */
const firstOf = (rows: readonly Row[]): number =>
  Math.max(0, rows.find(({ cells }) => cells.some(isNumber))?.cells.findIndex(isNumber) ?? 0);

/** The number in a cell. Several groups of digits may be several numbers. */
const readCell = (text: string): NumberRead =>
  GROUPS.test(text)
    ? {
        ok: false,
        asks: true,
        message: `Is “${text}” one number? Write its digits together. If it is several, write a comma and a space between them.`,
      }
    : readNumber(text);

const isNumber = (cell: string) => readNumber(cell).ok;

/** Turns the numbers of a table into marks and covers: the inks named there, or one given ink if none is named. */
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

/** Maximum number of numbers in one move. */
const inParts = (numbers: readonly NumberKey[]): NumberKey[][] =>
  Array.from({ length: Math.ceil(numbers.length / MAX_PLACES) }, (_, i) =>
    numbers.slice(i * MAX_PLACES, (i + 1) * MAX_PLACES),
  );

/**
 * The chart whose numbers are those of a table, in rows of ten, in fractions if they are written so; null where they do
 * not go up or down in equal parts.
 */
export function chartOfTable({ numbers, fractions }: TableRead): ChartSettings | null {
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
  const written = fractions ? asFractions : (number: NumberKey) => number;
  return plainChart(written(first.number), written(keyOf(difference)), Math.min(10, numbers.length), {
    by: "last",
    last,
  });
}
