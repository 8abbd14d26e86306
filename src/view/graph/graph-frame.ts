import type { Graph } from "@/core/lesson/graph-of";
import { showNumber } from "@/core/number/show-number";
import { DIGIT } from "../chart/chart-layout";
import type { Size, Theme } from "../drawing";
import { round } from "../round";
import { type GraphScale, graphScale, graphText, ticksOf } from "./graph-scale";

/** Where a graph lies in its room, in pixels, and the numbers that stand at its axes. */
export type GraphFrame = GraphScale & {
  /** The size of its numbers, and of the words at its axes. */
  readonly text: number;
  readonly title: number;
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
  readonly across: readonly number[];
  readonly up: readonly number[];
  readonly at: (x: number, y: number) => { readonly x: number; readonly y: number };
};

/** How wide a number is, in pixels. */
export const widthOf = (words: string, text: number): number => words.length * DIGIT * text;

/** Lays a graph out in its room, as Chart.js does on the board. */
export function graphFrame(graph: Graph, size: Size, theme: Theme): GraphFrame {
  const { x, y } = graphScale(graph);
  const text = graphText(size, theme);
  const title = titleSize(text);
  const up = ticksOf(y);
  const widest = Math.max(...up.map((value) => widthOf(showNumber(String(value)), text)));
  const [left, top] = [title * 1.5 + widest + text * 0.5, text * 1.4];
  const [wide, high] = [
    Math.max(1, size.width - left - text),
    Math.max(1, size.height - top - text * 1.5 - title * 1.5),
  ];
  return {
    x,
    y,
    text,
    title,
    left,
    right: left + wide,
    top,
    bottom: top + high,
    up,
    // At the left end of an axis nothing stands.
    across: sideBySide(
      ticksOf(x).filter((value) => value > x.min),
      wide / (x.max - x.min),
      text,
    ),
    at: (px, py) => ({
      x: round(left + ((px - x.min) / (x.max - x.min)) * wide),
      y: round(top + (1 - (py - y.min) / (y.max - y.min)) * high),
    }),
  };
}

/** The size of the words at an axis beside numbers of a size. */
export const titleSize = (text: number): number => Math.max(14, text * 0.85);

/** As many of the numbers of an axis as fit side by side: all, or every second, third, … from the first. */
function sideBySide(numbers: readonly number[], apart: number, text: number): readonly number[] {
  const [first = 0, second = first] = numbers;
  const widest = Math.max(0, ...numbers.map((value) => widthOf(showNumber(String(value)), text)));
  const every = Math.max(1, Math.ceil((widest + text * 0.6) / Math.max(1e-9, (second - first) * apart)));
  return numbers.filter((_, i) => i % every === 0);
}
