"use client";

import { useEffect } from "react";
import { secondPress } from "./second-press";

/** A press that begins so soon after another, in milliseconds, and so near, in pixels, is the second of a double tap. */
const SECOND = { ms: 350, far: 24 };
/** What closes once something in it is pressed, and what is chosen once. */
const LAYER = "[role=menu], [role=listbox], [role=dialog]";
const ONCE = "[role=menuitem], [role=option]";
const OVERLAY = "[data-part=overlay]";
const REST = ["mousedown", "pointerup", "mouseup"] as const;

type First = { on: Element; layer: Element; x: number; y: number; at: number };

/** Once a layer was open, the page is guarded for good: what is pressed may close the layer that guards it. */
let guarded = false;

/**
 * Keeps the second press of a double tap from doing anything where the first one has chosen from a list or closed a
 * window: it would choose twice, or fall on what lay beneath. Every kind of layer calls it.
 */
export function useSecondPress(): void {
  useEffect(() => {
    if (!guarded) guard();
    guarded = true;
  }, []);
}

function guard(): void {
  let first: First | null = null;
  let isSecond = false;
  const stop = (event: Event) => {
    event.preventDefault();
    event.stopImmediatePropagation();
  };
  // Events dispatched by the page itself are not presses.
  secondPress.is = ({ isTrusted, timeStamp, clientX, clientY }) =>
    isTrusted &&
    first !== null &&
    timeStamp - first.at < SECOND.ms &&
    Math.hypot(clientX - first.x, clientY - first.y) <= SECOND.far &&
    (!first.layer.isConnected || first.on.matches(ONCE));
  const down = (event: PointerEvent) => {
    if (!event.isTrusted) return;
    isSecond = secondPress.is(event);
    if (isSecond) return stop(event);
    const { timeStamp: at, clientX: x, clientY: y, target } = event;
    const on = target instanceof Element ? target.closest(`button, a, ${ONCE}, ${OVERLAY}`) : null;
    // A window is closed by a press beside it too.
    const layer = on?.matches(OVERLAY) ? document.querySelector(LAYER) : on?.closest(LAYER);
    first = on && layer ? { on, layer, x, y, at } : null;
  };
  const rest = (event: Event) => {
    if (isSecond && event.isTrusted) stop(event);
  };
  const click = (event: MouseEvent) => {
    // A key clicks without a position.
    if (!isSecond || !event.isTrusted || event.detail === 0) return;
    isSecond = false;
    stop(event);
  };
  // A hand that has used a key in between means its press: a list opened anew stands where the last one did.
  const key = (event: KeyboardEvent) => {
    if (event.isTrusted) first = null;
  };
  window.addEventListener("keydown", key, true);
  window.addEventListener("pointerdown", down, true);
  for (const kind of REST) window.addEventListener(kind, rest, true);
  window.addEventListener("click", click, true);
}
