import { type Exact, exact, keyOf, type NumberKey } from "@/core/number/exact";
import { type Written, writeNumber, writtenText } from "@/core/number/fraction-text";
import type { CellState } from "@/core/scene/cell-state";
import type { LineMarks } from "@/core/scene/line-marks";
import type { AnyLine, Span } from "@/core/surface/line";
import { labelledIn } from "@/core/surface/line-labels";
import { type Scale, scaleOf } from "@/core/surface/line-scale";
import type { FaceLayout } from "../chart/chart-layout";
import { round } from "../round";
import { labelSize, MAX_MEASURED, MIN_NUMERAL } from "./label-size";
import { labelled, putOn, strideOf } from "./labelled-numbers";
import {
  cellHeight,
  cellPlacing,
  cellWidth,
  evenPlacing,
  type LineGeometry,
  layGeometry,
  openPlacing,
  type Placing,
  type Point,
  shapeOf,
} from "./line-geometry";
import { type Label, placeLabels } from "./place-labels";
import { tickPaths } from "./tick-paths";

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
  /** For the back of the room. */
  strong: boolean;
  ticks: { small: string; large: string };
  labels: readonly Label[];
  /** The ticks or cells without room for a label: their marks are drawn small on the line. */
  flags: readonly { key: NumberKey; state: CellState; at: Point }[];
  /** The width of a cell of a number strip. */
  cell: number;
  /** Whether the cells of a strip are too narrow for its numbers, which then stand below them. */
  below: boolean;
  unit: string;
  room: Room;
  /** The text of a number, in the line's form. */
  write: (number: NumberKey) => string;
  written: (number: NumberKey) => Written;
};

/** Numerals shrink to this size before a label is left out; the back of the room has the same one. */
const MIN_SIZE = 22;
/** The height of a flat line itself, without its labels, in pixels. */
const MIN_BESIDE = 44;
/** Round a circle labels lie in little room, and in a strip every square holds a number: smaller ones are better there than every second one. */
const smallestOf = (line: AnyLine) => (shapeOf(line) === "ring" ? 15 : line.kind === "strip" ? 17 : MIN_SIZE);

/** What is fixed while a line moves: the size of its numerals, and the room of its labels. */
type Frame = Pick<LineLayout, "numeral"> & { widest: number; tallest: number };

/**
 * Lays out a span of a line in its room, with the labels that fit.
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
  if (frame)
    return withLabels(line, marks, strong, bareLine(line, span, marks, room, strong, frame.numeral, frame));
  if (!strong) return atRest(line, span, marks, room);
  // For the back of the room, numerals are as large as possible without losing a label.
  const plain = atRest(line, span, marks, room);
  const larger = (by: number) =>
    withLabels(line, marks, true, bareLine(line, span, marks, room, true, plain.numeral * by));
  return firstLarger(LARGER, larger, plain) ?? larger(1);
}

/** How much larger the numerals of a line may be for the back of the room, the largest first. */
const LARGER = [2, 1.6, 1.4, 1.28, 1.2, 1.13, 1.08, 1.04];

/** The first of several layouts with larger numerals than another one and all of its labels. */
function firstLarger(
  sizes: readonly number[],
  layOut: (size: number) => LineLayout,
  than: LineLayout,
): LineLayout | null {
  for (const size of sizes) {
    const layout = layOut(size);
    const there = new Set(layout.labels.map(({ key }) => key));
    if (layout.numeral > than.numeral && than.labels.every(({ key }) => there.has(key))) return layout;
  }
  return null;
}

/**
 * The layout for near viewers, with the largest numerals that leave the labels their room. In a narrow room they are as
 * large as on an ordinary line if that costs no label.
 */
function atRest(line: AnyLine, span: Span, marks: LineMarks, room: Room): LineLayout {
  const sized = (max: number) => {
    const bare = bareLine(line, span, marks, room, false, max);
    const { wanted, numeral } = bare;
    const isRight = wanted >= numeral || wanted < smallestOf(line);
    return withLabels(line, marks, false, isRight ? bare : bareLine(line, span, marks, room, false, wanted));
  };
  const share = shareOf(line, room);
  const plain = sized(share);
  if ((shapeOf(line) !== "flat" && !plain.below) || share >= MIN_SIZE) return plain;
  return firstLarger([MIN_SIZE, 20], sized, plain) ?? plain;
}

/** The size of a line's numerals, from its room. */
const shareOf = (line: AnyLine, { width, height }: Room): number =>
  Math.min(height * 0.16, width * (shapeOf(line) === "upright" ? 0.1 : 0.045));

const writerOf = (line: AnyLine, scale: Scale) => (value: Exact) =>
  writeNumber(value, line.numbers, scale.step.d);

/** The size of the numerals of a line, and the room that its widest and its tallest label takes. */
function numeralsOf(
  line: AnyLine,
  span: Span,
  scale: Scale,
  room: Room,
  strong: boolean,
  max: number,
  frame?: Frame,
): Frame {
  const write = writerOf(line, scale);
  const isDecimal = line.numbers === "decimal";
  const tall = isDecimal ? write(span.to) : { whole: "1", over: "1", under: "2" };
  const shape = shapeOf(line);
  const isFlat = shape === "flat";
  // A flat line or a strip that is high enough for a row of labels has room for them.
  const min =
    (isFlat || shape === "strip") && room.height >= labelSize(tall, MIN_SIZE).height + MIN_BESIDE
      ? MIN_SIZE
      : 0;
  const roomFor = Math.max(min, shareOf(line, room)) * (strong ? 1.25 : 1);
  const floor = isFlat ? 18 : 15;
  const numeral = round(Math.max(floor, Math.min(max, strong ? 46 : 38, roomFor)));
  if (frame) return { ...frame, numeral };
  // Decimals are longest at the ends and one interval from there; fractions anywhere.
  const likely =
    isDecimal && !keyOf(scale.interval).includes("/")
      ? [span.from, span.to, span.from.add(scale.interval), span.to.sub(scale.interval)]
      : [span.from, span.to, ...labelledIn(span, scale, 1).slice(0, MAX_MEASURED)];
  const widths = likely.map((value) => labelSize(write(value), numeral).width);
  return {
    numeral,
    widest: Math.max(...widths, numeral * 1.4),
    tallest: labelSize(tall, numeral).height,
  };
}

/** A line in its room with the size of its numerals and its own labels, before any label is placed. */
function bareLine(
  line: AnyLine,
  span: Span,
  marks: LineMarks,
  room: Room,
  strong: boolean,
  max: number,
  frame?: Frame,
) {
  const shape = shapeOf(line);
  const scale = scaleOf(line, span);
  const write = writerOf(line, scale);
  const { numeral, widest, tallest } = numeralsOf(line, span, scale, room, strong, max, frame);
  const sizeOf = (written: Written) => labelSize(written, numeral);
  const steps = span.to.sub(span.from).div(scale.step).valueOf();
  // In a cell of its own a number may be smaller than on a line.
  const smallest = ((widest - numeral * 0.3) * MIN_NUMERAL) / numeral;
  const below = shape === "strip" && cellWidth(room, steps + 1) < smallest;
  const geometry = layGeometry(shape, room, { width: widest, height: tallest }, steps + 1, below);
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
  const min = smallestOf(line);
  const needed = {
    flat: widest + gap,
    upright: tallest * 1.02,
    ring: Math.hypot(widest + numeral * 0.2, tallest),
    strip: below ? widest + gap : smallest,
  }[shape];
  const own = line.open ? [] : labelled(line, span, scale, apart, needed);

  const off = {
    flat: tallest / 2 + 24 + (strong ? 4 : 0),
    upright: widest / 2 + 26,
    ring: inside,
    strip: below ? cellHeight(cell, room.height) / 2 + tallest / 2 + 6 : 0,
  }[shape];
  // The largest size at which as many labels fit as at the smallest. Round a ring that holds only for all of them: when
  // some are left out, the others can be as large as on a line.
  const strideAt = (size: number) => strideOf(line, span, scale.interval, apart, (needed * size) / numeral);
  const closest = strideAt(min);
  const stride = shape === "ring" && closest > 1 ? strideAt(MIN_SIZE) : closest;
  const fits = (numeral * stride * apart) / needed;
  // A little is left over, by which the back of the room enlarges them.
  const wanted = Math.min(
    numeral * 0.99,
    Math.max(Math.min(fits * 0.99, Math.max(min, MIN_SIZE)), fits * 0.88),
  );
  const bare = { shape, span, geometry, placing, room, numeral, widest, tallest, off, below, write, sizeOf };
  return { ...bare, scale, cell, put, own, wanted };
}

/** A line with the labels that there is room for. */
function withLabels(
  line: AnyLine,
  marks: LineMarks,
  strong: boolean,
  bare: ReturnType<typeof bareLine>,
): LineLayout {
  const { geometry, widest, tallest, placing, span, scale, numeral, cell, below, room, put, own, write } =
    bare;
  const { labels, flags } = placeLabels(bare, marks, own);
  return {
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
    strong,
    ticks:
      bare.shape === "strip"
        ? { small: "", large: "" }
        : tickPaths(line, scale, span, geometry, placing, put, own, strong),
    labels,
    flags,
    cell,
    below,
    unit: line.unit,
    room,
    write: (number) => writtenText(write(exact(number))),
    written: (number) => write(exact(number)),
  };
}
