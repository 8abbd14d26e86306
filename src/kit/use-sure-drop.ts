"use client";

import type { CollisionDetection, DragEndEvent, DragStartEvent, UniqueIdentifier } from "@dnd-kit/core";
import { useCallback, useEffect, useRef } from "react";

type Args = Parameters<CollisionDetection>[0];
type Hand = { id: number; x: number; y: number };

/**
 * Where what is dragged ends. dnd-kit tells what lay under the hand when the page was last drawn; a slow computer may not
 * have drawn the last movement by then, so what lies under the hand is worked out from where it let go.
 * @param detect what something lies over
 * @param onDrop told what was dragged, and over what; null if over nothing
 */
export function useSureDrop(
  detect: CollisionDetection,
  onDrop: (what: UniqueIdentifier, over: UniqueIdentifier | null) => void,
) {
  const last = useRef<Args | null>(null);
  const hand = useRef<Hand | null>(null);
  useEffect(() => {
    const follow = ({ pointerId, clientX, clientY }: PointerEvent) => {
      if (hand.current?.id === pointerId) hand.current = { id: pointerId, x: clientX, y: clientY };
    };
    const ends = new AbortController();
    const options = { capture: true, passive: true, signal: ends.signal };
    window.addEventListener("pointermove", follow, options);
    window.addEventListener("pointerup", follow, options);
    return () => ends.abort();
  }, []);
  const collisionDetection = useCallback<CollisionDetection>(
    (args) => {
      last.current = args;
      return detect(args);
    },
    [detect],
  );
  const onDragStart = ({ activatorEvent: by }: DragStartEvent) => {
    hand.current = by instanceof PointerEvent ? { id: by.pointerId, x: by.clientX, y: by.clientY } : null;
  };
  const onDragEnd = ({ active, over }: DragEndEvent) => {
    const [args, at] = [last.current, hand.current];
    [last.current, hand.current] = [null, null];
    const seen = args?.pointerCoordinates;
    if (!args || !at || !seen) return onDrop(active.id, over?.id ?? null);
    const [x, y] = [at.x - seen.x, at.y - seen.y];
    const { left, right, top, bottom, ...size } = args.collisionRect;
    const collisionRect = { ...size, left: left + x, right: right + x, top: top + y, bottom: bottom + y };
    const [first] = detect({ ...args, collisionRect, pointerCoordinates: { x: at.x, y: at.y } });
    onDrop(active.id, first?.id ?? null);
  };
  return { collisionDetection, onDragStart, onDragEnd };
}
