"use client";

import { type PointerEvent, useEffect, useRef } from "react";
import type { ViewId } from "@/core/views/view-id";
import type { Anchors } from "@/view/pen/anchors";
import { pointing, spotAt } from "./pointing";

type Props = { view: ViewId; anchors: Anchors; width: number; height: number };

/** How long the ring stays after a finger has left. */
const STAYS_MS = 1500;

/** Lies over a view while the teacher points: a mouse that moves and a finger that lies here mark nothing and show everything. */
export function PointLayer({ view, anchors, width, height }: Props) {
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  useEffect(() => () => clearTimeout(timer.current), []);
  const point = (event: PointerEvent<HTMLDivElement>) => {
    if (event.pointerType !== "mouse" && event.buttons === 0) return;
    clearTimeout(timer.current);
    const box = event.currentTarget.getBoundingClientRect();
    const at = { x: event.clientX - box.left, y: event.clientY - box.top };
    const number = anchors.at(at);
    const stands = anchors.of(number);
    if (!stands) return;
    const away = { x: (at.x - stands.x) / stands.unit, y: (at.y - stands.y) / stands.unit };
    pointing.setState({ at: spotAt(view, number, away) });
  };
  const leave = ({ pointerType }: PointerEvent) => {
    clearTimeout(timer.current);
    const end = () => pointing.setState(({ at }) => (at?.view === view ? { at: null } : {}));
    if (pointerType === "mouse") end();
    else timer.current = setTimeout(end, STAYS_MS);
  };
  return (
    <div
      data-pointing={view}
      className="absolute inset-0 z-20 cursor-crosshair touch-none"
      style={{ width, height }}
      onPointerDown={point}
      onPointerMove={point}
      onPointerUp={(event) => event.pointerType !== "mouse" && leave(event)}
      onPointerLeave={leave}
      onPointerCancel={leave}
    />
  );
}
