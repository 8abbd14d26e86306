import { type Exact, exact, keyOf, type NumberKey } from "@/core/number/exact";
import { type Written, writeNumber } from "@/core/number/fraction-text";
import type { LineMarks } from "@/core/scene/line-marks";
import type { AnyLine, Span } from "@/core/surface/line";
import { labelledIn } from "@/core/surface/line-labels";
import { type Scale, scaleOf } from "@/core/surface/line-scale";
import { OF_FRACTION } from "../chart/chart-layout";
import { round } from "../round";
import { labelSize, MAX_MEASURED, MIN_NUMERAL } from "./label-size";
import { labelled, putOn, strideOf } from "./labelled-numbers";
import {
  cellHeight,
  cellPlacing,
  cellWidth,
  evenPlacing,
  layGeometry,
  openPlacing,
  shapeOf,
} from "./line-geometry";
import { tickPaths } from "./tick-paths";

type Room = { width: number; height: number };

/** Numerals shrink to this size before a label is left out; the back of the room has the same one. */
export const MIN_SIZE = 22;
/** As many pixels for the smaller numbers of a fraction: the numeral that they belong to is larger. */
const MIN_OF_FRACTIONS = round(MIN_SIZE / OF_FRACTION);
/** The size below which the numerals of a line are enlarged if that costs no label. */
export const wantedOf = (line: AnyLine) => (line.numbers === "decimal" ? MIN_SIZE : MIN_OF_FRACTIONS);
/** The height of a flat line itself, without its labels, in pixels. */
const MIN_BESIDE = 44;
/** Round a circle labels lie in little room, and in a strip every square holds a number: smaller ones are better there than every second one. */
export const smallestOf = (line: AnyLine) =>
  shapeOf(line) === "ring" ? 15 : line.kind === "strip" ? 17 : MIN_SIZE;

/** What is fixed while a line moves: the size of its numerals, the room of its labels, and how close they may stand. */
export type Frame = { numeral: number; widest: number; tallest: number; close: boolean };

/** The gap between two labels of a line, in parts of a numeral: larger numerals are worth more than a wider gap. */
const BETWEEN = { wide: 0.45, close: 0.25 };

/** The size of a line's numerals, from its room. */
export const shareOf = (line: AnyLine, { width, height }: Room): number =>
  Math.min(height * 0.16, width * (shapeOf(line) === "upright" ? 0.1 : 0.045));

const writerOf = (line: AnyLine, scale: Scale) => (value: Exact) =>
  writeNumber(value, line.numbers, scale.step.d);

/** What is laid out: a span of a line in its room, with numerals of a size at most. */
type Asked = {
  line: AnyLine;
  span: Span;
  /** What is put on an empty line. */
  marks: LineMarks;
  room: Room;
  /** For the back of the room. */
  strong: boolean;
  /** The largest size of its numerals, in pixels. */
  max: number;
  /** Whether its labels may stand close together. */
  close?: boolean;
  /** What stays as at rest while it moves. */
  frame?: Frame;
};

/** The size of the numerals of a line, and the room that its widest and its tallest label takes. */
function numeralsOf({ line, span, room, strong, max, close = false, frame }: Asked, scale: Scale): Frame {
  const write = writerOf(line, scale);
  const isDecimal = line.numbers === "decimal";
  const tall = isDecimal ? write(span.to) : { whole: "1", over: "1", under: "2" };
  const shape = shapeOf(line);
  const isFlat = shape === "flat";
  // A flat line or a strip that is high enough for a row of labels has room for them; for larger ones, if it is high
  // enough for two, so that a number beside another one is not cut off at its foot.
  const least = wantedOf(line);
  const fits = (rows: number, size: number) =>
    (isFlat || shape === "strip") && room.height >= rows * labelSize(tall, size).height + MIN_BESIDE;
  const min = fits(2, least) ? least : fits(1, MIN_SIZE) ? MIN_SIZE : 0;
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
    close,
  };
}

type Bare = ReturnType<typeof layBare>;

/** How many are kept of one line: those that are tried for each of a few rooms. */
const MAX_KEPT = 32;
const known = new WeakMap<AnyLine, Map<string, Bare>>();

/**
 * A line in its room with the size of its numerals and its own labels, before any label is placed. While a count goes
 * on it stays the same: it is kept, and so is what is measured on it. An empty line changes with what is put on it, and
 * a sliding one with every frame.
 */
export function bareLine(asked: Asked): Bare {
  const { line, span, room, strong, max, close, frame } = asked;
  if (line.open || frame) return layBare(asked);
  const kept = known.get(line) ?? new Map<string, Bare>();
  known.set(line, kept);
  const key = [keyOf(span.from), keyOf(span.to), room.width, room.height, strong, max, close].join(" ");
  const there = kept.get(key);
  if (there) return there;
  if (kept.size >= MAX_KEPT) kept.clear();
  const made = layBare(asked);
  kept.set(key, made);
  return made;
}

function layBare(asked: Asked) {
  const { line, span, marks, room, strong } = asked;
  const shape = shapeOf(line);
  const scale = scaleOf(line, span);
  const write = writerOf(line, scale);
  const { numeral, widest, tallest, close } = numeralsOf(asked, scale);
  const gap = numeral * BETWEEN[close ? "close" : "wide"];
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
  const texts = new Map<NumberKey, Written>();
  /** The text of a number. */
  const written = (number: NumberKey): Written => {
    const text = texts.get(number) ?? write(exact(number));
    texts.set(number, text);
    return text;
  };
  let drawn: ReturnType<typeof tickPaths> | null = null;
  /** The paths of its ticks, made when they are first asked for: several layouts are tried, and one is drawn. */
  const ticks = () => {
    drawn ??=
      shape === "strip"
        ? { small: "", large: "" }
        : tickPaths(line, scale, span, geometry, placing, put, own, strong);
    return drawn;
  };
  const bare = {
    shape,
    span,
    geometry,
    placing,
    room,
    numeral,
    widest,
    tallest,
    close,
    off,
    below,
    written,
    sizeOf,
  };
  return { ...bare, scale, cell, own, wanted, ticks };
}
