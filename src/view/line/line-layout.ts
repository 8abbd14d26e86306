import type { NumberKey } from "@/core/number/exact";
import { type Written, writtenText } from "@/core/number/fraction-text";
import type { LineMarks } from "@/core/scene/line-marks";
import type { AnyLine, Span } from "@/core/surface/line";
import type { Scale } from "@/core/surface/line-scale";
import type { FaceLayout } from "../chart/chart-layout";
import { round } from "../round";
import { bareLine, type Frame, MIN_SIZE, shareOf, smallestOf, wantedOf } from "./bare-line";
import { coversAlike } from "./covers-alike";
import type { Flag } from "./flag";
import { type LineGeometry, type Placing, shapeOf } from "./line-geometry";
import { type Label, placeLabels } from "./place-labels";

type Room = { width: number; height: number };

export type LineLayout = {
  geometry: LineGeometry;
  widest: number;
  tallest: number;
  /** Whether its labels may stand close together. */
  close: boolean;
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
  flags: readonly Flag[];
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
    return withLabels(
      line,
      marks,
      strong,
      bareLine({ line, span, marks, room, strong, max: frame.numeral, frame }),
    );
  if (!strong) return atRest(line, span, marks, room);
  // For the back of the room, numerals are as large as possible without losing a label.
  const plain = atRest(line, span, marks, room);
  const larger = (by: number) =>
    withLabels(
      line,
      marks,
      true,
      bareLine({ line, span, marks, room, strong: true, max: plain.numeral * by, close: plain.close }),
    );
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
  const sized = (max: number, close = false) => {
    const laid = (size: number) => bareLine({ line, span, marks, room, strong: false, max: size, close });
    const bare = laid(max);
    const { wanted, numeral } = bare;
    const isRight = wanted >= numeral || wanted < smallestOf(line);
    return withLabels(line, marks, false, isRight ? bare : laid(wanted));
  };
  const share = shareOf(line, room);
  const plain = sized(share);
  const wanted = wantedOf(line);
  if ((shapeOf(line) !== "flat" && !plain.below) || share >= wanted) return plain;
  return (
    firstLarger([wanted, 0.985 * wanted, 0.95 * wanted, MIN_SIZE, 20], (size) => sized(size, true), plain) ??
    plain
  );
}

/** A line with the labels that there is room for. */
function withLabels(
  line: AnyLine,
  marks: LineMarks,
  strong: boolean,
  bare: ReturnType<typeof bareLine>,
): LineLayout {
  const { geometry, widest, tallest, close, placing, span, scale, numeral, cell, below, room, own, written } =
    bare;
  const { labels, flags } = placeLabels(bare, marks, own);
  const isStrip = geometry.shape === "strip";
  return {
    geometry,
    widest,
    tallest,
    close,
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
    ticks: bare.ticks(),
    // On a strip a cover is as large as its square.
    labels: isStrip ? labels : coversAlike(labels, bare),
    flags,
    cell,
    below,
    unit: line.unit,
    room,
    write: (number) => writtenText(written(number)),
    written,
  };
}
