"use client";

import { useEffect } from "react";
import { secondPress } from "./second-press";

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
/** A click from the browser, so near in pixels and so soon, may belong to a tap that was counted already. */
const LATE = { far: 24, ms: 10_000 };

type Spot = { x: number; y: number };
type Down = Spot & { on: HTMLElement | null; at: number };

const spotOf = ({ clientX, clientY }: MouseEvent): Spot => ({ x: clientX, y: clientY });
const far = (a: Spot, b: Spot) => Math.hypot(a.x - b.x, a.y - b.y);

/**
 * Makes every tap on a button count, and once. A browser sends no click for a tap while another finger rests on the
 * screen, nor right after a swift stroke, which it treats as a scroll that is still running; in a class both happen all
 * the time. In these cases, and whenever else a tap has not become a click, one is dispatched here. A slow computer may
 * send its click seconds later, when something else lies under the finger or something else was done: it is kept from
 * having any effect.
 */
export function useSureTaps(): void {
  useEffect(() => {
    const downs = new Map<number, Down>();
    const waiting = new Map<Element, ReturnType<typeof setTimeout>>();
    /** Taps that were counted here and whose own click has not come. */
    let made: (Spot & { at: number })[] = [];
    let making = false;
    let stroked = Number.NEGATIVE_INFINITY;
    const pressed = (target: EventTarget | null) =>
      target instanceof Element ? target.closest<HTMLElement>(PRESSED) : null;

    const down = (event: PointerEvent) => {
      // Events dispatched by the page itself are not fingers.
      if (!event.isTrusted || secondPress.is(event)) return;
      const spot = spotOf(event);
      if (event.pointerType === "mouse") {
        // The click that follows is the mouse's own.
        made = made.filter((tap) => far(tap, spot) > LATE.far);
        return;
      }
      // A primary pointer replaces those whose end was never reported.
      if (event.isPrimary) downs.clear();
      downs.set(event.pointerId, { on: pressed(event.target), ...spot, at: event.timeStamp });
    };
    const up = (event: PointerEvent) => {
      const was = downs.get(event.pointerId);
      downs.delete(event.pointerId);
      if (!was || event.type === "pointercancel") return;
      if (far(spotOf(event), was) > TAP.far) {
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
        made.push({ x: was.x, y: was.y, at: performance.now() });
        making = true;
        on.click();
        making = false;
      };
      if (downs.size > 0 || event.timeStamp - stroked < SCROLLS_MS) make();
      else waiting.set(on, setTimeout(make, WAIT_MS));
    };
    /** Whether a click belongs to a tap that was counted here. Keys and scripts click without a position. */
    const isLate = (event: MouseEvent) => {
      if (event.detail === 0) return false;
      made = made.filter(({ at }) => performance.now() - at < LATE.ms);
      const tap = made.findIndex((one) => far(one, spotOf(event)) <= LATE.far);
      if (tap >= 0) made.splice(tap, 1);
      return tap >= 0;
    };
    const click = (event: MouseEvent) => {
      if (making) return;
      if (isLate(event)) {
        // A later tap there, if there is one, is still waited for.
        event.preventDefault();
        event.stopPropagation();
        return;
      }
      const on = pressed(event.target);
      if (!on) return;
      clearTimeout(waiting.get(on));
      waiting.delete(on);
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
