"use client";

import { type KeyboardEvent, memo, type PointerEvent, useRef, useState } from "react";
import type { Problem } from "@/core/count/problem";
import { differenceOf, exact, keyOf, type NumberKey } from "@/core/number/exact";
import type { Work } from "@/core/scene/slices/working";
import type { Size, Theme } from "../drawing";
import { nearestNumber } from "../line/number-near";
import { ProblemFigure, problemSays, useProblemLayout } from "./problem-figure";

const STEPS: Record<string, number> = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1 };

type Props = {
  name: string;
  problem: Problem;
  work: Work | undefined;
  size: Size;
  theme: Theme;
  /** Called with the target of a jump drawn from the current position. */
  onJump: (by: NumberKey) => void;
};

/** The line of one problem in pupils' hands. A touch jumps to its number. */
export const ProblemLine = memo(function ProblemLine({ name, problem, work, size, theme, onJump }: Props) {
  const room = useRef<HTMLDivElement>(null);
  const [to, setTo] = useState<NumberKey | null>(null);
  const laidOut = useProblemLayout(problem, work, size, theme);
  const { trail, layout, grow } = laidOut;
  const under = (event: PointerEvent) => {
    const box = room.current!.getBoundingClientRect();
    return nearestNumber(layout, {
      x: (event.clientX - box.left) / grow,
      y: (event.clientY - box.top) / grow,
    });
  };
  const jumpTo = (landing: NumberKey) => {
    setTo(null);
    const by = differenceOf(landing, trail.end);
    if (by !== "0") onJump(by);
  };
  const onKeyDown = (event: KeyboardEvent) => {
    if (event.ctrlKey || event.metaKey || event.altKey || event.shiftKey) return;
    const step = STEPS[event.key];
    if (step !== undefined) {
      const next = exact(to ?? trail.end).add(layout.scale.step.mul(step));
      if (next.compare(layout.span.from) >= 0 && next.compare(layout.span.to) <= 0) setTo(keyOf(next));
    } else if (event.key === "Enter" && to !== null) jumpTo(to);
    else if (event.key === "Escape") setTo(null);
    else return;
    event.preventDefault();
    event.stopPropagation();
  };
  return (
    <div
      ref={room}
      role="img"
      // biome-ignore lint/a11y/noNoninteractiveTabindex: the arrow keys draw a jump, and Enter makes it.
      tabIndex={0}
      onKeyDown={onKeyDown}
      onBlur={() => setTo(null)}
      aria-label={`${name}: ${problemSays(problem, trail)}`}
      className="size-full touch-none rounded-card select-none"
      onMouseDown={(event) => event.preventDefault()}
      onPointerDown={(event) => {
        if (event.button !== 0) return;
        event.currentTarget.setPointerCapture(event.pointerId);
        setTo(under(event));
      }}
      onPointerMove={(event) => to !== null && setTo(under(event))}
      onPointerCancel={() => setTo(null)}
      onPointerUp={(event) => to !== null && jumpTo(under(event))}
    >
      <ProblemFigure of={laidOut} size={size} to={to} />
    </div>
  );
});
