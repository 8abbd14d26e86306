import { type Exact, exact, keyOf, type NumberKey } from "@/core/number/exact";
import type { Written } from "@/core/number/fraction-text";
import type { CellState } from "@/core/scene/cell-state";
import type { LineMarks } from "@/core/scene/line-marks";
import type { Span } from "@/core/surface/line";
import { round } from "../round";
import type { LineGeometry, LineShape, Placing, Point } from "./line-geometry";

export type Label = {
  key: NumberKey;
  written: Written;
  /** The middle of the label, and its size. */
  x: number;
  y: number;
  width: number;
  height: number;
  state: CellState;
  bold: boolean;
  /** A label in the second row is led to from its place on the line. */
  led: Point | null;
};

/** A line laid out in its room, before any number stands at it. */
export type BareLine = {
  shape: LineShape;
  span: Span;
  geometry: LineGeometry;
  placing: Placing;
  room: { width: number; height: number };
  numeral: number;
  widest: number;
  tallest: number;
  /** How far the middle of a label stands from the line, in pixels. */
  off: number;
  write: (value: Exact) => Written;
  sizeOf: (written: Written) => { width: number; height: number };
};

type Number = { key: NumberKey; value: Exact };
type Row = 0 | 1;

/** How labels of a line are made: where they stand in the first row and in the second, if there is room for one. */
function labelMaker(line: BareLine, marks: LineMarks) {
  const { shape, span, geometry, placing, widest, tallest } = line;
  const at = (value: Exact) => geometry.point(placing.partOf(value), -line.off);
  const second = shape === "upright" ? { x: -(widest + 10), y: 0 } : { x: 0, y: tallest + 8 };
  const hasSecond =
    shape === "flat"
      ? at(span.from).y + second.y + tallest / 2 <= line.room.height
      : shape === "upright" && at(span.from).x + second.x > widest / 2;
  const make = ({ key, value }: Number, bold: boolean, row: Row): Label => {
    const written = line.write(value);
    const { width, height } = line.sizeOf(written);
    const middle = at(value);
    const [x, y] = row === 0 ? [middle.x, middle.y] : [middle.x + second.x, middle.y + second.y];
    const led = row === 0 ? null : geometry.point(placing.partOf(value), 0);
    return {
      key,
      written,
      x: round(x),
      y: round(y),
      width,
      height,
      state: marks.states[key] ?? 0,
      bold,
      led,
    };
  };
  return { make, hasSecond };
}

/** Labels that do not lie on each other, added one after the other; the first to come has the place. */
class Labels {
  readonly list: Label[] = [];
  readonly taken = new Set<NumberKey>();
  readonly hasSecond: boolean;
  private readonly make: (number: Number, bold: boolean, row: Row) => Label;
  private readonly clear: number;

  constructor(
    private readonly line: BareLine,
    private readonly marks: LineMarks,
  ) {
    ({ make: this.make, hasSecond: this.hasSecond } = labelMaker(line, marks));
    this.clear = line.numeral * 0.2;
  }

  /** The two ends of a ring are one place; its first number stands there. */
  closes(key: NumberKey): boolean {
    return this.line.shape === "ring" && key === keyOf(this.line.span.to) && this.marks.focus !== key;
  }

  /** @param talkedOf a number that is spoken of may stand in the second row, or a little beside its place */
  add(number: Number, talkedOf: boolean): void {
    if (this.taken.has(number.key) || this.closes(number.key)) return;
    const rows: readonly Row[] = talkedOf && this.hasSecond ? [0, 1] : [0];
    const places = rows.map((row) => this.make(number, talkedOf || this.standsOut(number.value), row));
    const fits = (label: Label) => this.fits(label);
    const label = places.find(fits) ?? (talkedOf ? this.beside(places[0]!).find(fits) : undefined);
    if (!label) return;
    this.list.push(label);
    this.taken.add(number.key);
  }

  /** Adds a number that is spoken of; of the labels from a place in the list on, those give way that may. */
  addBefore(number: Number, kept: number, mayGo: (key: NumberKey) => boolean): void {
    this.add(number, true);
    if (this.taken.has(number.key)) return;
    const wanted = this.make(number, true, 0);
    const gone = this.list.filter(
      (label, i) => i >= kept && mayGo(label.key) && lieOnEachOther(label, wanted, this.clear),
    );
    for (const label of gone) {
      this.list.splice(this.list.indexOf(label), 1);
      this.taken.delete(label.key);
    }
    this.add(number, true);
  }

  private fits(label: Label): boolean {
    if (this.line.shape === "strip") return true;
    return this.list.every((other) => !lieOnEachOther(other, label, this.clear));
  }

  /** The quarters of a ring. */
  private standsOut(value: Exact): boolean {
    const { shape, span } = this.line;
    return shape === "ring" && value.sub(span.from).div(span.to.sub(span.from).div(4)).d === 1n;
  }

  /** Where a label would lie beside another one, moved along a flat line as little as it has to be. */
  private beside(label: Label): Label[] {
    const { shape, room, geometry, placing } = this.line;
    if (shape !== "flat") return [];
    const led = geometry.point(placing.partOf(exact(label.key)), 0);
    return this.list
      .filter((other) => Math.abs(other.y - label.y) < (other.height + label.height) / 2)
      .flatMap((other) =>
        [-1, 1].map((side) => other.x + side * ((other.width + label.width) / 2 + this.clear + 0.1)),
      )
      .filter((x) => Math.abs(x - label.x) <= label.width * 1.5)
      .filter((x) => x > label.width / 2 && x < room.width - label.width / 2)
      .sort((a, b) => Math.abs(a - label.x) - Math.abs(b - label.x))
      .map((x) => ({ ...label, x: round(x), led }));
  }
}

/**
 * The labels that a line has room for, and the numbers that are seen only as a flag.
 * What is talked about comes first: the ends of a trail, its landings and its benchmarks keep their labels before any
 * tick does. Where there is a second row, only those of the line's own labels give way that it has no room for.
 * @param own numbers that the line labels by itself
 */
export function placeLabels(line: BareLine, marks: LineMarks, own: readonly Exact[]) {
  const labels = new Labels(line, marks);
  const rankOf = (key: NumberKey) => marks.ranks[key] ?? 0;
  const special = Object.keys(marks.ranks)
    .map((key) => ({ key, value: exact(key) }))
    .sort((a, b) => rankOf(b.key) - rankOf(a.key) || a.value.compare(b.value));
  const ownNumbers = own.map((value) => ({ value, key: keyOf(value) }));
  const talkedOf = special.filter(({ key }) => rankOf(key) >= 2);
  if (labels.hasSecond) {
    const isOwn = new Set(ownNumbers.map(({ key }) => key));
    for (const number of talkedOf) if (isOwn.has(number.key)) labels.add(number, true);
    const kept = labels.list.length;
    for (const number of ownNumbers) labels.add(number, false);
    for (const number of talkedOf) labels.addBefore(number, kept, (key) => rankOf(key) < 2);
  }
  for (const number of talkedOf) labels.add(number, true);
  for (const number of ownNumbers) labels.add(number, false);
  for (const number of special) if (rankOf(number.key) < 2) labels.add(number, true);
  const flags = special.flatMap(({ key, value }) => {
    const state = marks.states[key] ?? 0;
    const isSeen = labels.taken.has(key) || labels.closes(key) || state === 0;
    return isSeen ? [] : [{ key, state, at: line.geometry.point(line.placing.partOf(value), 0) }];
  });
  return { labels: labels.list, flags };
}

const lieOnEachOther = (a: Label, b: Label, clear: number) =>
  Math.abs(a.x - b.x) < (a.width + b.width) / 2 + clear && Math.abs(a.y - b.y) < (a.height + b.height) / 2;
