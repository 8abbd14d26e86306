import { landings, type Trail } from "@/core/count/trail";
import { keyOf } from "@/core/number/exact";
import { cellState, inksIn, isCovered } from "@/core/scene/cell-state";
import type { Scene } from "@/core/scene/scene";
import { hasInk, INKS } from "@/core/set/ink";
import { INK_STYLE } from "../ink/ink-style";
import { round } from "../round";
import { type Shape, Shapes } from "../shape";
import { type ChartLayout, cornerOf } from "./chart-layout";
import { faceShapes, isOfNumeral } from "./face-shapes";

type Props = { layout: ChartLayout; trail: Trail; scene: Scene };

/**
 * The route of a trail over a chart: through the middles of its squares, behind their numerals, with an arrowhead at
 * its end.
 */
export function DrawnRoute({ layout, trail, scene }: Props) {
  const { cellWidth: w, cellHeight: h, columns } = layout;
  const stops = [trail.start, ...landings(trail).map(keyOf)].map((number) => layout.indexOf.get(number));
  if (stops.includes(undefined)) return null;
  const turns = withCorners(stops as number[], columns);
  const points = turns.map((index) => {
    const { x, y } = cornerOf(layout, index);
    return [x + w / 2, y + h / 2] as const;
  });
  const [last, before] = [points.at(-1)!, points.at(-2)!];
  // The head stands before the number that it points to.
  const [dx, dy] = [Math.sign(last[0] - before[0]), Math.sign(last[1] - before[1])];
  const tip = [last[0] - dx * w * 0.32, last[1] - dy * h * 0.36] as const;
  const thick = Math.max(3, Math.min(w, h) / 10);
  const [end, turn] = [
    [tip[0] - dx * thick * 2, tip[1] - dy * thick * 2] as const,
    (Math.atan2(dy, dx) * 180) / Math.PI,
  ];
  const line = [...points.slice(0, -1), end].map(([x, y]) => `${round(x)},${round(y)}`).join(" ");
  return (
    <>
      <g data-part="route" fill="none" stroke="var(--color-ink)" strokeWidth={thick} strokeLinejoin="round">
        {/* A light edge, so that it is seen over a cover too. */}
        <polyline points={line} stroke="var(--color-board)" strokeWidth={thick * 1.7} strokeLinecap="round" />
        <polyline points={line} />
        <path
          d={`M${round(-thick * 2.6)} ${round(-thick * 1.8)}L0 0L${round(-thick * 2.6)} ${round(thick * 1.8)}z`}
          transform={`translate(${round(tip[0])} ${round(tip[1])}) rotate(${round(turn)})`}
          fill="var(--color-ink)"
          stroke="var(--color-board)"
          strokeWidth={thick / 3}
        />
      </g>
      {passed(turns, columns).map((index) => (
        <Shapes key={index} shapes={numeralOver(layout, index, scene)} />
      ))}
    </>
  );
}

/** The numeral of a square with a rim in its background colour: the route goes behind it. */
function numeralOver(layout: ChartLayout, index: number, scene: Scene): Shape[] {
  const number = layout.numbers[index];
  if (!number) return [];
  const state = cellState(scene, number);
  // A solid cover shows none of the inks under it, nor does the slip on it.
  const inks = isCovered(state) && layout.covers === "solid" ? 0 : inksIn(state);
  const ink = INKS.find((one) => hasInk(inks, one));
  const [ground, wide] = [ink ? INK_STYLE[ink].ground : "var(--color-board)", layout.numeral * 0.28];
  const rim = {
    stroke: ground,
    "stroke-width": round(wide),
    "stroke-linejoin": "round",
    "paint-order": "stroke",
  };
  const shapes = faceShapes({ layout, ...cornerOf(layout, index) }, number, state).filter(isOfNumeral);
  const digits = shapes.filter(({ tag }) => tag === "text");
  // The bar of a fraction is a line itself: its rim is a wider one, below everything.
  const bars = shapes.filter(({ tag }) => tag === "path");
  const under = bars.map(({ attributes, ...bar }) => ({
    ...bar,
    attributes: {
      ...attributes,
      stroke: ground,
      "stroke-width": round(Number(attributes["stroke-width"]) + 1.5 * wide),
      "stroke-linecap": "round",
    },
  }));
  const rimmed = digits.map((digit) => ({ ...digit, attributes: { ...digit.attributes, ...rim } }));
  return [...under, ...rimmed, ...bars];
}

/** All squares that a way goes through, each once. */
function passed(turns: readonly number[], columns: number): number[] {
  const all = new Set<number>([turns[0]!]);
  turns.forEach((to, i) => {
    const from = turns[i - 1];
    if (from === undefined) return;
    const step = Math.sign(to - from) * (Math.abs(to - from) < columns ? 1 : columns);
    for (let at = from; at !== to; ) {
      at += step;
      all.add(at);
    }
  });
  return [...all];
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
