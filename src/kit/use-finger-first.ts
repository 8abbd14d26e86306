"use client";

import { type RefObject, useEffect, useLayoutEffect, useRef } from "react";
import { afterFrame } from "./after-frame";
import { secondPress } from "./second-press";

const SAID_TWICE = ["touchstart", "touchmove", "touchend", "touchcancel"] as const;
/** Fingers do not hover. */
const HOVERED = ["pointerover", "pointerout"] as const;
const ENDS = ["pointerup", "pointercancel"] as const;

/**
 * Tells an element of a touch before anything else on the page: between a touch and its colour, a slow computer has no
 * time for the whole event path. All other listeners are told once the frame is painted, at the latest when the finger
 * leaves. The browser is told not to produce gestures and mouse events, since nobody waits for them; instead a click is
 * dispatched when the finger leaves.
 */
export function useFingerFirst(
  element: RefObject<HTMLElement | null>,
  onDown: (event: PointerEvent) => void,
): void {
  const latest = useRef(onDown);
  useLayoutEffect(() => {
    latest.current = onDown;
  });
  useEffect(() => {
    const { current: on } = element;
    if (!on) return;
    const untold = new Map<number, () => void>();
    const down = new Set<number>();
    let telling = false;
    const isOn = ({ target }: Event) => on.contains(target as Node);
    const tell = (target: EventTarget | null, event: Event) => {
      telling = true;
      target?.dispatchEvent(event);
      telling = false;
    };
    const begin = (event: PointerEvent) => {
      if (telling || !isOn(event) || secondPress.is(event)) return;
      latest.current(event);
      if (event.pointerType !== "touch") return;
      event.stopPropagation();
      const { target, pointerId } = event;
      const tellDown = () => {
        if (untold.delete(pointerId)) tell(target, new PointerEvent(event.type, event));
      };
      untold.set(pointerId, tellDown);
      down.add(pointerId);
      afterFrame(tellDown);
    };
    const end = (event: PointerEvent) => {
      untold.get(event.pointerId)?.();
      if (down.delete(event.pointerId) && event.type === "pointerup")
        tell(event.target, new MouseEvent("click", event));
    };
    const stop = (event: Event) => {
      const byFinger = !("pointerType" in event) || event.pointerType === "touch";
      if (byFinger && isOn(event)) event.stopImmediatePropagation();
    };
    const prevent = (event: Event) => isOn(event) && event.cancelable && event.preventDefault();
    const ends = new AbortController();
    const first = { capture: true, signal: ends.signal };
    const passive = { ...first, passive: true };
    window.addEventListener("touchstart", prevent, { ...first, passive: false });
    window.addEventListener("pointerdown", begin, first);
    for (const type of ENDS) window.addEventListener(type, end, first);
    for (const type of [...SAID_TWICE, ...HOVERED]) window.addEventListener(type, stop, passive);
    return () => {
      untold.clear();
      ends.abort();
    };
  }, [element]);
}
