import { memo, useState } from "react";
import type { Trail } from "@/core/count/trail";
import type { Ink } from "@/core/set/ink";
import { InkFigure } from "../ink/ink-shape";
import { round } from "../round";
import { type ArcLabel, ROOM_OF_FIGURE } from "./arc-labels";
import { type Arc, alongArc, arcPath, EDGE, togetherOf, WIDER } from "./arc-shape";
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
  const width = layout.heavy + WIDER;
  const hidden = arcs.filter(({ index }) => trail.covers[index]?.arc);
  const drawn = arcs.filter(({ index }) => !trail.covers[index]?.arc);
  const { together, single } = togetherOf(layout, drawn);
  return (
    <>
      {together.length > 0 && <ManyArcs layout={layout} arcs={together} width={width} isDashed={isAside} />}
      {single.map((arc) => (
        <OneArc
          key={arc.index}
          index={arc.index}
          style={arc.style}
          path={arcPath(geometry, arc.from, arc.to, arc.height)}
          width={width}
          isDashed={isAside}
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
      {ink && isAside
        ? single.map(({ index, to }) => (
            <InkFigure key={index} ink={ink} {...geometry.point(to, 12)} radius={layout.heavy * 1.7} />
          ))
        : single
            .filter(({ length }) => length >= MIN_WITH_HEAD)
            .map(({ index, from, to, height, style }) => (
              <Head key={index} heavy={layout.heavy} {...{ geometry, from, to, height, style }} />
            ))}
    </>
  );
}

/** How long a jump must be to carry an arrowhead, in pixels. */
const MIN_WITH_HEAD = 20;

const dashes = (width: number, isDashed: boolean) =>
  isDashed ? { strokeDasharray: `${width * 2.4} ${width * 1.8}` } : {};

type OneProps = {
  index: number;
  style: JumpStyle;
  path: string;
  width: number;
  isDashed: boolean;
  isLatest: boolean;
};

/**
 * One jump. On a live board a new jump is animated from its start to its landing; those that were there before are not
 * rendered again.
 */
const OneArc = memo(function OneArc({ index, style, path, width, isDashed, isLatest }: OneProps) {
  // Only a new jump: after stepping back, the latest jump is one that was there before.
  const [made] = useState(isLatest);
  const how = {
    d: path,
    strokeLinecap: "round",
    ...(made ? { className: "jump-made", pathLength: 1 } : {}),
  } as const;
  return (
    <g data-jump={index}>
      {style.edge && <path {...how} stroke={style.edge} strokeWidth={width + EDGE} />}
      <path {...how} stroke={style.line} strokeWidth={width} {...dashes(width, isDashed)} />
    </g>
  );
});

type SizesProps = { size: number; labels: readonly ArcLabel[]; ink?: Ink; isAside?: boolean };

/** The sizes of the jumps of a trail, over all arcs. */
export function Sizes({ size, labels, ink, isAside = false }: SizesProps) {
  return labels.map((label) => (
    <g
      key={label.jumps[0]}
      data-beyond={label.beyond || undefined}
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

type ManyProps = {
  layout: LineLayout;
  arcs: readonly Arc[];
  width: number;
  isDashed: boolean;
};

/** Many arcs at once: one path for each style, so that a frame costs the same however many they are. */
function ManyArcs({ layout, arcs, width, isDashed }: ManyProps) {
  const paths = new Map<JumpStyle, string>();
  for (const { from, to, height, style } of arcs) {
    paths.set(style, (paths.get(style) ?? "") + arcPath(layout.geometry, from, to, height));
  }
  return [...paths].map(([{ line, edge, text }, d]) => (
    <g key={line + text}>
      {edge && <path d={d} stroke={edge} strokeWidth={width + EDGE} strokeLinecap="round" />}
      <path d={d} stroke={line} strokeWidth={width} strokeLinecap="round" {...dashes(width, isDashed)} />
    </g>
  ));
}

type HeadProps = Pick<LineLayout, "geometry" | "heavy"> & Pick<Arc, "from" | "to" | "height" | "style">;

/** The arrowhead of a jump, pointing to its landing. */
const Head = memo(function Head({ geometry, heavy, from, to, height, style }: HeadProps) {
  const tip = geometry.point(to, 3);
  // It points down to a straight line, and along the arc round a ring.
  const before =
    geometry.shape === "ring"
      ? alongArc(geometry, from, to, height).at(-3)!
      : geometry.point(to - (to - from) * 0.03, Math.min(height * 0.45, 16));
  const turn = Math.atan2(tip.y - before.y, tip.x - before.x);
  const reach = heavy * 2.6;
  const wing = (side: number) =>
    `${round(tip.x - reach * Math.cos(turn + side))} ${round(tip.y - reach * Math.sin(turn + side))}`;
  const { line, edge } = style;
  return (
    <path
      d={`M${wing(0.5)}L${round(tip.x)} ${round(tip.y)}L${wing(-0.5)}Z`}
      fill={edge ?? line}
      stroke={edge ?? line}
      strokeLinejoin="round"
    />
  );
});
