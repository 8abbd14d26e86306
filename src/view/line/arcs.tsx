import { memo } from "react";
import type { Trail } from "@/core/count/trail";
import type { Ink } from "@/core/lesson/ink";
import { InkFigure } from "../ink/ink-shape";
import { round } from "../round";
import { arcLabels, arcTextSize } from "./arc-labels";
import { type Arc, alongArc, arcPath, arcsOf } from "./arc-shape";
import { type LookOfJump, lookOfInk } from "./jump-look";
import type { LineLayout } from "./line-layout";

type Props = {
  layout: LineLayout;
  trail: Trail;
  ghosts?: boolean;
  /** The trail stands aside in an ink, with another one before it: it is seen, and not touched. */
  aside?: { ink: Ink; before: Trail | null };
};

/** The jumps of a trail, drawn from start to landing, with their sizes. */
export const Arcs = memo(function Arcs({ layout, trail, ghosts = false, aside }: Props) {
  const { geometry } = layout;
  const size = arcTextSize(layout);
  const before = aside?.before ? arcsOf(layout, aside.before) : [];
  // A trail that stands aside rises over the one before it, so that the sizes of both can be read.
  const raise = before.length > 0 ? Math.max(...before.map(({ height }) => height)) * 0.5 + size * 1.6 : 0;
  const arcs = aside ? arcsOf(layout, trail, lookOfInk(aside.ink), raise) : arcsOf(layout, trail);
  const taken = aside?.before ? arcLabels(layout, aside.before, before) : [];
  const drawn = arcs.filter(({ index }) => !trail.covers[index]?.arc);
  const many = drawn.length > MOST_SINGLE;
  const hidden = arcs.filter(({ index }) => trail.covers[index]?.arc);
  const width = layout.heavy + 1;
  const dashes = aside ? { strokeDasharray: `${width * 2.4} ${width * 1.8}` } : {};
  return (
    <g data-part="jumps" fill="none">
      {many && <ManyArcs layout={layout} arcs={drawn} width={width} />}
      {(many ? [] : drawn).map(({ index, from, to, height, look: { line, edge } }) => {
        const path = arcPath(geometry, from, to, height);
        return (
          <g key={index} data-jump={index}>
            {edge && <path d={path} stroke={edge} strokeWidth={width + 2.5} strokeLinecap="round" />}
            <path d={path} stroke={line} strokeWidth={width} strokeLinecap="round" {...dashes} />
          </g>
        );
      })}
      {ghosts &&
        hidden.map(({ index, from, to, height }) => (
          <path
            key={index}
            data-ghost={index}
            d={arcPath(geometry, from, to, height)}
            stroke="var(--color-quiet)"
            strokeWidth={2}
            strokeDasharray="2 8"
            strokeLinecap="round"
          />
        ))}
      {(many ? [] : drawn).map((arc) =>
        aside ? (
          <InkFigure
            key={arc.index}
            ink={aside.ink}
            {...geometry.point(arc.to, 12)}
            radius={layout.heavy * 1.7}
          />
        ) : (
          <Head key={arc.index} layout={layout} arc={arc} />
        ),
      )}
      {arcLabels(layout, trail, arcs, taken).map(
        ({ jumps, text, x, y, width: room, look: { text: color }, covered }) => (
          <g key={jumps[0]} {...(aside ? {} : { "data-sizes": jumps.join(" "), pointerEvents: "all" })}>
            {covered ? (
              <rect
                x={round(x - room / 2)}
                y={round(y - size * 0.62)}
                width={round(room)}
                height={round(size * 1.24)}
                rx={8}
                fill="var(--color-ink)"
              />
            ) : (
              <>
                <rect
                  x={round(x - room / 2)}
                  y={round(y - size * 0.62)}
                  width={round(room)}
                  height={round(size * 1.24)}
                  fill="transparent"
                />
                <text
                  x={x}
                  y={round(y + size * 0.36)}
                  fontSize={size}
                  fontWeight={700}
                  textAnchor="middle"
                  fill={color}
                  stroke="var(--color-board)"
                  strokeWidth={5}
                  strokeLinejoin="round"
                  paintOrder="stroke"
                  className="font-numeral"
                >
                  {text}
                </text>
              </>
            )}
          </g>
        ),
      )}
    </g>
  );
});

/** So many arcs are each a drawing of its own; more of them are drawn as one. */
const MOST_SINGLE = 60;

/** Many arcs at once: those of a look are one path, so that a frame costs the same however many they are. */
function ManyArcs({ layout, arcs, width }: { layout: LineLayout; arcs: readonly Arc[]; width: number }) {
  const paths = new Map<LookOfJump, string>();
  for (const { from, to, height, look } of arcs) {
    paths.set(look, (paths.get(look) ?? "") + arcPath(layout.geometry, from, to, height));
  }
  return [...paths].map(([{ line, edge, text }, d]) => (
    <g key={line + text}>
      {edge && <path d={d} stroke={edge} strokeWidth={width + 2.5} strokeLinecap="round" />}
      <path d={d} stroke={line} strokeWidth={width} strokeLinecap="round" />
    </g>
  ));
}

/** Where a jump lands: a head that points down to its number, on jumps long enough to carry one. */
function Head({ layout, arc }: { layout: LineLayout; arc: Arc }) {
  if (arc.length < 20) return null;
  const { geometry } = layout;
  const tip = geometry.point(arc.to, 3);
  // It points down to a straight line, and along the arc round a ring.
  const before =
    geometry.shape === "ring"
      ? alongArc(geometry, arc.from, arc.to, arc.height).at(-3)!
      : geometry.point(arc.to - (arc.to - arc.from) * 0.03, Math.min(arc.height * 0.45, 16));
  const turn = Math.atan2(tip.y - before.y, tip.x - before.x);
  const reach = layout.heavy * 2.6;
  const wing = (side: number) =>
    `${round(tip.x - reach * Math.cos(turn + side))} ${round(tip.y - reach * Math.sin(turn + side))}`;
  const { line, edge } = arc.look;
  return (
    <path
      d={`M${wing(0.5)}L${round(tip.x)} ${round(tip.y)}L${wing(-0.5)}Z`}
      fill={edge ?? line}
      stroke={edge ?? line}
      strokeLinejoin="round"
    />
  );
}
