import { type Exact, exact } from "@/core/number/exact";
import type { LineMarks } from "@/core/scene/line-marks";
import { type AnyLine, lineNumbers, type Span } from "@/core/surface/line";
import { labelledIn, labelStride } from "@/core/surface/line-labels";
import type { Scale } from "@/core/surface/line-scale";

/** Every how many of a line's labels one stays; round a ring, so that they are equally spaced all the way round. */
export function strideOf(line: AnyLine, span: Span, interval: Exact, apart: number, needed: number): number {
  const all = span.to.sub(span.from).div(interval);
  const around = line.kind === "line" && line.shape === "ring" && all.d === 1n ? Number(all.n) : undefined;
  return labelStride(apart, needed, interval, around);
}

/** The line's own labels that fit. */
export function labelled(line: AnyLine, span: Span, scale: Scale, apart: number, needed: number): Exact[] {
  switch (line.labels) {
    case "none":
      return [];
    case "ends": {
      const { from, to } = lineNumbers(line);
      return [from, to].filter((value) => value.compare(span.from) >= 0 && value.compare(span.to) <= 0);
    }
    case "chosen":
      return line.chosen
        .map((text) => exact(text))
        .filter((value) => value.compare(span.from) >= 0 && value.compare(span.to) <= 0);
    case "every":
      return labelledIn(
        span,
        scale,
        line.every * strideOf(line, span, scale.interval.mul(line.every), apart * line.every, needed),
      );
    case "all": {
      const labels = labelledIn(span, scale, strideOf(line, span, scale.interval, apart, needed));
      // A single label does not show the line's extent: label its ends instead.
      if (labels.length > 1 || labelledIn(span, scale, 1).length < 2) return labels;
      return [span.from, span.to];
    }
    default:
      return line.labels satisfies never;
  }
}

/** The numbers that stand on an open line, in order. */
export function putOn(marks: LineMarks): Exact[] {
  return Object.keys(marks.ranks)
    .map((key) => exact(key))
    .sort((a, b) => a.compare(b));
}
