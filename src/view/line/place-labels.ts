import { type Exact, exact, keyOf, type NumberKey } from "@/core/number/exact";
import type { Written } from "@/core/number/fraction-text";
import type { CellState } from "@/core/scene/cell-state";
import type { LineMarks } from "@/core/scene/line-marks";
import type { Span } from "@/core/surface/line";
import { round } from "../round";
import { type Flag, isSeen } from "./flag";
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
  /** Whether a label in the second row has a leader line from its place. */
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
  /** The distance of a label's middle from the line, in pixels. */
  off: number;
  /** The numbers of a strip stand below its cells. */
  below: boolean;
  written: (number: NumberKey) => Written;
  sizeOf: (written: Written) => { width: number; height: number };
};

type Number = { key: NumberKey; value: Exact };
type Row = 0 | 1;
/** The text and position of a label: computed once, however often room is looked for. */
type Measured = { written: Written; width: number; height: number; middle: Point; foot: Point };

/** What was measured on a line; for as long as it stays the same. */
const measuredOn = new WeakMap<BareLine, Map<NumberKey, Measured>>();

/** Creates the labels of a line: their positions in the first row and in the second, if there is room for one. */
function labelMaker(line: BareLine, marks: LineMarks) {
  const { shape, span, geometry, placing, widest, tallest } = line;
  const at = (value: Exact) => geometry.point(placing.partOf(value), -line.off);
  const second = shape === "upright" ? { x: -(widest + 10), y: 0 } : { x: 0, y: tallest + 8 };
  const hasSecond =
    shape === "flat"
      ? at(span.from).y + second.y + tallest / 2 <= line.room.height
      : shape === "upright" && at(span.from).x + second.x > widest / 2;
  const known = measuredOn.get(line) ?? new Map<NumberKey, Measured>();
  measuredOn.set(line, known);
  const measure = ({ key, value }: Number): Measured => {
    const was = known.get(key);
    if (was) return was;
    const written = line.written(key);
    const part = placing.partOf(value);
    const measured = {
      written,
      ...line.sizeOf(written),
      middle: geometry.point(part, -line.off),
      foot: geometry.point(part, 0),
    };
    known.set(key, measured);
    return measured;
  };
  const make = (number: Number, bold: boolean, row: Row): Label => {
    const { key } = number;
    const { written, width, height, middle, foot } = measure(number);
    const [x, y] = row === 0 ? [middle.x, middle.y] : [middle.x + second.x, middle.y + second.y];
    const led = row === 0 ? null : foot;
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
  /** How far along the line a number stands for which a label was made. */
  const placeOf = (key: NumberKey) => known.get(key)!.foot.x;
  return { make, hasSecond, placeOf };
}

/** Labels without overlaps, added one after the other; the first one keeps its place. */
class Labels {
  readonly list: Label[] = [];
  readonly taken = new Set<NumberKey>();
  readonly hasSecond: boolean;
  private readonly make: (number: Number, bold: boolean, row: Row) => Label;
  private readonly placeOf: (key: NumberKey) => number;
  private readonly clear: number;
  /** How often the list has changed, and its count when a number under discussion last found no room. */
  private changes = 0;
  private readonly failed = new Map<NumberKey, number>();

  constructor(
    private readonly line: BareLine,
    private readonly marks: LineMarks,
  ) {
    ({ make: this.make, hasSecond: this.hasSecond, placeOf: this.placeOf } = labelMaker(line, marks));
    this.clear = line.numeral * 0.2;
  }

  /** The two ends of a ring are one place; its first number stands there. */
  closes(key: NumberKey): boolean {
    return this.line.shape === "ring" && key === keyOf(this.line.span.to) && this.marks.focus !== key;
  }

  /**
   * @param talkedOf a number under discussion may stand in the second row, or a little beside its place
   */
  add(number: Number, talkedOf: boolean): void {
    const { key } = number;
    if (this.taken.has(key) || this.closes(key)) return;
    // If it found no room before and nothing has changed since, it finds none now.
    if (talkedOf && this.failed.get(key) === this.changes) return;
    const rows: readonly Row[] = talkedOf && this.hasSecond ? [0, 1] : [0];
    const places = rows.map((row) => this.make(number, talkedOf || this.standsOut(number.value), row));
    const fits = (label: Label) => this.fits(label);
    const label = places.find(fits) ?? (talkedOf ? this.beside(places[0]!) : undefined);
    if (!label) {
      if (talkedOf) this.failed.set(key, this.changes);
      return;
    }
    this.changes += 1;
    this.list.push(label);
    this.taken.add(key);
  }

  /** Adds a number under discussion; labels from an index on give way if they may. */
  addBefore(number: Number, kept: number, mayGo: (key: NumberKey) => boolean): void {
    this.add(number, true);
    if (this.taken.has(number.key)) return;
    const wanted = this.make(number, true, 0);
    const gone = this.list.filter(
      (label, i) => i >= kept && mayGo(label.key) && lieOnEachOther(label, wanted, this.clear),
    );
    for (const label of gone) {
      this.changes += 1;
      this.list.splice(this.list.indexOf(label), 1);
      this.taken.delete(label.key);
    }
    this.add(number, true);
  }

  private fits(label: Label): boolean {
    return (this.line.shape === "strip" && !this.line.below) || this.isFree(label.x, label);
  }

  /** Whether a label, its middle moved, overlaps no other; in a row along a flat line it passes none either. */
  private isFree(x: number, { key, y, width, height }: Label): boolean {
    const isFlat = this.line.shape === "flat";
    return this.list.every((other) => {
      if (Math.abs(other.y - y) >= (other.height + height) / 2) return true;
      if (Math.abs(other.x - x) < (other.width + width) / 2 + this.clear) return false;
      return !isFlat || other.x < x === this.placeOf(other.key) < this.placeOf(key);
    });
  }

  /** The quarters of a ring. */
  private standsOut(value: Exact): boolean {
    const { shape, span } = this.line;
    return shape === "ring" && value.sub(span.from).div(span.to.sub(span.from).div(4)).d === 1n;
  }

  /** A label moved along a flat line as little as necessary to clear the others; null if it finds no room. */
  private beside(label: Label): Label | undefined {
    const { shape, room, geometry, placing } = this.line;
    if (shape !== "flat") return undefined;
    let found: number | null = null;
    for (const other of this.list) {
      if (Math.abs(other.y - label.y) >= (other.height + label.height) / 2) continue;
      const apart = (other.width + label.width) / 2 + this.clear + 0.1;
      const max = label.width * 1.5;
      if (Math.abs(other.x - label.x) > apart + max) continue;
      for (const x of [other.x - apart, other.x + apart]) {
        const far = Math.abs(x - label.x);
        if (far > max || (found !== null && far >= Math.abs(found - label.x))) continue;
        if (x <= label.width / 2 || x >= room.width - label.width / 2) continue;
        if (this.isFree(round(x), label)) found = x;
      }
    }
    if (found === null) return undefined;
    return { ...label, x: round(found), led: geometry.point(placing.partOf(exact(label.key)), 0) };
  }
}

/**
 * The labels that fit on a line, and the numbers shown only as a flag. Numbers under discussion come first: the ends of
 * a trail, its landings and its benchmarks get their labels before any tick does. If there is a second row, only those
 * of the line's own labels give way that do not fit there.
 * @param own numbers that the line labels by itself
 */
export function placeLabels(line: BareLine, marks: LineMarks, own: readonly Exact[]) {
  const labels = new Labels(line, marks);
  const rankOf = (key: NumberKey) => marks.ranks[key] ?? 0;
  const special = Object.keys(marks.ranks)
    .map((key) => ({ key, value: exact(key) }))
    .sort((a, b) => rankOf(b.key) - rankOf(a.key) || a.value.compare(b.value));
  const ownNumbers = own.map((value) => ({ value, key: keyOf(value) }));
  const isOwn = new Set(ownNumbers.map(({ key }) => key));
  const talkedOf = apart(
    special.filter(({ key }) => rankOf(key) >= 2),
    line,
    ({ key }) => rankOf(key) > 2 || isOwn.has(key),
  );
  if (labels.hasSecond) {
    for (const number of talkedOf) if (isOwn.has(number.key)) labels.add(number, true);
    const kept = labels.list.length;
    for (const number of ownNumbers) labels.add(number, false);
    for (const number of talkedOf) labels.addBefore(number, kept, (key) => rankOf(key) < 2);
  }
  for (const number of talkedOf) labels.add(number, true);
  for (const number of ownNumbers) labels.add(number, false);
  for (const number of special) if (rankOf(number.key) < 2) labels.add(number, true);
  const left = special.flatMap(({ key, value }) => {
    const state = marks.states[key] ?? 0;
    // In a strip, marks are seen in the cell.
    const isThere = labels.taken.has(key) || labels.closes(key) || line.shape === "strip";
    return isThere ? [] : [{ key, state, at: line.geometry.point(line.placing.partOf(value), 0) }];
  });
  return { labels: labels.list, flags: apartFrom(left.filter(isSeen)) };
}

/** Landings closer than this, in pixels: where one has no room for its label, the next one has none either. */
const MIN_LANDINGS_APART = 4;

/** Numbers in order without those that stand close after another one, but for some that stay. */
function apart(numbers: readonly Number[], line: BareLine, stays: (number: Number) => boolean): Number[] {
  let last: Point | null = null;
  return numbers.filter((number) => {
    if (stays(number)) return true;
    const at = line.geometry.point(line.placing.partOf(number.value), 0);
    if (last && Math.hypot(at.x - last.x, at.y - last.y) < MIN_LANDINGS_APART) return false;
    last = at;
    return true;
  });
}

/** Flags closer than this, in pixels, cannot be told apart. */
export const MIN_FLAGS_APART = 2.5;

/** Only flags that can be told apart: of several alike that stand closer, the first one says it. */
function apartFrom(flags: readonly Flag[]): Flag[] {
  const last = new Map<CellState, Point>();
  return flags
    .toSorted((a, b) => a.at.x - b.at.x || a.at.y - b.at.y)
    .filter(({ state, at }) => {
      const before = last.get(state);
      if (before && Math.hypot(at.x - before.x, at.y - before.y) < MIN_FLAGS_APART) return false;
      last.set(state, at);
      return true;
    });
}

const lieOnEachOther = (a: Label, b: Label, clear: number) =>
  Math.abs(a.x - b.x) < (a.width + b.width) / 2 + clear && Math.abs(a.y - b.y) < (a.height + b.height) / 2;
