"use client";

import { useLayoutEffect } from "react";
import { secondPress } from "./second-press";

/** A press that begins so soon after another, in milliseconds, and so near, in pixels, is the second of a double tap. */
const SECOND = { ms: 350, far: 24 };
/** What closes once something in it is pressed, and what is chosen once. */
const LAYER = "[role=menu], [role=listbox], [role=dialog]";
const ONCE = "[role=menuitem], [role=option]";
const OVERLAY = "[data-part=overlay]";
/** What opens a list or a panel. */
const OPENER = "[aria-haspopup], [role=combobox]";
const REST = ["mousedown", "pointerup", "mouseup"] as const;

/** The first press, and whether a second one is to do nothing by now. */
type First = Pick<MouseEvent, "clientX" | "clientY" | "timeStamp"> & { isDone: () => boolean };

/** Once a layer was open, the page is guarded for good: what is pressed may close the layer that guards it. */
let guarded = false;

/**
 * Keeps the second press of a double tap from doing anything where the first one has opened a list, chosen from one or
 * closed a window: it would shut the list, choose twice, or fall on what lay beneath. Every kind of layer calls it.
 */
export function useSecondPress(): void {
  useLayoutEffect(() => {
    if (!guarded) guard();
    guarded = true;
  }, []);
}

function guard(): void {
  const { opened } = secondPress;
  let first: First | null = opened && { ...positionOf(opened), isDone: () => true };
  let isSecond = false;
  const stop = (event: Event) => {
    event.preventDefault();
    event.stopImmediatePropagation();
  };
  // Events dispatched by the page itself are not presses.
  secondPress.is = ({ isTrusted, timeStamp, clientX, clientY }) =>
    isTrusted &&
    first !== null &&
    timeStamp - first.timeStamp < SECOND.ms &&
    Math.hypot(clientX - first.clientX, clientY - first.clientY) <= SECOND.far &&
    first.isDone();
  const down = (event: PointerEvent) => {
    if (!event.isTrusted) return;
    isSecond = secondPress.is(event);
    if (isSecond) return stop(event);
    const target = event.target instanceof Element ? event.target : null;
    const opener = target?.closest(OPENER);
    const on = target?.closest(`button, a, ${ONCE}, ${OVERLAY}`);
    // A window is closed by a press beside it too.
    const layer = on?.matches(OVERLAY) ? document.querySelector(LAYER) : on?.closest(LAYER);
    const isOpen = () => opener?.getAttribute("aria-expanded") === "true";
    if (opener && !isOpen()) first = { ...positionOf(event), isDone: () => isOpen() || !opener.isConnected };
    else if (on && layer)
      first = { ...positionOf(event), isDone: () => !layer.isConnected || on.matches(ONCE) };
    else first = null;
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

const positionOf = ({ clientX, clientY, timeStamp }: Omit<First, "isDone">) => ({
  clientX,
  clientY,
  timeStamp,
});
