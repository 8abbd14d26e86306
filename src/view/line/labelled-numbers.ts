import { type Exact, exact } from "@/core/number/exact";
import type { LineMarks } from "@/core/scene/line-marks";
import { type AnyLine, lineNumbers, type Span } from "@/core/surface/line";
import { labelledIn, labelStride, type Scale } from "@/core/surface/line-scale";

/** The numbers of a line's own labels that there is room for. */
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
        line.every * labelStride(apart * line.every, needed, scale.interval.mul(line.every)),
      );
    case "all": {
      const labels = labelledIn(span, scale, labelStride(apart, needed, scale.interval));
      // A line of one label tells nothing of where it goes: its ends stand in.
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
