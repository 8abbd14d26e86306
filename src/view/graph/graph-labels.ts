/** A number beside a point of a graph: where the point is in pixels, and how wide the number is at full size. */
export type PointLabel = {
  /** The position of the point, or the number of the bar. */
  readonly position: number;
  readonly x: number;
  readonly y: number;
  readonly width: number;
};

/** Sizes for all numbers, and after that every how manyth is written at full size. */
const SIZES = [1, 0.85, 0.7];
const EVERY = [2, 5, 10, 20, 50, 100];

/**
 * The numbers beside the points of one sequence that are written, so that none runs into another: all of them, smaller if
 * need be; else every second, fifth, … and the last.
 * @param text the full size of the numbers, in pixels
 */
export function labelsApart<L extends PointLabel>(
  labels: readonly L[],
  text: number,
): { size: number; written: readonly L[] } {
  const scale = SIZES.find((size) => areApart(labels, text, size));
  if (scale !== undefined) return { size: text * scale, written: labels };
  const last = labels.at(-1)!;
  const some = EVERY.map((every) => [
    ...labels.filter((one) => one !== last && one.position % every === 0 && !meet(one, last, text, 1)),
    last,
  ]);
  return { size: text, written: some.find((few) => areApart(few, text, 1)) ?? [last] };
}

/** Two numbers need a gap: 4 and 4 must not be read as 44. */
const meet = (a: PointLabel, b: PointLabel, text: number, scale: number): boolean =>
  Math.abs(a.x - b.x) < ((a.width + b.width) / 2 + text * 0.3) * scale && Math.abs(a.y - b.y) < text * scale;

/** Whether no two of them meet. They come from left to right, so only close ones are compared. */
function areApart(labels: readonly PointLabel[], text: number, scale: number): boolean {
  const widest = Math.max(0, ...labels.map(({ width }) => width)) + text;
  return labels.every((one, i) => {
    for (let j = i + 1; j < labels.length && labels[j]!.x - one.x < widest; j += 1)
      if (meet(one, labels[j]!, text, scale)) return false;
    return true;
  });
}
