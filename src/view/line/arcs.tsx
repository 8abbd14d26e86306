import { useState } from "react";
import type { Trail } from "@/core/count/trail";
import type { Ink } from "@/core/set/ink";
import { InkFigure } from "../ink/ink-shape";
import { round } from "../round";
import { type ArcLabel, ROOM_OF_FIGURE } from "./arc-labels";
import { type Arc, alongArc, arcPath } from "./arc-shape";
import type { JumpStyle } from "./jump-style";
import type { LineLayout } from "./line-layout";

type Props = {
  layout: LineLayout;
  trail: Trail;
  arcs: readonly Arc[];
  ghosts?: boolean;
  /** The trail's ink while two are compared; otherwise its jumps have the colours of their places. */
  ink?: Ink;
  /** The trail is set aside: it can be seen but not touched. */
  isAside?: boolean;
};

/** The jumps of a trail, drawn from start to landing, with their sizes. */
export function Arcs({ layout, trail, arcs, ghosts = false, ink, isAside = false }: Props) {
  const { geometry } = layout;
  const drawn = arcs.filter(({ index }) => !trail.covers[index]?.arc);
  const many = drawn.length > MAX_SINGLE;
  const hidden = arcs.filter(({ index }) => trail.covers[index]?.arc);
  const width = layout.heavy + 1;
  const dashes = isAside ? { strokeDasharray: `${width * 2.4} ${width * 1.8}` } : {};
  return (
    <>
      {many && <ManyArcs layout={layout} arcs={drawn} width={width} dashes={dashes} />}
      {(many ? [] : drawn).map((arc) => (
        <OneArc
          key={arc.index}
          arc={arc}
          path={arcPath(geometry, arc.from, arc.to, arc.height)}
          width={width}
          dashes={dashes}
          isLatest={!isAside && arc.index === trail.jumps.length - 1}
        />
      ))}
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
        ink && isAside ? (
          <InkFigure key={arc.index} ink={ink} {...geometry.point(arc.to, 12)} radius={layout.heavy * 1.7} />
        ) : (
          <Head key={arc.index} layout={layout} arc={arc} />
        ),
      )}
    </>
  );
}

type OneProps = {
  arc: Arc;
  path: string;
  width: number;
  dashes: { strokeDasharray?: string };
  isLatest: boolean;
};

/** One jump. On a live board a new jump is animated from its start to its landing. */
function OneArc({ arc: { index, style }, path, width, dashes, isLatest }: OneProps) {
  // Only a new jump: after stepping back, the latest jump is one that was there before.
  const [made] = useState(isLatest);
  const how = {
    d: path,
    strokeLinecap: "round",
    ...(made ? { className: "jump-made", pathLength: 1 } : {}),
  } as const;
  return (
    <g data-jump={index}>
      {style.edge && <path {...how} stroke={style.edge} strokeWidth={width + 2.5} />}
      <path {...how} stroke={style.line} strokeWidth={width} {...dashes} />
    </g>
  );
}

type SizesProps = { size: number; labels: readonly ArcLabel[]; ink?: Ink; isAside?: boolean };

/** The sizes of the jumps of a trail, over all arcs. */
export function Sizes({ size, labels, ink, isAside = false }: SizesProps) {
  return labels.map((label) => (
    <g
      key={label.jumps[0]}
      {...(isAside ? {} : { "data-sizes": label.jumps.join(" "), pointerEvents: "all" })}
    >
      <Label label={label} size={size} {...(ink ? { ink } : {})} />
    </g>
  ));
}

/** The size of a jump, or of several alike, after the shape of the trail's ink where two are compared. */
function Label({ label, size, ink }: { label: ArcLabel; size: number; ink?: Ink }) {
  const { text, x, y, width, style, covered } = label;
  const [left, height] = [x - width / 2, size * 1.24];
  const figure = ink ? size * ROOM_OF_FIGURE : 0;
  const box = { y: round(y - height / 2), height: round(height) };
  return (
    <>
      {ink && (
        // With a rim in the board's colour, like the number: an arc may pass here.
        <g stroke="var(--color-board)" strokeWidth={5} strokeLinejoin="round" paintOrder="stroke">
          <InkFigure ink={ink} x={left + size * 0.36} y={y} radius={size * 0.27} />
        </g>
      )}
      {covered ? (
        <rect
          x={round(left + figure)}
          width={round(width - figure)}
          rx={8}
          fill="var(--color-cover)"
          {...box}
        />
      ) : (
        <>
          <rect x={round(left)} width={round(width)} fill="transparent" {...box} />
          <text
            x={round(x + figure / 2)}
            y={round(y + size * 0.36)}
            fontSize={size}
            fontWeight={700}
            textAnchor="middle"
            fill={style.text}
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
    </>
  );
}

/** Up to this many arcs are separate elements; more are drawn as one path. */
const MAX_SINGLE = 60;

type ManyProps = {
  layout: LineLayout;
  arcs: readonly Arc[];
  width: number;
  dashes: { strokeDasharray?: string };
};

/** Many arcs at once: one path for each style, so that a frame costs the same however many they are. */
function ManyArcs({ layout, arcs, width, dashes }: ManyProps) {
  const paths = new Map<JumpStyle, string>();
  for (const { from, to, height, style } of arcs) {
    paths.set(style, (paths.get(style) ?? "") + arcPath(layout.geometry, from, to, height));
  }
  return [...paths].map(([{ line, edge, text }, d]) => (
    <g key={line + text}>
      {edge && <path d={d} stroke={edge} strokeWidth={width + 2.5} strokeLinecap="round" />}
      <path d={d} stroke={line} strokeWidth={width} strokeLinecap="round" {...dashes} />
    </g>
  ));
}

/** The arrowhead of a jump, pointing to its landing, on jumps long enough to carry one. */
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
  const { line, edge } = arc.style;
  return (
    <path
      d={`M${wing(0.5)}L${round(tip.x)} ${round(tip.y)}L${wing(-0.5)}Z`}
      fill={edge ?? line}
      stroke={edge ?? line}
      strokeLinejoin="round"
    />
  );
}
