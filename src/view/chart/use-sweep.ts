"use client";

import {
  type PointerEvent as ReactPointerEvent,
  type RefObject,
  useEffect,
  useMemo,
  useRef,
  useState,
} from "react";
import type { Exact, NumberKey } from "@/core/number/exact";
import { useFingerFirst } from "@/kit/use-finger-first";
import { cellIndexOf } from "./cell-element";
import { type ChartLayout, cellUnder, cornerOf } from "./chart-layout";

/**
 * A touch that begins on a number and may move over others, each reported once in the order it was met. `finger` tells
 * touches apart: several pupils touch at the same time.
 */
export type Sweep = {
  /** `reach`: the tolerance of a touch on a line, as a number: as far as a finger is wide. */
  begin: (number: NumberKey, finger: number, reach?: Exact) => void;
  over: (number: NumberKey, finger: number) => void;
  end: (finger: number) => void;
  /** Whether a long press on the number shows it to the teacher, and changes nothing. */
  canPeek?: (number: NumberKey) => boolean;
};

/** The finger of the keyboard. */
export const KEYBOARD = -1;

/** How long a finger rests on a covered cell before its number is shown to the teacher, in milliseconds. */
export const PEEK_MS = 450;

type Under = {
  index: number;
  seen: Set<number>;
  box: DOMRect | null;
  waiting?: ReturnType<typeof setTimeout>;
};

/** Pointer handlers that turn touch, pen and mouse on a chart into runs over cells, and the cell being peeked at. */
export function useSweep(grid: RefObject<HTMLElement | null>, layout: ChartLayout, sweep: Sweep | undefined) {
  const fingers = useRef(new Map<number, Under>());
  const [peeked, setPeeked] = useState<number | null>(null);
  useEffect(() => {
    const all = fingers.current;
    return () => {
      for (const { waiting } of all.values()) clearTimeout(waiting);
    };
  }, []);
  const { down, pointers } = useMemo(() => {
    if (!sweep) return { down: () => {}, pointers: {} };
    const numberAt = (index: number) => layout.numbers[index]!;
    /** A touch held back as a possible long press turns out to be an ordinary one. */
    const begin = (at: Under, finger: number) => {
      if (at.waiting === undefined) return;
      clearTimeout(at.waiting);
      delete at.waiting;
      sweep.begin(numberAt(at.index), finger);
    };
    const finish = (event: ReactPointerEvent) => {
      const at = fingers.current.get(event.pointerId);
      if (!at) return;
      if (event.type === "pointercancel") clearTimeout(at.waiting);
      else begin(at, event.pointerId);
      fingers.current.delete(event.pointerId);
      setPeeked(null);
      sweep.end(event.pointerId);
    };
    const down = (event: PointerEvent) => {
      const { current } = grid;
      if (event.button !== 0 || !current) return;
      const index = cellIndexOf(event.target);
      if (index === null) return;
      const finger = event.pointerId;
      current.setPointerCapture(finger);
      const at: Under = { index, seen: new Set([index]), box: null };
      fingers.current.set(finger, at);
      if (!sweep.canPeek?.(numberAt(index))) return sweep.begin(numberAt(index), finger);
      at.waiting = setTimeout(() => {
        fingers.current.delete(finger);
        setPeeked(index);
      }, PEEK_MS);
    };
    const pointers = {
      onPointerMove: (event: ReactPointerEvent<HTMLElement>) => {
        const at = fingers.current.get(event.pointerId);
        if (!at) return;
        const box = at.box ?? event.currentTarget.getBoundingClientRect();
        at.box = box;
        const index = cellUnder(layout, event.clientX - box.left, event.clientY - box.top);
        if (index === null || index === at.index) return;
        begin(at, event.pointerId);
        for (const met of between(layout, at.index, index)) {
          if (at.seen.has(met)) continue;
          at.seen.add(met);
          sweep.over(numberAt(met), event.pointerId);
        }
        at.index = index;
      },
      onPointerUp: finish,
      onPointerCancel: finish,
      onLostPointerCapture: () => setPeeked(null),
    };
    return { down, pointers };
  }, [grid, layout, sweep]);
  useFingerFirst(grid, down);
  return { pointers, peeked };
}

/** The cells on the straight line from one to another, so that a fast drag skips none. */
function between(layout: ChartLayout, from: number, to: number): number[] {
  const [a, b] = [cornerOf(layout, from), cornerOf(layout, to)];
  const columns = Math.abs(b.x - a.x) / layout.cellWidth;
  const rows = Math.abs(b.y - a.y) / layout.cellHeight;
  const steps = Math.max(1, Math.round(Math.max(columns, rows)));
  const [halfWidth, halfHeight] = [layout.cellWidth / 2, layout.cellHeight / 2];
  const met = Array.from({ length: steps }, (_, i) => {
    const part = (i + 1) / steps;
    return cellUnder(layout, a.x + (b.x - a.x) * part + halfWidth, a.y + (b.y - a.y) * part + halfHeight);
  });
  // A straight line may cross the gap after a short row.
  return met.filter((index) => index !== null);
}
