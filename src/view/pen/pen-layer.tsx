"use client";

import { nanoid } from "nanoid";
import { type PointerEvent, useEffect, useMemo, useRef, useState } from "react";
import { manyOf } from "@/core/number/many-of";
import { keepPoints } from "@/core/scene/keep-points";
import { type Note, passes, type Stroke, UNIT } from "@/core/scene/pen";
import type { Ink } from "@/core/set/ink";
import type { Target } from "@/core/surface/cell-key";
import type { ViewId } from "@/core/views/view-id";
import type { SceneSource } from "../scene/scene-source";
import { useScene } from "../scene/use-scene";
import type { Anchors, Point } from "./anchors";
import { Drawn, noteSize, strokeStyle } from "./drawn";
import { anchorsFrom, layerOrigin } from "./layer-origin";
import { FINE, strokePath } from "./stroke-path";

export type PenTool = "pen" | "highlighter" | "rubber" | "note";

/** What a pen in hand does. */
export type PenHand = {
  tool: PenTool;
  ink: Ink;
  onStroke: (stroke: Stroke) => void;
  onRub: (ids: string[]) => void;
  onNote: (note: Note) => void;
  /** Where a note was begun by keyboard. */
  noteAt: Target | null;
  onNoteEnd: () => void;
};

type Props = {
  view: ViewId;
  source: SceneSource;
  anchors: Anchors;
  width: number;
  height: number;
  pen: PenHand | null;
};

/** A rubber removes what it comes this close to, in pixels. */
const RUBS = 16;

/** A note that is being written. */
type Writing = { at: Point; number: Target | null; note: Note | null };
/** A note that is begun by keyboard stands this far from its number, in units. */
const BESIDE = { x: 0.25, y: -1.1 };

type Line = { number: Target | null; at: Point & { unit: number }; points: Point[] };

/** Strokes and notes over a view; with a pen in hand, every finger on it draws. */
export function PenLayer({ view, source, anchors, width, height, pen }: Props) {
  const strokes = useScene(source, (scene) => scene.strokes);
  const notes = useScene(source, (scene) => scene.notes);
  const here = useMemo(() => strokes.filter((stroke) => stroke.view === view), [strokes, view]);
  const notesHere = useMemo(() => notes.filter((note) => note.view === view), [notes, view]);
  const lets = pen?.tool === "highlighter";
  const origin = useMemo(() => (lets ? null : layerOrigin(here, anchors)), [lets, here, anchors]);
  const { x: left, y: top } = origin ?? { x: 0, y: 0 };
  const fromOrigin = useMemo(() => anchorsFrom(anchors, { x: left, y: top }), [anchors, left, top]);
  const lines = useRef(new Map<number, Line>());
  const [, redraw] = useState(0);
  const [touched, setTouched] = useState<Writing | null>(null);
  const frame = useRef<HTMLDivElement>(null);
  /** Where the focus was before a note was written. */
  const before = useRef<HTMLElement | SVGElement | null>(null);
  if (!pen && here.length === 0 && notesHere.length === 0) return null;

  const pointOf = (event: PointerEvent): Point => {
    const box = frame.current!.getBoundingClientRect();
    return { x: event.clientX - box.left, y: event.clientY - box.top };
  };
  /** The number that a point belongs to, and its position; the view itself if there is none. */
  const anchorAt = (point: Point) => {
    const number = anchors.at(point);
    return { number, at: anchors.of(number) ?? { x: 0, y: 0, unit: 100 } };
  };
  const within = (point: Point, at: Point & { unit: number }): Point => ({
    x: (point.x - at.x) / at.unit,
    y: (point.y - at.y) / at.unit,
  });
  const rub = (point: Point) => {
    const gone = here.filter((stroke) => {
      const at = anchors.of(stroke.number);
      return at !== null && passes(stroke, within(point, at), RUBS / at.unit);
    });
    const wiped = notesHere.filter((note) => isOn(note, point));
    const ids = [...gone, ...wiped].map(({ id }) => id);
    if (ids.length > 0) pen?.onRub(ids);
  };
  const isOn = (note: Note, point: Point) => {
    const at = anchors.of(note.number);
    if (!at) return false;
    const [x, y] = [at.x + (note.x / UNIT) * at.unit, at.y + (note.y / UNIT) * at.unit];
    const { width: wide, height: high } = noteSize(note.text);
    return point.x >= x && point.x <= x + wide && point.y >= y && point.y <= y + high;
  };

  const begin = (event: PointerEvent<HTMLElement>) => {
    if (!pen || event.button !== 0) return;
    const point = pointOf(event);
    event.currentTarget.setPointerCapture(event.pointerId);
    if (pen.tool === "rubber") return rub(point);
    if (pen.tool === "note") {
      const old = notesHere.findLast((note) => isOn(note, point)) ?? null;
      return setTouched({ at: point, number: anchorAt(point).number, note: old });
    }
    const { number, at } = anchorAt(point);
    lines.current.set(event.pointerId, { number, at, points: [within(point, at)] });
    redraw((n) => n + 1);
  };
  const move = (event: PointerEvent<HTMLElement>) => {
    if (!pen) return;
    if (pen.tool === "rubber") {
      if (event.buttons !== 0) rub(pointOf(event));
      return;
    }
    const line = lines.current.get(event.pointerId);
    if (!line) return;
    // All points since the last frame, so that a fast stroke is smooth.
    const box = frame.current!.getBoundingClientRect();
    const told = event.nativeEvent.getCoalescedEvents?.() ?? [];
    for (const one of told.length > 0 ? told : [event.nativeEvent]) {
      line.points.push(within({ x: one.clientX - box.left, y: one.clientY - box.top }, line.at));
    }
    redraw((n) => n + 1);
  };
  const end = (event: PointerEvent<HTMLElement>) => {
    const line = lines.current.get(event.pointerId);
    if (!line || !pen) return;
    lines.current.delete(event.pointerId);
    if (event.type !== "pointercancel" && (pen.tool === "pen" || pen.tool === "highlighter")) {
      pen.onStroke({
        id: nanoid(8),
        view,
        number: line.number,
        ink: pen.ink,
        tool: pen.tool,
        points: keepPoints(line.points),
      });
    }
    redraw((n) => n + 1);
  };
  const byKeys = pen?.noteAt ?? null;
  const stands = byKeys === null ? null : anchors.of(byKeys);
  const writing: Writing | null =
    touched ??
    (stands && {
      at: { x: stands.x + BESIDE.x * stands.unit, y: stands.y + BESIDE.y * stands.unit },
      number: byKeys,
      note: notesHere.findLast((note) => note.number === byKeys) ?? null,
    });
  const leave = () => {
    setTouched(null);
    pen?.onNoteEnd();
  };
  const write = (text: string) => {
    const done = writing;
    leave();
    if (!done || !pen) return;
    const said = text.trim().slice(0, 120);
    if (said === "") {
      if (done.note) pen.onRub([done.note.id]);
      return;
    }
    if (said === done.note?.text) return;
    if (done.note) return pen.onNote({ ...done.note, text: said });
    const at = anchors.of(done.number) ?? { x: 0, y: 0, unit: 100 };
    const { x, y } = within(done.at, at);
    pen.onNote({
      id: nanoid(8),
      view,
      number: done.number,
      ink: pen.ink,
      x: Math.round(x * UNIT),
      y: Math.round(y * UNIT),
      text: said,
    });
  };

  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: by keyboard the numbers under it are drawn on, one at a time.
    <div
      ref={frame}
      data-part="pen-layer"
      className={`absolute top-0 left-0 z-30 ${pen ? "pointer-events-auto cursor-crosshair touch-none" : "pointer-events-none"}`}
      style={{ width, height }}
      onPointerDown={begin}
      onPointerMove={move}
      onPointerUp={end}
      onPointerCancel={end}
      onMouseDown={(event) => {
        if (!(event.target instanceof HTMLInputElement)) event.preventDefault();
      }}
    >
      <svg
        role="img"
        aria-label={drawnWords(
          here.length,
          notesHere.map(({ text }) => text),
        )}
        width={width}
        height={height}
        className="pointer-events-none absolute inset-0 overflow-visible"
        style={origin ? { transform: `translate(${left}px, ${top}px)`, willChange: "transform" } : undefined}
      >
        <Drawn
          strokes={here}
          notes={notesHere.filter((note) => note !== writing?.note)}
          anchors={fromOrigin}
        />
        {pen &&
          [...lines.current].map(([finger, { at, points }]) => (
            <path
              key={finger}
              d={strokePath(points, pen.tool === "highlighter" ? "highlighter" : "pen", false)}
              transform={`translate(${at.x - left} ${at.y - top}) scale(${at.unit / FINE})`}
              {...strokeStyle(pen.ink, pen.tool === "highlighter" ? "highlighter" : "pen")}
            />
          ))}
      </svg>
      {writing && (
        <NoteField
          text={writing.note?.text ?? ""}
          before={before}
          onWrite={write}
          at={{
            left: Math.min(writing.at.x, Math.max(0, width - 256)),
            top: Math.min(writing.at.y, Math.max(0, height - 44)),
          }}
        />
      )}
    </div>
  );
}

type NoteFieldProps = {
  text: string;
  /** Where the focus was before the note was written. */
  before: { current: HTMLElement | SVGElement | null };
  onWrite: (text: string) => void;
  at: { left: number; top: number };
};

/** The field of a note. However it is left, by a key or a touch anywhere else, what was written in it is kept. */
function NoteField({ text, before, onWrite, at }: NoteFieldProps) {
  const field = useRef<HTMLInputElement>(null);
  useEffect(() => {
    const elsewhere = ({ target }: Event) => {
      if (target !== field.current) field.current?.blur();
    };
    window.addEventListener("pointerdown", elsewhere, { capture: true });
    return () => window.removeEventListener("pointerdown", elsewhere, { capture: true });
  }, []);
  return (
    <input
      ref={field}
      // biome-ignore lint/a11y/noAutofocus: a note is placed by a touch, and written there at once.
      autoFocus
      aria-label="Note"
      maxLength={120}
      autoComplete="off"
      defaultValue={text}
      onFocus={(event) => {
        before.current = event.relatedTarget as HTMLElement | SVGElement | null;
      }}
      onBlur={(event) => onWrite(event.target.value)}
      onPointerDown={(event) => event.stopPropagation()}
      onKeyDown={(event) => {
        event.stopPropagation();
        if (event.key !== "Enter" && event.key !== "Escape") return;
        event.preventDefault();
        event.currentTarget.blur();
        before.current?.focus();
      }}
      className="absolute h-11 w-64 rounded-button border-2 border-ink bg-board px-3 text-large font-semibold"
      style={at}
    />
  );
}

/** Strokes and notes for screen readers. */
function drawnWords(strokes: number, notes: readonly string[]): string {
  const drawn = manyOf(strokes, "stroke");
  return notes.length === 0
    ? `Drawn by hand: ${drawn}`
    : `Drawn by hand: ${drawn}. Notes: ${notes.join("; ")}`;
}
