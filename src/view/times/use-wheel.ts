"use client";

import { type RefObject, useEffect, useRef } from "react";
import type { WindowAt } from "@/core/surface/times-grid";
import type { useSliding } from "./use-sliding";

/** A turn of the wheel this long is one place. */
const WHEEL_PLACE = 90;
const WHEEL_RESTS_MS = 160;

/** The wheel slides: up and down, or with Shift to the sides. The window comes to rest a little after the last turn. */
export function useWheel(
  frame: RefObject<HTMLElement | null>,
  sliding: ReturnType<typeof useSliding>,
  settle: (at: WindowAt) => void,
) {
  const latest = useRef({ sliding, settle });
  useEffect(() => {
    latest.current = { sliding, settle };
  });
  useEffect(() => {
    const element = frame.current;
    if (!element) return;
    let rest: ReturnType<typeof setTimeout>;
    const onWheel = (event: WheelEvent) => {
      if (event.ctrlKey) return;
      event.preventDefault();
      const { goal, put } = latest.current.sliding;
      const across = event.shiftKey && event.deltaX === 0 ? event.deltaY : event.deltaX;
      const down = event.shiftKey && event.deltaX === 0 ? 0 : event.deltaY;
      put(goal.current.row + down / WHEEL_PLACE, goal.current.column + across / WHEEL_PLACE);
      clearTimeout(rest);
      rest = setTimeout(() => {
        const { row, column } = latest.current.sliding.goal.current;
        latest.current.settle({ row: Math.round(row), column: Math.round(column) });
      }, WHEEL_RESTS_MS);
    };
    element.addEventListener("wheel", onWheel, { passive: false });
    return () => {
      clearTimeout(rest);
      element.removeEventListener("wheel", onWheel);
    };
  }, [frame]);
}
