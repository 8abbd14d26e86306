import { graphOf } from "@/core/lesson/graph-of";
import { showNumber } from "@/core/number/show-number";
import { isCoveredPart } from "@/core/scene/covered-part";
import type { DrawingProps } from "../drawing";
import { InkFigure } from "../ink/ink-shape";
import { INK_STYLE } from "../ink/ink-style";
import { round } from "../round";
import { Said } from "../said";
import { graphScale, graphText, pointRadius, ticksOf } from "./graph-scale";

/** What a graph says that has nothing to show. */
export const NO_POINTS = "Count, or mark numbers, and their graph stands here.";

/**
 * A graph at rest: the points, bars and edges as they are, without the numbers beside the points. On the board Chart.js draws
 * it, which needs a browser.
 */
export function GraphDrawing({ view, board, scene, size, theme }: DrawingProps<"graph">) {
  const graph = graphOf(view, board, scene);
  if (graph.series.length === 0) return <Said theme={theme}>{NO_POINTS}</Said>;
  const { x, y } = graphScale(graph);
  const text = graphText(size, theme);
  const [left, bottom] = [text * 3.4, text * 2.6];
  const [wide, high] = [size.width - left - 12, size.height - bottom - 12];
  const at = (px: number, py: number) =>
    [
      round(left + ((px - x.min) / (x.max - x.min)) * wide),
      round(12 + (1 - (py - y.min) / (y.max - y.min)) * high),
    ] as const;
  const radius = pointRadius(x, size, text * 0.42);
  const hidden = isCoveredPart(scene, view.id, "points", view.points === "covered");
  return (
    <svg aria-hidden width={size.width} height={size.height} className="block">
      {ticksOf(y).map((one) => {
        const [, py] = at(x.min, one);
        return (
          <g key={one}>
            <line
              x1={left}
              x2={left + wide}
              y1={py}
              y2={py}
              stroke="var(--color-rule)"
              strokeWidth={Math.max(1, text * 0.055)}
            />
            <text x={left - 8} y={py + text * 0.35} textAnchor="end" fontSize={text} className="font-numeral">
              {showNumber(String(one))}
            </text>
          </g>
        );
      })}
      {!hidden &&
        graph.series.map(({ ink, points }) => {
          const shown = points.filter(({ covered }) => !covered);
          const line = shown.map((one) => at(one.x, one.y).join(",")).join(" ");
          return (
            <g key={ink}>
              {graph.as === "points" && view.joined === "joined" && (
                <polyline
                  points={line}
                  fill="none"
                  stroke={INK_STYLE[ink].figure}
                  strokeWidth={Math.max(3, text * 0.17)}
                />
              )}
              {shown.map((one) => {
                const [px, py] = at(one.x, one.y);
                if (graph.as === "points")
                  return <InkFigure key={one.x} ink={ink} x={px} y={py} radius={radius} />;
                const width = (wide / (x.max - x.min)) * 0.7;
                return (
                  <rect
                    key={one.x}
                    x={round(px - width / 2)}
                    y={py}
                    width={round(width)}
                    height={round(at(one.x, y.min)[1] - py)}
                    fill={INK_STYLE[ink].figure}
                  />
                );
              })}
            </g>
          );
        })}
      <path
        d={`M${left} 12V${12 + high}H${left + wide}`}
        fill="none"
        stroke="var(--color-ink)"
        strokeWidth={Math.max(2, text * 0.11)}
      />
    </svg>
  );
}
