"use client";

import { type PointerEvent, useEffect, useMemo, useRef, useState } from "react";
import { type CellKey, cellKey, MAX_TIMES } from "@/core/surface/cell-key";
import type { WindowAt } from "@/core/surface/times-grid";
import { PEEK_MS, type Sweep } from "../chart/use-sweep";
import { fingerDown, fingerUp } from "../fingers";

/** A touch that moves further than this, in pixels, is a slide. */
const SLIDE_FROM = 8;

type Sliding = {
  position: { current: WindowAt };
  put: (row: number, column: number) => void;
};
type Finger = {
  pointer: string;
  x: number;
  y: number;
  from: WindowAt;
  /** The cell that a tap touches; none if the touch is long, or has moved too far. */
  cell: CellKey | null;
  slides: boolean;
  /** The directions in which it slides: a strip of row or column numbers only its own. */
  ways: { rows: boolean; columns: boolean };
  peek?: ReturnType<typeof setTimeout>;
};

const BODY = { rows: true, columns: true };

/**
 * Pointer handlers of a times grid: a tap touches a cell, a long press on a covered one peeks, and everything longer
 * slides the window. Any number of fingers tap at the same time; one of them slides.
 */
export function useSlideTouch(
  sliding: Sliding,
  cell: { width: number; height: number },
  sweep: Sweep | undefined,
  onSettle: (at: WindowAt) => void,
) {
  const fingers = useRef(new Map<number, Finger>());
  const [peeked, setPeeked] = useState<CellKey | null>(null);
  useEffect(() => {
    const all = fingers.current;
    return () => {
      for (const { peek } of all.values()) clearTimeout(peek);
    };
  }, []);
  const handlers = useMemo(() => {
    const all = fingers.current;
    /** The cell under a touch, where the window is seen now: it may be sliding under another finger. */
    const cellUnder = (event: PointerEvent<HTMLElement>): CellKey => {
      const box = event.currentTarget.getBoundingClientRect();
      const { row, column } = sliding.position.current;
      return cellKey(
        Math.min(MAX_TIMES, Math.floor(row + (event.clientY - box.top) / cell.height)),
        Math.min(MAX_TIMES, Math.floor(column + (event.clientX - box.left) / cell.width)),
      );
    };
    const begin = (ways: Finger["ways"]) => (event: PointerEvent<HTMLElement>) => {
      if (event.button !== 0) return;
      const cell = ways === BODY ? cellUnder(event) : null;
      const now: Finger = {
        pointer: event.pointerType,
        x: event.clientX,
        y: event.clientY,
        from: { ...sliding.position.current },
        cell,
        slides: false,
        ways,
      };
      fingerDown(all, event, now);
      if (cell && sweep?.canPeek?.(cell)) {
        now.peek = setTimeout(() => {
          now.cell = null;
          setPeeked(cell);
        }, PEEK_MS);
      }
    };
    const onPointerMove = (event: PointerEvent<HTMLElement>) => {
      const now = all.get(event.pointerId);
      if (!now) return;
      const [dx, dy] = [event.clientX - now.x, event.clientY - now.y];
      if (!now.slides) {
        if (Math.hypot(dx, dy) < SLIDE_FROM) return;
        clearTimeout(now.peek);
        setPeeked(null);
        now.cell = null;
        if ([...all.values()].some(({ slides }) => slides)) return;
        // From now on the touch belongs to the grid, and whatever lies under its end is not clicked.
        event.currentTarget.setPointerCapture(event.pointerId);
        // A window that is still gliding is caught where it is.
        now.from = { ...sliding.position.current };
        now.slides = true;
      }
      sliding.put(
        now.from.row - (now.ways.rows ? dy / cell.height : 0),
        now.from.column - (now.ways.columns ? dx / cell.width : 0),
      );
    };
    const onPointerUp = (event: PointerEvent<HTMLElement>) => {
      const now = fingerUp(all, event);
      if (!now) return;
      clearTimeout(now.peek);
      setPeeked(null);
      if (now.slides) {
        const { row, column } = sliding.position.current;
        onSettle({ row: Math.round(row), column: Math.round(column) });
      } else if (now.cell && event.type !== "pointercancel") {
        sweep?.begin(now.cell, event.pointerId);
        sweep?.end(event.pointerId);
      }
    };
    const on = (ways: Finger["ways"]) => ({
      onPointerDown: begin(ways),
      onPointerMove,
      onPointerUp,
      onPointerCancel: onPointerUp,
    });
    return {
      body: on(BODY),
      rowStrip: on({ rows: true, columns: false }),
      columnStrip: on({ rows: false, columns: true }),
    };
  }, [sliding, cell.width, cell.height, sweep, onSettle]);
  return { ...handlers, peeked };
}
