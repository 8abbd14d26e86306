"use client";

import { type RefObject, useEffect } from "react";

const SAID_TWICE = ["touchstart", "touchmove", "touchend", "touchcancel"] as const;
/** Nothing is hovered over by a finger. */
const HOVERED = ["pointerover", "pointerout"] as const;

/**
 * Of a finger on an element only its pointer events go on to the page. The others say the same once more, and between
 * a touch and its colour each of them costs a slow computer some milliseconds on its way through the page.
 */
export function usePointersOnly(element: RefObject<HTMLElement | null>): void {
  useEffect(() => {
    const stop = (event: Event) => {
      if (event instanceof PointerEvent && event.pointerType !== "touch") return;
      if (element.current?.contains(event.target as Node)) event.stopImmediatePropagation();
    };
    const options = { capture: true, passive: true };
    for (const type of [...SAID_TWICE, ...HOVERED]) window.addEventListener(type, stop, options);
    return () => {
      for (const type of [...SAID_TWICE, ...HOVERED]) window.removeEventListener(type, stop, options);
    };
  }, [element]);
}
