import { memo } from "react";
import type { Note, Stroke } from "@/core/scene/pen";
import { UNIT } from "@/core/scene/pen";
import type { Scene } from "@/core/scene/scene";
import type { Ink } from "@/core/set/ink";
import type { Target } from "@/core/surface/cell-key";
import type { ViewId } from "@/core/views/view-id";
import { INK_STYLE } from "../ink/ink-style";
import { round } from "../round";
import type { Anchors } from "./anchors";
import { FINE, pathOf } from "./stroke-path";

type Props = { strokes: readonly Stroke[]; notes: readonly Note[]; anchors: Anchors };

/** The strokes and notes of a scene over a view. */
export function DrawnOver({ view, scene, anchors }: { view: ViewId; scene: Scene; anchors: Anchors }) {
  const here = <T extends { view: ViewId }>(all: readonly T[]) => all.filter((one) => one.view === view);
  return <Drawn strokes={here(scene.strokes)} notes={here(scene.notes)} anchors={anchors} />;
}

/** Strokes and notes over a view, each where its number stands. */
export function Drawn({ strokes, notes, anchors }: Props) {
  return (
    <>
      {byNumber(strokes).map(([number, group]) => {
        const place = anchors.of(number);
        if (!place) return null;
        const scale = place.unit / FINE;
        return (
          <g
            key={number ?? ""}
            transform={`translate(${round(place.x)} ${round(place.y)}) scale(${Math.round(scale * 1e5) / 1e5})`}
          >
            <Strokes strokes={group} />
          </g>
        );
      })}
      {notes.map((note) => {
        const place = anchors.of(note.number);
        if (!place) return null;
        return (
          <NoteSlip
            key={note.id}
            note={note}
            x={place.x + (note.x / UNIT) * place.unit}
            y={place.y + (note.y / UNIT) * place.unit}
          />
        );
      })}
    </>
  );
}

/** The strokes of one number. They re-render only when one is added or removed, not when they move. */
const Strokes = memo(
  function Strokes({ strokes }: { strokes: readonly Stroke[] }) {
    return strokes.map((stroke) => (
      <path
        key={stroke.id}
        d={pathOf(stroke)}
        data-stroke={stroke.id}
        {...strokeStyle(stroke.ink, stroke.tool)}
      />
    ));
  },
  (a, b) => a.strokes.length === b.strokes.length && a.strokes.every((stroke, i) => stroke === b.strokes[i]),
);

/** A pen draws in its ink; a highlighter lets through what lies under it. */
export const strokeStyle = (ink: Ink, tool: Stroke["tool"]) =>
  tool === "pen"
    ? { fill: INK_STYLE[ink].figure }
    : { fill: INK_STYLE[ink].figure, opacity: 0.32, className: "mix-blend-multiply" };

function byNumber(strokes: readonly Stroke[]): [Target | null, Stroke[]][] {
  const groups = new Map<Target | null, Stroke[]>();
  for (const stroke of strokes) {
    const group = groups.get(stroke.number);
    if (group) group.push(stroke);
    else groups.set(stroke.number, [stroke]);
  }
  return [...groups];
}

const NOTE = { size: 22, pad: 10 };
/** The size of a note, in pixels. */
export const noteSize = (text: string) => ({
  width: Math.max(48, text.length * NOTE.size * 0.56 + 2 * NOTE.pad),
  height: NOTE.size + 2 * NOTE.pad,
});

function NoteSlip({ note, x, y }: { note: Note; x: number; y: number }) {
  const { width, height } = noteSize(note.text);
  const { ground, figure } = INK_STYLE[note.ink];
  return (
    <g data-note={note.id} pointerEvents="all">
      <rect
        x={round(x)}
        y={round(y)}
        width={round(width)}
        height={height}
        rx={10}
        fill={ground}
        stroke={figure}
        strokeWidth={2}
      />
      <text
        x={round(x + width / 2)}
        y={round(y + height / 2 + NOTE.size * 0.35)}
        fontSize={NOTE.size}
        fontWeight={600}
        textAnchor="middle"
        fill="var(--color-ink)"
      >
        {note.text}
      </text>
    </g>
  );
}
