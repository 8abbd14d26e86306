"use client";

import { useDrag } from "@use-gesture/react";
import { clsx } from "clsx";
import type { KeyboardEvent } from "react";
import { MIN_SHARE } from "@/core/views/layout";
import { Grip } from "./handle";

type Props = {
  beside: boolean;
  share: number;
  frame: { current: HTMLDivElement | null };
  onDraw: (share: number) => void;
  onKeep: (share: number) => void;
};

const STEP = 0.04;
const within = (share: number) =>
  Math.round(Math.max(MIN_SHARE, Math.min(1 - MIN_SHARE, share)) * 1000) / 1000;

/** Dragged by a finger or moved by the arrow keys, it gives one part more room and the other less. */
export function Divider({ beside, share, frame, onDraw, onKeep }: Props) {
  const shareAt = ([x, y]: readonly [number, number]) => {
    const box = frame.current!.getBoundingClientRect();
    // On an upright screen what stands beside lies below.
    const across = beside && window.matchMedia("(orientation: landscape)").matches;
    return within(across ? (x - box.left) / box.width : (y - box.top) / box.height);
  };
  const bind = useDrag(
    ({ xy, first, last, canceled, tap }) => {
      if (last) onKeep(canceled || tap ? share : shareAt(xy));
      else if (!first) onDraw(shareAt(xy));
    },
    // The keys move it in steps of their own.
    { pointer: { keys: false } },
  );
  const onKeyDown = (event: KeyboardEvent) => {
    const by = { ArrowLeft: -STEP, ArrowUp: -STEP, ArrowRight: STEP, ArrowDown: STEP }[event.key];
    if (by === undefined) return;
    event.preventDefault();
    event.stopPropagation();
    onKeep(within(share + by));
  };
  return (
    // biome-ignore lint/a11y/useSemanticElements: a rule that is no line of text but a handle.
    <div
      role="separator"
      aria-label="Divider"
      aria-orientation={beside ? "vertical" : "horizontal"}
      aria-valuenow={Math.round(share * 100)}
      aria-valuemin={MIN_SHARE * 100}
      aria-valuemax={100 - MIN_SHARE * 100}
      tabIndex={0}
      onKeyDown={onKeyDown}
      {...bind()}
      className={clsx(
        "group flex cramped:hidden touch-none items-center justify-center rounded-full",
        beside ? "cursor-col-resize portrait:cursor-row-resize" : "cursor-row-resize",
      )}
    >
      <Grip beside={beside} />
    </div>
  );
}
