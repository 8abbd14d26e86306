"use client";

import { type PointerEvent, useEffect, useMemo, useRef, useState } from "react";
import { isPlaceKey, type PlaceKey } from "@/core/surface/place-key";
import type { WindowAt } from "@/core/surface/times-grid";
import type { Run } from "../chart/use-run";

/** Further than this, in pixels, a touch is a slide. */
const SLIDE_FROM = 8;
const PEEK_MS = 450;

type Sliding = {
  position: { current: WindowAt };
  put: (row: number, column: number) => void;
};
type Finger = {
  id: number;
  x: number;
  y: number;
  from: WindowAt;
  place: PlaceKey | null;
  slides: boolean;
  /** Which ways it slides: a strip of names goes its own way only. */
  ways: { rows: boolean; columns: boolean };
  peek?: ReturnType<typeof setTimeout>;
};

/**
 * Pointer handlers of a times grid: a tap touches a place, a long press on a covered one peeks, and everything longer
 * slides the window. One finger slides at a time.
 */
export function useSlideTouch(
  sliding: Sliding,
  cell: { width: number; height: number },
  run: Run | undefined,
  onSettle: (at: WindowAt) => void,
) {
  const finger = useRef<Finger | null>(null);
  const [peeked, setPeeked] = useState<PlaceKey | null>(null);
  useEffect(() => () => clearTimeout(finger.current?.peek), []);
  return useMemo(() => {
    const begin = (ways: Finger["ways"]) => (event: PointerEvent<HTMLElement>) => {
      // A first finger takes the place of one whose end was never told.
      if (event.button !== 0 || (finger.current && !event.isPrimary)) return;
      const named = (event.target as Element).closest("[data-place]")?.getAttribute("data-place") ?? "";
      const place = isPlaceKey(named) ? named : null;
      const now: Finger = {
        id: event.pointerId,
        x: event.clientX,
        y: event.clientY,
        from: { ...sliding.position.current },
        place,
        slides: false,
        ways,
      };
      finger.current = now;
      if (place && run?.canPeek?.(place)) {
        now.peek = setTimeout(() => {
          now.place = null;
          setPeeked(place);
        }, PEEK_MS);
      }
    };
    const onPointerMove = (event: PointerEvent<HTMLElement>) => {
      const now = finger.current;
      if (!now || now.id !== event.pointerId) return;
      const [dx, dy] = [event.clientX - now.x, event.clientY - now.y];
      if (!now.slides && Math.hypot(dx, dy) < SLIDE_FROM) return;
      // From now on the touch belongs to the grid, and what lies under its end is not clicked.
      if (!now.slides) {
        event.currentTarget.setPointerCapture(event.pointerId);
        // A window that was still gliding is taken up where it is.
        now.from = { ...sliding.position.current };
      }
      now.slides = true;
      clearTimeout(now.peek);
      setPeeked(null);
      sliding.put(
        now.from.row - (now.ways.rows ? dy / cell.height : 0),
        now.from.column - (now.ways.columns ? dx / cell.width : 0),
      );
    };
    const onPointerUp = (event: PointerEvent<HTMLElement>) => {
      const now = finger.current;
      if (!now || now.id !== event.pointerId) return;
      finger.current = null;
      clearTimeout(now.peek);
      setPeeked(null);
      if (now.slides || event.type === "pointercancel") {
        const { row, column } = sliding.position.current;
        onSettle({ row: Math.round(row), column: Math.round(column) });
      } else if (now.place) {
        run?.begin(now.place, now.id);
        run?.end(now.id);
      }
    };
    const handlers = (ways: Finger["ways"]) => ({
      onPointerDown: begin(ways),
      onPointerMove,
      onPointerUp,
      onPointerCancel: onPointerUp,
    });
    return {
      peeked,
      body: handlers({ rows: true, columns: true }),
      rowStrip: handlers({ rows: true, columns: false }),
      columnStrip: handlers({ rows: false, columns: true }),
    };
  }, [sliding, cell.width, cell.height, run, onSettle, peeked]);
}
