import { type Exact, exact, keyOf, type NumberKey } from "@/core/number/exact";
import { type Written, writeNumber, writtenText } from "@/core/number/fraction-text";
import type { CellState } from "@/core/scene/cell-state";
import type { LineMarks } from "@/core/scene/line-marks";
import type { AnyLine, Span } from "@/core/surface/line";
import { labelledIn, labelStride, type Scale, scaleOf } from "@/core/surface/line-scale";
import type { FaceLayout } from "../chart/chart-layout";
import { round } from "../round";
import { labelSize, MAX_MEASURED, MIN_NUMERAL } from "./label-size";
import { labelled, putOn } from "./labelled-numbers";
import {
  cellPlacing,
  evenPlacing,
  type LineGeometry,
  layGeometry,
  openPlacing,
  type Placing,
  type Point,
  shapeOf,
} from "./line-geometry";
import { tickPaths } from "./tick-paths";

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

type Room = { width: number; height: number };

export type LineLayout = {
  geometry: LineGeometry;
  widest: number;
  tallest: number;
  placing: Placing;
  span: Span;
  scale: Scale;
  /** The size of numerals, and of a label that holds one. */
  numeral: number;
  face: FaceLayout;
  heavy: number;
  ticks: { small: string; large: string };
  labels: readonly Label[];
  /** The tick or cell a label of its own has no room at: drawn as small figures on the line. */
  flags: readonly { key: NumberKey; state: CellState; at: Point }[];
  /** How wide one cell of a number track is. */
  cell: number;
  unit: string;
  room: Room;
  /** A number of the line as text, in the line's form. */
  write: (number: NumberKey) => string;
  written: (number: NumberKey) => Written;
};

/** Numerals are made smaller, down to these sizes, before a label is left out. */
const MIN_SIZE = { plain: 22, strong: 28 };

/** Round a circle labels lie in little room; there smaller ones are better than every second one. */
const smallestOf = (line: AnyLine, strong: boolean) =>
  shapeOf(line) === "ring" ? (strong ? 20 : 15) : strong ? MIN_SIZE.strong : MIN_SIZE.plain;

/** What stays as it is while a line moves: how large its numerals are, and how much room its labels have. */
type Frame = Pick<LineLayout, "numeral"> & { widest: number; tallest: number };

/**
 * Lays a span of a line out in its room, with the labels that there is room for.
 * @param frame of the line at rest, while it moves: so its ends and its numerals stay where and as they are
 */
export function layOutLine(
  line: AnyLine,
  span: Span,
  marks: LineMarks,
  room: Room,
  strong: boolean,
  frame?: Frame,
): LineLayout {
  if (frame) return layOutAt(line, span, marks, room, strong, frame.numeral, frame);
  const laid = layOutAt(line, span, marks, room, strong, Number.POSITIVE_INFINITY);
  const { wanted, numeral } = laid;
  const least = smallestOf(line, strong);
  if (wanted >= numeral || wanted < least) return laid;
  return layOutAt(line, span, marks, room, strong, wanted);
}

function layOutAt(
  line: AnyLine,
  span: Span,
  marks: LineMarks,
  room: Room,
  strong: boolean,
  most: number,
  frame?: Frame,
): LineLayout & { wanted: number } {
  const shape = shapeOf(line);
  const scale = scaleOf(line, span);
  const parts = scale.step.d;
  const write = (value: Exact) => writeNumber(value, line.numbers, parts);
  const roomFor = Math.min(room.height * 0.16, room.width * (shape === "upright" ? 0.1 : 0.045));
  const numeral = round(Math.max(15, Math.min(most, strong ? 46 : 38, roomFor * (strong ? 1.25 : 1))));
  const sizeOf = (written: Written) => labelSize(written, numeral);
  // Decimals are longest at the ends and one interval from there; fractions anywhere.
  const likely =
    line.numbers === "decimal" && !keyOf(scale.interval).includes("/")
      ? [span.from, span.to, span.from.add(scale.interval), span.to.sub(scale.interval)]
      : [span.from, span.to, ...labelledIn(span, scale, 1).slice(0, MAX_MEASURED)];
  const widest =
    frame?.widest ?? Math.max(...likely.map((value) => sizeOf(write(value)).width), numeral * 1.4);
  const tallest =
    frame?.tallest ??
    sizeOf(line.numbers === "decimal" ? write(span.to) : { whole: "1", over: "1", under: "2" }).height;
  const steps = span.to.sub(span.from).div(scale.step).valueOf();
  const geometry = layGeometry(shape, room, { width: widest, height: tallest }, steps + 1);
  const put = line.open ? putOn(marks) : [];
  const placing =
    shape === "strip"
      ? cellPlacing(span, scale.step)
      : line.open
        ? openPlacing(span, put)
        : evenPlacing(span);
  const cell = geometry.length / (steps + 1);

  // Where the labels of the line itself stand, before those that are put on it.
  // On a ring they stand on a smaller one inside it, and may lie beside each other at any slant.
  const inside = Math.max(widest, tallest) / 2 + 22;
  const around = shape === "ring" ? geometry.length - 2 * Math.PI * inside : geometry.length;
  const apart = (Math.max(1, around) * scale.interval.valueOf()) / span.to.sub(span.from).valueOf();
  const gap = numeral * 0.45;
  const least = smallestOf(line, strong);
  // In a cell of its own a number may be smaller than on a line.
  const smallest = (widest * MIN_NUMERAL) / numeral;
  const needed = {
    flat: widest + gap,
    upright: tallest * 1.02,
    ring: Math.hypot(widest + numeral * 0.2, tallest),
    strip: smallest,
  }[shape];
  const own = line.open ? [] : labelled(line, span, scale, apart, needed);

  const at = (value: Exact) => {
    const lift =
      shape === "strip" ? 0 : -(shape === "upright" ? widest / 2 + 26 : tallest / 2 + 24 + (strong ? 4 : 0));
    return geometry.point(placing.partOf(value), shape === "ring" ? -inside : lift);
  };
  /** Labels stand in one row; what is put on the line and finds no room there, in a second one beyond it. */
  const second = shape === "upright" ? { x: -(widest + 10), y: 0 } : { x: 0, y: tallest + 8 };
  const hasSecond =
    shape === "flat"
      ? at(span.from).y + second.y + tallest / 2 <= room.height
      : shape === "upright" && at(span.from).x + second.x > widest / 2;
  const make = (value: Exact, key: NumberKey, bold: boolean, row: 0 | 1): Label => {
    const written = write(value);
    const { width, height } = sizeOf(written);
    const middle = at(value);
    const [x, y] = row === 0 ? [middle.x, middle.y] : [middle.x + second.x, middle.y + second.y];
    const state = marks.states[key] ?? 0;
    const led = row === 0 ? null : geometry.point(placing.partOf(value), 0);
    return { key, written, x: round(x), y: round(y), width, height, state, bold, led };
  };
  const quarter = shape === "ring" ? span.to.sub(span.from).div(4) : null;
  const standsOut = (value: Exact) => quarter !== null && value.sub(span.from).div(quarter).d === 1n;

  const special = Object.entries(marks.ranks)
    .map(([key, rank]) => ({ key, rank, value: exact(key) }))
    .sort((a, b) => b.rank - a.rank || a.value.compare(b.value));
  const labels: Label[] = [];
  const taken = new Set<NumberKey>();
  const fits = (label: Label) => {
    if (shape === "strip") return true;
    return labels.every((other) => !lieOnEachOther(other, label, clear));
  };
  // The two ends of a ring are one place; its first number stands there.
  const closes = (key: NumberKey) => shape === "ring" && key === keyOf(span.to) && marks.focus !== key;
  const clear = numeral * 0.2;
  /** Where a label would lie beside another one, moved along a flat line as little as it has to be. */
  const beside = (label: Label): Label[] => {
    if (shape !== "flat") return [];
    const moved = labels
      .filter((other) => Math.abs(other.y - label.y) < (other.height + label.height) / 2)
      .flatMap((other) =>
        [-1, 1].map((way) => other.x + way * ((other.width + label.width) / 2 + clear + 0.1)),
      )
      .filter(
        (x) =>
          Math.abs(x - label.x) <= label.width * 1.5 &&
          x > label.width / 2 &&
          x < room.width - label.width / 2,
      )
      .sort((a, b) => Math.abs(a - label.x) - Math.abs(b - label.x));
    const led = geometry.point(placing.partOf(exact(label.key)), 0);
    return moved.map((x) => ({ ...label, x: round(x), led }));
  };
  const add = (key: NumberKey, value: Exact, always: boolean) => {
    if (taken.has(key) || closes(key)) return;
    const rows = [0, ...(always && hasSecond ? [1] : [])] as (0 | 1)[];
    const places = rows.map((row) => make(value, key, standsOut(value) || always, row));
    const label = places.find(fits) ?? (always ? beside(places[0]!).find(fits) : undefined);
    if (!label) return;
    labels.push(label);
    taken.add(key);
  };
  const ownKeys = own.map((value) => ({ value, key: keyOf(value) }));
  // What is talked about comes first: the ends of a trail, its landings and its benchmarks keep their labels before any
  // tick does. Where there is a second row, only those of the line's own labels give way that it has no room for.
  const talkedOf = special.filter(({ rank }) => rank >= 2);
  const isOwn = new Set(ownKeys.map(({ key }) => key));
  if (hasSecond) {
    for (const { key, value } of talkedOf) if (isOwn.has(key)) add(key, value, true);
    const kept = labels.length;
    for (const { key, value } of ownKeys) add(key, value, false);
    for (const { key, value } of talkedOf) {
      add(key, value, true);
      if (taken.has(key)) continue;
      const ticks = labels.filter(({ key: other }, i) => i >= kept && (marks.ranks[other] ?? 0) < 2);
      const wanted = make(value, key, true, 0);
      const gone = new Set(ticks.filter((tick) => lieOnEachOther(tick, wanted, clear)));
      for (const label of gone) {
        labels.splice(labels.indexOf(label), 1);
        taken.delete(label.key);
      }
      add(key, value, true);
    }
  }
  for (const { key, value } of talkedOf) add(key, value, true);
  for (const { key, value } of ownKeys) add(key, value, false);
  for (const { key, rank, value } of special) if (rank < 2) add(key, value, true);
  const flags = special.flatMap(({ key, value }) => {
    const state = marks.states[key] ?? 0;
    const isSeen = taken.has(key) || closes(key) || state === 0;
    return isSeen ? [] : [{ key, state, at: geometry.point(placing.partOf(value), 0) }];
  });

  return {
    // The size at which as many labels have room as have at the smallest.
    wanted:
      numeral *
      Math.min(1, (labelStride(apart, (needed * least) / numeral, scale.interval) * apart) / needed) *
      0.99,
    geometry,
    widest,
    tallest,
    placing,
    span,
    scale,
    numeral,
    face: {
      cellWidth: widest,
      cellHeight: tallest,
      numeral,
      shape: round(Math.max(3, numeral * 0.15)),
      covers: "solid",
    },
    heavy: strong ? 6 : 4,
    ticks:
      shape === "strip"
        ? { small: "", large: "" }
        : tickPaths(line, scale, span, geometry, placing, put, own, strong),
    labels,
    flags,
    cell,
    unit: line.unit,
    room,
    write: (number) => writtenText(write(exact(number))),
    written: (number) => write(exact(number)),
  };
}

const lieOnEachOther = (a: Label, b: Label, clear: number) =>
  Math.abs(a.x - b.x) < (a.width + b.width) / 2 + clear && Math.abs(a.y - b.y) < (a.height + b.height) / 2;
