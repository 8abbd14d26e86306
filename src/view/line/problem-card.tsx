"use client";

import { type KeyboardEvent, memo, type PointerEvent, useMemo, useRef, useState } from "react";
import { type Problem, problemLine } from "@/core/count/problem";
import { jumpOn, startTrail } from "@/core/count/trail";
import { exact, keyOf, type NumberKey } from "@/core/number/exact";
import { asFractions } from "@/core/number/fraction-text";
import { showNumber } from "@/core/number/show-number";
import type { LineMarks } from "@/core/scene/line-marks";
import type { Work } from "@/core/scene/slices/working";
import { plainLine, wholeSpan } from "@/core/surface/line";
import { useSize } from "@/kit/use-size";
import { signed } from "./arc-labels";
import { arcPath } from "./arc-shape";
import { Jumps } from "./jumps";
import { LineDrawing } from "./line-drawing";
import { layOutLine, nearestNumber } from "./line-layout";

const STEPS: Record<string, number> = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1 };

type Props = {
  name: string;
  problem: Problem;
  work: Work | undefined;
  strong: boolean;
  /** Where a jump from where the work stands was drawn to. */
  onJump: (by: NumberKey) => void;
};

/** The small line of one problem: its start ringed, and the jumps that pupils draw. A touch jumps to its number. */
export const ProblemLine = memo(function ProblemLine({ name, problem, work, strong, onJump }: Props) {
  const room = useRef<HTMLDivElement>(null);
  const size = useSize(room, { width: 560, height: 150 });
  const [to, setTo] = useState<NumberKey | null>(null);
  const { line, trail, layout, marks } = useMemo(() => {
    const { from, to: end, interval, divisions } = problemLine(problem);
    const of = plainLine(from, end, interval, divisions, {
      pinned: true,
      numbers: problem.fractions ? "mixed" : "decimal",
    });
    const way = (work?.jumps ?? []).reduce((so, by) => jumpOn(so, by), startTrail(problem.stands));
    const span = wholeSpan(of);
    const seen: LineMarks = {
      states: {},
      ranks: { [way.start]: 3, [way.end]: 3 },
      focus: way.jumps.length > 0 ? way.end : null,
      start: way.start,
      trail: way,
      aside: null,
    };
    return { line: of, trail: way, marks: seen, layout: layOutLine(of, span, seen, size, strong) };
  }, [problem, work, size, strong]);
  const under = (event: PointerEvent) => {
    const box = room.current!.getBoundingClientRect();
    return nearestNumber(layout, { x: event.clientX - box.left, y: event.clientY - box.top });
  };
  const by = to === null ? null : keyOf(exact(to).sub(exact(trail.end)));
  const onKeyDown = (event: KeyboardEvent) => {
    if (event.ctrlKey || event.metaKey || event.altKey || event.shiftKey) return;
    const step = STEPS[event.key];
    if (step !== undefined) {
      const next = exact(to ?? trail.end).add(layout.scale.step.mul(step));
      if (next.compare(layout.span.from) >= 0 && next.compare(layout.span.to) <= 0) setTo(keyOf(next));
    } else if (event.key === "Enter" && by !== null && by !== "0") {
      setTo(null);
      onJump(by);
    } else if (event.key === "Escape") setTo(null);
    else return;
    event.preventDefault();
    event.stopPropagation();
  };
  const write = problem.fractions ? asFractions : showNumber;
  const part = (key: NumberKey) => layout.placing.partOf(exact(key));
  return (
    <div
      ref={room}
      role="img"
      // biome-ignore lint/a11y/noNoninteractiveTabindex: the arrow keys draw a jump, and Enter makes it.
      tabIndex={0}
      onKeyDown={onKeyDown}
      onBlur={() => setTo(null)}
      aria-label={`${name}: ${trail.jumps.length === 0 ? `starts at ${write(trail.start)}` : `jumped ${trail.jumps.map((jump) => signed(jump, write)).join(", ")} to ${write(trail.end)}`}`}
      className="size-full touch-none rounded-card select-none"
      onMouseDown={(event) => event.preventDefault()}
      onPointerDown={(event) => {
        if (event.button !== 0) return;
        event.currentTarget.setPointerCapture(event.pointerId);
        setTo(under(event));
      }}
      onPointerMove={(event) => to !== null && setTo(under(event))}
      onPointerCancel={() => setTo(null)}
      onPointerUp={(event) => {
        if (to === null) return;
        const landing = keyOf(exact(under(event)).sub(exact(trail.end)));
        setTo(null);
        if (landing !== "0") onJump(landing);
      }}
    >
      <svg width={size.width} height={size.height} aria-hidden className="pointer-events-none block">
        <LineDrawing line={line} layout={layout} marks={{ ...marks, trail: null }} />
        <Jumps layout={layout} marks={marks} />
        {to !== null && by !== null && by !== "0" && (
          <path
            d={arcPath(layout.geometry, part(trail.end), part(to), Math.min(layout.geometry.headroom, 60))}
            fill="none"
            stroke="var(--color-focus)"
            strokeWidth={layout.heavy}
            strokeDasharray="2 9"
            strokeLinecap="round"
          />
        )}
      </svg>
    </div>
  );
});
