import { landings, type Trail } from "@/core/count/trail";
import { keyOf } from "@/core/number/exact";
import { round } from "../round";
import { type ChartLayout, cornerOf } from "./chart-layout";

/** The way of a trail over a chart, with a point at its start and a head at its end. */
export function DrawnRoute({ layout, trail }: { layout: ChartLayout; trail: Trail }) {
  const { cellWidth: w, cellHeight: h } = layout;
  const stops = [trail.start, ...landings(trail).map(keyOf)].map((number) => layout.indexOf.get(number));
  if (stops.includes(undefined)) return null;
  // The line runs through the lower right of its cells, clear of their numerals.
  const points = withCorners(stops as number[], layout.columns).map((index) => {
    const { x, y } = cornerOf(layout, index);
    return [x + w * 0.85, y + h * 0.84] as const;
  });
  const [from, to] = [points[0]!, points.at(-1)!];
  const before = points.at(-2)!;
  const turn = (Math.atan2(to[1] - before[1], to[0] - before[0]) * 180) / Math.PI;
  const line = points.map(([x, y]) => `${round(x)},${round(y)}`).join(" ");
  const thick = Math.max(3, Math.min(5, h / 10));
  return (
    <g data-part="route" fill="none" stroke="var(--color-ink)" strokeWidth={thick} strokeLinejoin="round">
      {/* A light edge, so that it is seen over a cover too. */}
      <polyline points={line} stroke="var(--color-board)" strokeWidth={thick + 4} strokeLinecap="round" />
      <polyline points={line} />
      <circle cx={from[0]} cy={from[1]} r={thick * 1.4} fill="var(--color-ink)" stroke="none" />
      <path
        d={`M${-thick * 2.4} ${-thick * 1.8}L${thick} 0L${-thick * 2.4} ${thick * 1.8}z`}
        transform={`translate(${round(to[0])} ${round(to[1])}) rotate(${round(turn)})`}
        fill="var(--color-ink)"
        stroke="var(--color-board)"
        strokeWidth={2}
      />
    </g>
  );
}

/** A jump goes first up or down the rows and then along one, as its tens and ones: the squares where it turns. */
function withCorners(stops: readonly number[], columns: number): number[] {
  return stops.flatMap((to, i) => {
    const from = stops[i - 1];
    if (from === undefined) return [to];
    const corner = Math.floor(to / columns) * columns + (from % columns);
    return corner === from || corner === to ? [to] : [corner, to];
  });
}
