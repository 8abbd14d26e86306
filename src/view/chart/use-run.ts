"use client";

import { type PointerEvent, useMemo, useRef } from "react";
import type { NumberKey } from "@/core/number/exact";
import { type ChartLayout, cornerOf, placeUnder } from "./chart-layout";

/**
 * A touch that begins on a number and may be drawn on over others, each told once in the order it was met. `finger`
 * tells touches apart: several pupils touch at the same time.
 */
export type Run = {
  begin: (number: NumberKey, finger: number) => void;
  over: (number: NumberKey, finger: number) => void;
  end: (finger: number) => void;
};

/** The finger of the keyboard. */
export const KEYBOARD = -1;

type Under = { index: number; seen: Set<number>; box: DOMRect };

/** Pointer handlers that turn touch, pen and mouse on a chart into runs. */
export function useRun(layout: ChartLayout, run: Run | undefined) {
  const fingers = useRef(new Map<number, Under>());
  return useMemo(() => {
    if (!run) return {};
    const finish = ({ pointerId }: PointerEvent) => {
      if (fingers.current.delete(pointerId)) run.end(pointerId);
    };
    return {
      onPointerDown: (event: PointerEvent<HTMLElement>) => {
        if (event.button !== 0) return;
        const box = event.currentTarget.getBoundingClientRect();
        const index = placeUnder(layout, event.clientX - box.left, event.clientY - box.top);
        if (index === null) return;
        event.currentTarget.setPointerCapture(event.pointerId);
        fingers.current.set(event.pointerId, { index, seen: new Set([index]), box });
        run.begin(layout.numbers[index]!, event.pointerId);
      },
      onPointerMove: (event: PointerEvent<HTMLElement>) => {
        const at = fingers.current.get(event.pointerId);
        if (!at) return;
        const index = placeUnder(layout, event.clientX - at.box.left, event.clientY - at.box.top);
        if (index === null || index === at.index) return;
        for (const met of between(layout, at.index, index)) {
          if (at.seen.has(met)) continue;
          at.seen.add(met);
          run.over(layout.numbers[met]!, event.pointerId);
        }
        at.index = index;
      },
      onPointerUp: finish,
      onPointerCancel: finish,
    };
  }, [layout, run]);
}

/** The places on the straight way from one to another, so that a fast drag leaves none out. */
function between(layout: ChartLayout, from: number, to: number): number[] {
  const [a, b] = [cornerOf(layout, from), cornerOf(layout, to)];
  const columns = Math.abs(b.x - a.x) / layout.cellWidth;
  const rows = Math.abs(b.y - a.y) / layout.cellHeight;
  const steps = Math.max(1, Math.round(Math.max(columns, rows)));
  const [halfWidth, halfHeight] = [layout.cellWidth / 2, layout.cellHeight / 2];
  return Array.from({ length: steps }, (_, i) => {
    const part = (i + 1) / steps;
    return placeUnder(layout, a.x + (b.x - a.x) * part + halfWidth, a.y + (b.y - a.y) * part + halfHeight)!;
  });
}
