"use client";

import { useEffect } from "react";

/** What a tap presses or focuses. */
const PRESSED = "button, a, input, textarea, [role=menuitem], [role=option]";
/**
 * A tap moves no further than this, in pixels, and lasts no longer than this: a child presses slowly, and a browser that
 * takes a slow press for a request for its menu sends no click.
 */
const TAP = { far: 12, ms: 2000 };
/** How long a browser has to turn a tap into a click, if nothing is known to prevent it. */
const WAIT_MS = 80;
/** How long after a stroke a browser may treat it as a running scroll. */
const SCROLLS_MS = 1500;
/** A click from the browser within this time belongs to a tap that was counted already. */
const LATE_MS = 600;

type Down = { on: HTMLElement | null; x: number; y: number; at: number };

/**
 * Makes every tap on a button count. A browser sends no click for a tap while another finger rests on the screen, nor
 * right after a swift stroke, which it treats as a scroll that is still running; in a class both happen all the time.
 * In these cases, and whenever else a tap has not become a click, one is dispatched here.
 */
export function useSureTaps(): void {
  useEffect(() => {
    const downs = new Map<number, Down>();
    const waiting = new Map<Element, ReturnType<typeof setTimeout>>();
    const made = new Map<Element, number>();
    let making = false;
    let stroked = Number.NEGATIVE_INFINITY;
    const pressed = (target: EventTarget | null) =>
      target instanceof Element ? target.closest<HTMLElement>(PRESSED) : null;

    const down = (event: PointerEvent) => {
      // Events dispatched by the page itself are not fingers.
      if (event.pointerType === "mouse" || !event.isTrusted) return;
      // A primary pointer replaces those whose end was never reported.
      if (event.isPrimary) downs.clear();
      const on = pressed(event.target);
      // Whatever comes from now on belongs to this tap.
      if (on) made.delete(on);
      downs.set(event.pointerId, { on, x: event.clientX, y: event.clientY, at: event.timeStamp });
    };
    const up = (event: PointerEvent) => {
      const was = downs.get(event.pointerId);
      downs.delete(event.pointerId);
      if (!was || event.type === "pointercancel") return;
      if (Math.hypot(event.clientX - was.x, event.clientY - was.y) > TAP.far) {
        stroked = event.timeStamp;
        return;
      }
      const { on } = was;
      if (!on || event.timeStamp - was.at > TAP.ms) return;
      clearTimeout(waiting.get(on));
      const make = () => {
        waiting.delete(on);
        if (!on.isConnected) return;
        if (on instanceof HTMLInputElement || on instanceof HTMLTextAreaElement) return on.focus();
        made.set(on, performance.now());
        making = true;
        on.click();
        making = false;
      };
      if (downs.size > 0 || event.timeStamp - stroked < SCROLLS_MS) make();
      else waiting.set(on, setTimeout(make, WAIT_MS));
    };
    const click = (event: MouseEvent) => {
      const on = pressed(event.target);
      if (!on || making) return;
      clearTimeout(waiting.get(on));
      waiting.delete(on);
      const before = made.get(on);
      made.delete(on);
      if (before === undefined || performance.now() - before > LATE_MS) return;
      event.preventDefault();
      event.stopPropagation();
    };
    const ends = new AbortController();
    const options = { capture: true, signal: ends.signal };
    window.addEventListener("pointerdown", down, options);
    window.addEventListener("pointerup", up, options);
    window.addEventListener("pointercancel", up, options);
    window.addEventListener("click", click, options);
    return () => {
      for (const timer of waiting.values()) clearTimeout(timer);
      ends.abort();
    };
  }, []);
}
