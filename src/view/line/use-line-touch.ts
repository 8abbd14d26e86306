"use client";

import { useGesture } from "@use-gesture/react";
import { type PointerEvent, type RefObject, useEffect, useRef, useState } from "react";
import { exact, keyOf, type NumberKey } from "@/core/number/exact";
import { type AnyLine, isClosed, nearestTurn, type Span, slides } from "@/core/surface/line";
import { slideSpan } from "@/core/surface/line-slide";
import { zoomSpan } from "@/core/surface/zoom-span";
import { PEEK_MS, type Sweep } from "../chart/use-sweep";
import { fingerDown, fingerUp } from "../fingers";
import type { Point } from "./line-geometry";
import type { LineLayout } from "./line-layout";
import { numberNear } from "./number-near";

/** A jump begun within this distance of a labelled number begins there: a finger is thicker than a tick. */
const BEGINS_WITHIN = 16;

/** A touch that moves further than this, in pixels, is a slide or a jump. */
const SLIDE_FROM = 8;
const WHEEL_RESTS_MS = 160;

export type LineHand = Sweep & {
  /** Whether a drag goes from one number to another instead of sliding the line. */
  jumps: boolean;
  onJump: (from: NumberKey, to: NumberKey) => void;
  onStart: (number: NumberKey) => void;
  /** The pointer was dragged to a number. */
  onPoint: (number: NumberKey) => void;
  /** An arc, or the size of jumps, was touched; false where the tool in hand has no use for it. */
  onJumpTouch: (jumps: readonly number[], part: "size" | "arc") => boolean;
};

type Moving = {
  seen: { current: Span };
  goal: { current: Span };
  put: (span: Span) => void;
  settle: () => void;
};
type Finger = {
  pointer: string;
  start: Point;
  number: NumberKey;
  /** Where a jump under the finger has come to; on a ring it goes on round. */
  reached: NumberKey;
  what: "tap" | "slide" | "jump" | "point" | "gone";
  onPointer: boolean;
  jump: { jumps: number[]; part: "size" | "arc" } | null;
  from: Span;
  peek?: ReturnType<typeof setTimeout>;
};

/** How far from its place, in pixels, a number may be put by a finger. */
const WITHIN = 22;

/**
 * Touch, mouse and pen on a line: a tap touches the nearest number, a long press on a covered one peeks, a drag slides
 * the line, draws a jump or moves the pointer, two fingers or Ctrl and the wheel zoom.
 */
export function useLineTouch(
  frame: RefObject<HTMLElement | null>,
  line: AnyLine,
  layout: LineLayout,
  /** The scale at which the laid-out line is shown. */
  grow: number,
  moving: Moving,
  hand: LineHand | undefined,
  /** The jump whose arc is under a point. */
  jumpUnder: (at: Point) => number | null,
) {
  const fingers = useRef(new Map<number, Finger>());
  const pinching = useRef(false);
  const [peeked, setPeeked] = useState<NumberKey | null>(null);
  const [jump, setJump] = useState<{ from: NumberKey; to: NumberKey } | null>(null);
  const canSlide = slides(line);
  const along = layout.geometry.shape === "upright" ? "y" : "x";
  const wheelRest = useRef<ReturnType<typeof setTimeout>>(undefined);
  useEffect(
    () => () => {
      clearTimeout(wheelRest.current);
      for (const { peek } of fingers.current.values()) clearTimeout(peek);
    },
    [],
  );

  const pointOf = (event: { clientX: number; clientY: number }): Point => {
    const box = frame.current?.getBoundingClientRect();
    return {
      x: (event.clientX - (box?.left ?? 0)) / grow,
      y: (event.clientY - (box?.top ?? 0)) / grow,
    };
  };
  /** Converts a distance in pixels to a number of the line. Up is more on an upright line. */
  const asNumber = (pixels: number, span: Span) =>
    span.to
      .sub(span.from)
      .mul(exact(Math.round((along === "y" ? -pixels : pixels) * 16)))
      .div(Math.max(1, Math.round(layout.geometry.length * 16)));
  useGesture(
    {
      onPinch: ({ origin: [x, y], movement: [scale], first, last, memo }) => {
        if (!canSlide) return;
        pinching.current = !last;
        const began: Span = first ? moving.seen.current : memo;
        const at = layout.placing.valueAt(layout.geometry.partUnder(pointOf({ clientX: x, clientY: y })));
        moving.put(zoomSpan(line, began, exact(Math.round(1000 / Math.max(0.001, scale))).div(1000), at));
        if (last) moving.settle();
        return began;
      },
      onWheel: ({ delta: [dx, dy], event }) => {
        if (!canSlide || event.ctrlKey) return;
        event.preventDefault();
        const span = moving.goal.current;
        const far = Math.abs(dx) > Math.abs(dy) ? dx : dy;
        moving.put(slideSpan(span, asNumber(far / grow, span)));
        clearTimeout(wheelRest.current);
        wheelRest.current = setTimeout(moving.settle, WHEEL_RESTS_MS);
      },
    },
    { target: frame, eventOptions: { passive: false }, pinch: { pointer: { touch: false } } },
  );

  const begin = (event: PointerEvent<HTMLElement>) => {
    if (event.button !== 0 || !hand) return;
    const start = pointOf(event);
    const target = event.target as Element;
    const sizes = target.closest("[data-sizes]")?.getAttribute("data-sizes");
    const onPointer = !hand.jumps && target.closest("[data-part=pointer]") !== null;
    const arc = onPointer ? null : jumpUnder(start);
    const number = (hand.jumps && startNear(layout, start)) || numberNear(layout, start);
    const finger: Finger = {
      pointer: event.pointerType,
      start,
      number,
      reached: number,
      what: "tap",
      onPointer,
      jump: sizes
        ? { jumps: sizes.split(" ").map(Number), part: "size" }
        : arc !== null
          ? { jumps: [arc], part: "arc" }
          : null,
      from: moving.seen.current,
    };
    fingerDown(fingers.current, event, finger);
    if (!finger.jump && !hand.jumps && hand.canPeek?.(number)) {
      finger.peek = setTimeout(() => {
        finger.what = "gone";
        setPeeked(number);
      }, PEEK_MS);
    }
  };
  const reach = (finger: Finger, at: Point): NumberKey => {
    const near = numberNear(layout, at);
    finger.reached = isClosed(line)
      ? keyOf(nearestTurn(layout.span, exact(near), exact(finger.reached)))
      : near;
    return finger.reached;
  };
  const move = (event: PointerEvent<HTMLElement>) => {
    const finger = fingers.current.get(event.pointerId);
    if (!finger || !hand) return;
    const at = pointOf(event);
    if (finger.what === "tap") {
      if (Math.hypot(at.x - finger.start.x, at.y - finger.start.y) < SLIDE_FROM) return;
      clearTimeout(finger.peek);
      const others = [...fingers.current.values()].some(({ what }) => what === "slide");
      // With the jump tool in hand a drag draws a jump, also from the pointer's number.
      finger.what = hand.jumps ? "jump" : finger.onPointer ? "point" : canSlide && !others ? "slide" : "gone";
      finger.from = moving.seen.current;
    }
    if (finger.what === "jump") setJump({ from: finger.number, to: reach(finger, at) });
    else if (finger.what === "point") hand.onPoint(numberNear(layout, at));
    else if (finger.what === "slide" && !pinching.current) {
      moving.put(slideSpan(finger.from, asNumber(finger.start[along] - at[along], finger.from)));
    }
  };
  const end = (event: PointerEvent<HTMLElement>) => {
    const finger = fingerUp(fingers.current, event);
    if (!finger || !hand) return;
    clearTimeout(finger.peek);
    setPeeked(null);
    setJump(null);
    const cancelled = event.type === "pointercancel";
    if (finger.what === "slide") {
      if (!pinching.current) moving.settle();
    } else if (finger.what === "jump" && !cancelled) {
      const to = reach(finger, pointOf(event));
      if (to !== finger.number) hand.onJump(finger.number, to);
    } else if (finger.what === "tap" && !cancelled) {
      if (finger.jump && hand.onJumpTouch(finger.jump.jumps, finger.jump.part)) return;
      if (hand.jumps) return hand.onStart(finger.number);
      hand.begin(finger.number, event.pointerId, asNumber(WITHIN, layout.span).abs());
      hand.end(event.pointerId);
    }
  };

  return {
    peeked,
    jump,
    pointers: { onPointerDown: begin, onPointerMove: move, onPointerUp: end, onPointerCancel: end },
  };
}

/** The labelled number nearest to where a jump is begun, if one is near. */
function startNear(layout: LineLayout, at: Point): NumberKey | null {
  const { geometry, placing } = layout;
  let nearest: { key: NumberKey; far: number } | null = null;
  for (const { key } of layout.labels) {
    const place = geometry.point(placing.partOf(exact(key)), 0);
    const along = geometry.shape === "upright" ? Math.abs(at.y - place.y) : Math.abs(at.x - place.x);
    const far = geometry.shape === "ring" ? Math.hypot(at.x - place.x, at.y - place.y) : along;
    if (far <= BEGINS_WITHIN && (nearest === null || far < nearest.far)) nearest = { key, far };
  }
  return nearest?.key ?? null;
}
