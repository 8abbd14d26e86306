import { type Graph, type GraphPoint, graphOf } from "@/core/lesson/graph-of";
import { textOn } from "@/core/lesson/views-of";
import type { NumberKey } from "@/core/number/exact";
import { showNumber } from "@/core/number/show-number";
import { isCoveredPart } from "@/core/scene/covered-part";
import type { Ink } from "@/core/set/ink";
import type { DrawingProps } from "../drawing";
import { InkFigure } from "../ink/ink-shape";
import { INK_STYLE } from "../ink/ink-style";
import { round } from "../round";
import { Said } from "../said";
import { type GraphFrame, graphFrame, widthOf } from "./graph-frame";
import { labelsApart } from "./graph-labels";
import { coverWidth, pointRadius } from "./graph-scale";

/** What a graph says that has nothing to show. */
export const NO_POINTS = "Count, or mark numbers, to see their graph here.";

/** A graph as it is. On the board Chart.js draws it, which needs a browser. */
export function GraphDrawing({ view, board, scene, size, theme }: DrawingProps<"graph">) {
  const graph = graphOf(view, board, scene);
  if (graph.series.length === 0)
    return (
      <Said theme={theme} size={size}>
        {NO_POINTS}
      </Said>
    );
  const frame = graphFrame(graph, size, theme);
  const radius = pointRadius(frame.x, size, frame.text * (theme.strong ? 0.55 : 0.48));
  const hidden = isCoveredPart(scene, view.id, "points", view.points === "covered");
  const labelsCovered = isCoveredPart(scene, view.id, "labels", view.labels === "covered");
  const write = textOn(board);
  return (
    <svg aria-hidden width={size.width} height={size.height} className="block">
      <Axes frame={frame} graph={graph} />
      {graph.series.map(({ ink, points }) => {
        const seen = hidden ? [] : points.filter(({ covered }) => !covered);
        return (
          <g key={ink}>
            {graph.as === "bars" ? (
              <Bars frame={frame} ink={ink} points={seen} />
            ) : (
              <Points
                frame={frame}
                ink={ink}
                points={seen}
                lines={view.joined === "joined" && !hidden ? betweenCovers(points) : []}
                radius={radius}
                strong={theme.strong}
              />
            )}
            <Covers frame={frame} points={points.filter(({ covered }) => covered)} />
            {!labelsCovered && <Numbers frame={frame} as={graph.as} points={seen} write={write} />}
          </g>
        );
      })}
    </svg>
  );
}

/** The two axes with their numbers and what they are, and the lines behind the graph. */
function Axes({ frame, graph }: { frame: GraphFrame; graph: Graph }) {
  const { x, y, left, right, top, bottom, text, title, across, up, at } = frame;
  const line = { stroke: "var(--color-rule)", strokeWidth: Math.max(1, text * 0.055) };
  const number = { fontSize: round(text), className: "font-numeral", fill: "currentColor" };
  const word = {
    fontSize: round(title),
    fontWeight: 600,
    fill: "var(--color-quiet)",
    textAnchor: "middle" as const,
  };
  const middle = round((top + bottom) / 2);
  return (
    <>
      {up.map((value) => {
        const level = at(x.min, value).y;
        return (
          <g key={value}>
            <path d={`M${round(left)} ${level}H${round(right)}`} {...line} />
            <text {...number} x={round(left - text * 0.4)} y={round(level + text * 0.35)} textAnchor="end">
              {showNumber(String(value))}
            </text>
          </g>
        );
      })}
      {across.map((value) => {
        const place = at(value, y.min).x;
        return (
          <g key={value}>
            <path d={`M${place} ${round(top)}V${round(bottom)}`} {...line} />
            <text {...number} x={place} y={round(bottom + text * 1.2)} textAnchor="middle">
              {showNumber(String(value))}
            </text>
          </g>
        );
      })}
      <path
        d={`M${round(left)} ${round(top)}V${round(bottom)}H${round(right)}`}
        fill="none"
        stroke="var(--color-ink)"
        strokeWidth={round(Math.max(2, text * 0.11))}
      />
      <text {...word} x={round((left + right) / 2)} y={round(bottom + text * 1.5 + title)}>
        {graph.across}
      </text>
      <text {...word} x={round(title)} y={middle} transform={`rotate(-90 ${round(title)} ${middle})`}>
        {graph.up}
      </text>
    </>
  );
}

type SomePoints = { frame: GraphFrame; points: readonly GraphPoint[] };

function Bars({ frame: { x, y, left, right, at }, ink, points }: SomePoints & { ink: Ink }) {
  const width = ((right - left) / (x.max - x.min)) * 0.7;
  return points.map((one) => {
    const top = at(one.x, one.y);
    return (
      <rect
        key={one.x}
        x={round(top.x - width / 2)}
        y={top.y}
        width={round(width)}
        height={round(at(one.x, y.min).y - top.y)}
        fill={INK_STYLE[ink].figure}
      />
    );
  });
}

/** The points that a line joins: it would say how high a covered one is, so it stops before it and begins anew. */
function betweenCovers(points: readonly GraphPoint[]): readonly (readonly GraphPoint[])[] {
  const lines: GraphPoint[][] = [[]];
  for (const point of points) {
    if (point.covered) lines.push([]);
    else lines.at(-1)!.push(point);
  }
  return lines.filter((line) => line.length > 1);
}

type PointsProps = SomePoints & {
  ink: Ink;
  lines: readonly (readonly GraphPoint[])[];
  radius: number;
  strong: boolean;
};

function Points({ frame: { at, text }, ink, points, lines, radius, strong }: PointsProps) {
  const placesOf = (some: readonly GraphPoint[]) => some.map((one) => at(one.x, one.y));
  return (
    <>
      {lines.map((line) => (
        <polyline
          key={line[0]!.x}
          points={placesOf(line)
            .map(({ x, y }) => `${x},${y}`)
            .join(" ")}
          fill="none"
          stroke={INK_STYLE[ink].figure}
          strokeWidth={round(Math.max(3, text * 0.17) * (strong ? 1.5 : 1))}
        />
      ))}
      {placesOf(points).map(({ x, y }) => (
        <InkFigure key={x} ink={ink} x={x} y={y} radius={radius} />
      ))}
    </>
  );
}

/** A cover says at which position a point is, not how high. */
function Covers({ frame: { y, text, at }, points }: SomePoints) {
  const width = coverWidth(at(1, y.min).x - at(0, y.min).x, text);
  return points.map((one) => {
    const foot = at(one.x, y.min);
    return (
      <rect
        key={one.x}
        x={round(foot.x - width / 2)}
        y={round(foot.y - text * 1.3)}
        width={round(width)}
        height={round(text * 1.2)}
        rx={Math.min(5, width / 3)}
        fill="var(--color-cover)"
      />
    );
  });
}

type NumbersProps = SomePoints & { as: Graph["as"]; write: (number: NumberKey) => string };

/** The numbers beside the points. */
function Numbers({ frame: { text, at }, as, points, write }: NumbersProps) {
  const all = points.map((one) => {
    const words = as === "bars" ? String(one.y) : write(one.number);
    return { words, position: one.x, ...at(one.x, one.y), width: widthOf(words, text) };
  });
  const { size, written } = labelsApart(all, text);
  return written.map(({ words, position, x, y }) => (
    <text
      key={position}
      x={x}
      y={round(y - text * 0.75)}
      fontSize={round(size)}
      fontWeight={700}
      textAnchor="middle"
      className="font-numeral"
      fill="currentColor"
      stroke="var(--color-board)"
      strokeWidth={round(Math.max(5, size * 0.28))}
      strokeLinejoin="round"
      paintOrder="stroke"
    >
      {words}
    </text>
  ));
}
