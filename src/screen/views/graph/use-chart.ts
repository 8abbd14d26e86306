"use client";

import {
  BarController,
  BarElement,
  Chart,
  type ChartConfiguration,
  LinearScale,
  LineController,
  LineElement,
  type Plugin,
  PointElement,
  type Scale,
} from "chart.js";
import { type RefObject, useEffect, useState } from "react";
import type { Graph, GraphPoint } from "@/core/lesson/graph-of";
import { showNumber } from "@/core/number/show-number";
import type { Ink } from "@/core/set/ink";
import type { Room } from "@/kit/room-names";
import type { Size } from "@/view/drawing";
import { titleSize, widthOf } from "@/view/graph/graph-frame";
import { labelsApart } from "@/view/graph/graph-labels";
import { coverWidth, graphScale, pointRadius, ticksOf } from "@/view/graph/graph-scale";
import { INK_CORNERS, INK_STYLE } from "@/view/ink/ink-style";

Chart.register(BarController, BarElement, LineController, LineElement, LinearScale, PointElement);

/** How a graph is drawn: what is visible, and how large. */
export type GraphLook = {
  joined: boolean;
  points: boolean;
  labels: boolean;
  text: number;
  strong: boolean;
  /** The room that sets its colours. */
  lit: Room;
  /** Formats the number beside a point. */
  write: (number: string) => string;
  /** The typefaces of its numbers and words. */
  fonts: { numerals: string; words: string };
};

/** A colour of the theme, as a canvas takes it. */
function colorOf(variable: string): string {
  const name = /var\((--[\w-]+)\)/.exec(variable)?.[1];
  return name ? getComputedStyle(document.documentElement).getPropertyValue(name).trim() : variable;
}

/** The shape of an ink as a small picture: Chart.js draws pictures as points. */
function pointOf(ink: Ink, radius: number): HTMLCanvasElement {
  const side = Math.ceil(radius * 2.8);
  // Twice as fine as a pixel of the page, for displays that have more of them.
  const canvas = document.createElement("canvas");
  canvas.width = canvas.height = side;
  const pen = canvas.getContext("2d")!;
  pen.translate(side / 2, side / 2);
  pen.fillStyle = colorOf(INK_STYLE[ink].figure);
  pen.beginPath();
  if (ink === "sun") pen.arc(0, 0, radius, 0, 2 * Math.PI);
  else for (const [x, y] of INK_CORNERS[ink]) pen.lineTo(x * radius, y * radius);
  pen.fill();
  return canvas;
}

/** The numbers beside the points, and a cover where a point is covered: it says at which position, not how high. */
const beside = (graph: Graph, look: GraphLook): Plugin => ({
  id: "beside",
  afterDatasetsDraw(chart) {
    const { ctx, scales } = chart;
    const { text, labels, points: seen, fonts, write } = look;
    const [ink, board] = [colorOf("var(--color-ink)"), colorOf("var(--color-board)")];
    ctx.save();
    ctx.font = `700 ${text}px ${fonts.numerals}`;
    ctx.textAlign = "center";
    for (const { points } of graph.series) {
      ctx.fillStyle = colorOf("var(--color-cover)");
      const wide = coverWidth(scales.x!.getPixelForValue(1) - scales.x!.getPixelForValue(0), text);
      for (const { x } of points.filter(({ covered }) => covered)) {
        const px = scales.x!.getPixelForValue(x);
        ctx.beginPath();
        ctx.roundRect(px - wide / 2, scales.y!.bottom - text * 1.3, wide, text * 1.2, Math.min(5, wide / 3));
        ctx.fill();
      }
      if (!labels || !seen) continue;
      const all = points
        .filter(({ covered }) => !covered)
        .map(({ x, y, number }) => {
          const words = graph.as === "bars" ? String(y) : write(number);
          const [px, py] = [scales.x!.getPixelForValue(x), scales.y!.getPixelForValue(y)];
          return { words, position: x, x: px, y: py, width: widthOf(words, text) };
        });
      const { size, written } = labelsApart(all, text);
      ctx.font = `700 ${size}px ${fonts.numerals}`;
      ctx.strokeStyle = board;
      ctx.lineWidth = Math.max(5, size * 0.28);
      ctx.lineJoin = "round";
      ctx.fillStyle = ink;
      for (const { words, x, y } of written) {
        ctx.strokeText(words, x, y - text * 0.75);
        ctx.fillText(words, x, y - text * 0.75);
      }
      ctx.font = `700 ${text}px ${fonts.numerals}`;
    }
    ctx.restore();
  },
});

function configOf(graph: Graph, look: GraphLook, size: Size): ChartConfiguration {
  const { x, y } = graphScale(graph);
  const ink = colorOf("var(--color-ink)");
  const edge = (title: string, { min, max, step }: typeof x) => ({
    type: "linear" as const,
    min,
    max,
    title: {
      display: true,
      text: title,
      color: colorOf("var(--color-quiet)"),
      font: {
        family: look.fonts.words,
        size: titleSize(look.text),
        weight: 600 as const,
      },
    },
    border: { color: ink, width: Math.max(2, look.text * 0.11) },
    // Chart.js would set bars half an interval in, and draw its lines between the numbers.
    offset: false,
    grid: {
      color: colorOf("var(--color-rule)"),
      lineWidth: Math.max(1, look.text * 0.055),
      offset: false,
    },
    ticks: {
      color: ink,
      font: { family: look.fonts.numerals, size: look.text },
      // Where all of them do not fit side by side, every second one stands there, and so on.
      maxRotation: 0,
      autoSkipPadding: look.text * 0.6,
      // The foot of an upright axis has its number; at the left of the other one nothing stands.
      callback: (value: string | number) =>
        title === graph.up || Number(value) > min ? showNumber(String(value)) : "",
    },
    // Chart.js may begin with the smallest number itself, and go on from there.
    afterBuildTicks: (axis: Scale) => {
      axis.ticks = ticksOf({ min, max, step }).map((value) => ({ value }));
    },
  });
  // Chart.js draws nothing at what is not a number, and no line past it: that would say how high a covered point is.
  const shown = (points: readonly GraphPoint[]) =>
    look.points ? points.map(({ x, y, covered }) => ({ x, y: covered ? Number.NaN : y })) : [];
  const radius = pointRadius(x, size, look.text * (look.strong ? 0.55 : 0.48));
  return {
    type: graph.as === "bars" ? "bar" : "line",
    data: {
      datasets: graph.series.map(({ ink: of, points }) => ({
        data: shown(points),
        borderColor: colorOf(INK_STYLE[of].figure),
        backgroundColor: colorOf(INK_STYLE[of].figure),
        borderWidth: graph.as === "bars" ? 0 : Math.max(3, look.text * 0.17) * (look.strong ? 1.5 : 1),
        showLine: look.joined,
        pointStyle: pointOf(of, radius),
        clip: false as const,
        barPercentage: 0.7,
        categoryPercentage: 1,
        grouped: false,
        minBarLength: 2,
      })),
    },
    options: {
      animation: false,
      responsive: false,
      maintainAspectRatio: false,
      events: [],
      layout: { padding: { top: look.text * 1.4, right: look.text } },
      scales: { x: edge(graph.across, x), y: edge(graph.up, y) },
    },
    plugins: [beside(graph, look)],
  };
}

/** Where a point, or its cover, is on the canvas. */
export type Spot = { readonly point: GraphPoint; readonly left: number; readonly top: number };

/** The points of the graph that is drawn, which may still be the one before the latest change. */
export type DrawnPoints = { readonly as: Graph["as"]; readonly spots: readonly Spot[] };

/**
 * Draws a graph with Chart.js on a canvas, and anew whenever it, its look or its room is another.
 * @returns where its points then are
 */
export function useChart(
  canvas: RefObject<HTMLCanvasElement | null>,
  graph: Graph,
  look: Omit<GraphLook, "fonts">,
  size: Size,
): DrawnPoints {
  const [drawn, setDrawn] = useState<DrawnPoints>({ as: graph.as, spots: [] });
  useEffect(() => {
    if (!canvas.current || graph.series.length === 0) return;
    const fonts = {
      numerals: getComputedStyle(canvas.current).fontFamily,
      words: getComputedStyle(document.body).fontFamily,
    };
    const made = new Chart(canvas.current, configOf(graph, { ...look, fonts }, size));
    made.resize(size.width, size.height);
    const { x, y } = made.scales as { x: LinearScale; y: LinearScale };
    const spots = graph.series.flatMap(({ points }) =>
      points.map((point) => ({
        point,
        left: x.getPixelForValue(point.x),
        // Where a covered point can be touched is no higher for a larger number.
        top:
          point.covered || !look.points || graph.as === "bars"
            ? y.bottom - look.text * 0.7
            : y.getPixelForValue(point.y),
      })),
    );
    setDrawn({ as: graph.as, spots });
    return () => made.destroy();
  }, [canvas, graph, look, size]);
  return drawn;
}
