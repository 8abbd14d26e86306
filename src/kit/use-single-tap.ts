"use client";

import { type MouseEvent, type PointerEvent, useRef } from "react";

/** A second tap within this time is part of a double tap, in milliseconds. */
const DOUBLE_MS = 300;

/** Runs the action of a button only once for a double tap. Mouse and keyboard may press as fast as they like. */
export function useSingleTap(run: () => void) {
  const last = useRef({ by: "", at: Number.NEGATIVE_INFINITY });
  return {
    onPointerDown: ({ pointerType }: PointerEvent) => {
      last.current.by = pointerType;
    },
    onKeyDown: () => {
      last.current.by = "";
    },
    onClick: ({ timeStamp }: MouseEvent) => {
      const { by, at } = last.current;
      if (by !== "" && by !== "mouse" && timeStamp - at < DOUBLE_MS) return;
      last.current.at = timeStamp;
      run();
    },
  };
}
