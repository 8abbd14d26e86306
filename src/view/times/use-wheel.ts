"use client";

import { useWheel as useWheelGesture } from "@use-gesture/react";
import { type RefObject, useEffect, useRef } from "react";
import type { WindowAt } from "@/core/surface/times-grid";
import type { useSliding } from "./use-sliding";

/** The wheel distance of one cell. */
const WHEEL_PLACE = 90;
const WHEEL_RESTS_MS = 160;

/** The wheel slides: up and down, or with Shift to the sides. The window comes to rest a little after the last turn. */
export function useWheel(
  frame: RefObject<HTMLElement | null>,
  { goal, put }: ReturnType<typeof useSliding>,
  settle: (at: WindowAt) => void,
) {
  const rest = useRef<ReturnType<typeof setTimeout>>(undefined);
  useEffect(() => () => clearTimeout(rest.current), []);
  useWheelGesture(
    ({ delta: [dx, dy], event }) => {
      if (event.ctrlKey) return;
      event.preventDefault();
      const sideways = event.shiftKey && dx === 0;
      const [across, down] = sideways ? [dy, 0] : [dx, dy];
      put(goal.current.row + down / WHEEL_PLACE, goal.current.column + across / WHEEL_PLACE);
      clearTimeout(rest.current);
      rest.current = setTimeout(() => {
        const { row, column } = goal.current;
        settle({ row: Math.round(row), column: Math.round(column) });
      }, WHEEL_RESTS_MS);
    },
    { target: frame, eventOptions: { passive: false } },
  );
}
