import { useMemo } from "react";
import { type Problem, problemLine } from "@/core/count/problem";
import { jumpOn, startTrail, type Trail } from "@/core/count/trail";
import { exact, type NumberKey } from "@/core/number/exact";
import { asFractions } from "@/core/number/fraction-text";
import { showNumber } from "@/core/number/show-number";
import type { LineMarks } from "@/core/scene/line-marks";
import type { Work } from "@/core/scene/slices/working";
import { plainLine, wholeSpan } from "@/core/surface/line";
import { grown, ordinary, type Size, type Theme } from "../drawing";
import { signed } from "../line/arc-labels";
import { arcPath } from "../line/arc-shape";
import { Jumps } from "../line/jumps";
import { LineFigure } from "../line/line-figure";
import { layOutLine } from "../line/line-layout";

/** A problem's line, laid out with the jumps made on it so far. */
export function layOutProblem(problem: Problem, work: Work | undefined, size: Size, theme: Theme) {
  const grow = grown(theme, 1);
  const { from, to: end, interval, divisions } = problemLine(problem);
  const line = plainLine(from, end, interval, divisions, {
    pinned: true,
    numbers: problem.fractions ? "mixed" : "decimal",
  });
  const trail = (work?.jumps ?? []).reduce((so, by) => jumpOn(so, by), startTrail(problem.stands));
  const marks: LineMarks = {
    states: {},
    ranks: { [trail.start]: 3, [trail.end]: 3 },
    focus: trail.jumps.length > 0 ? trail.end : null,
    start: trail.start,
    trail,
    aside: null,
    brackets: [],
  };
  const layout = layOutLine(line, wholeSpan(line), marks, ordinary(size, grow), theme.strong);
  return { line, trail, marks, layout, grow };
}

export type ProblemLaidOut = ReturnType<typeof layOutProblem>;

/** The same, memoised. */
export const useProblemLayout = (
  problem: Problem,
  work: Work | undefined,
  { width, height }: Size,
  theme: Theme,
): ProblemLaidOut =>
  useMemo(
    () => layOutProblem(problem, work, { width, height }, theme),
    [problem, work, width, height, theme],
  );

type Props = {
  of: ProblemLaidOut;
  size: Size /** The target of a jump being drawn. */;
  to?: NumberKey | null;
};

/** The small line of one problem: its start ringed, and the jumps that were drawn. */
export function ProblemFigure({ of: { line, trail, layout, marks, grow }, size, to = null }: Props) {
  const part = (key: NumberKey) => layout.placing.partOf(exact(key));
  return (
    <svg width={size.width} height={size.height} aria-hidden className="pointer-events-none block">
      <g transform={`scale(${grow})`}>
        <LineFigure line={line} layout={layout} marks={{ ...marks, trail: null }} />
        <Jumps layout={layout} marks={marks} />
        {to !== null && to !== trail.end && (
          <path
            d={arcPath(layout.geometry, part(trail.end), part(to), Math.min(layout.geometry.headroom, 60))}
            fill="none"
            stroke="var(--color-focus)"
            strokeWidth={layout.heavy}
            strokeDasharray="2 9"
            strokeLinecap="round"
          />
        )}
      </g>
    </svg>
  );
}

/** The description of a problem's line: "starts at 8", "jumped −3 to 5". */
export function problemSays(problem: Problem, trail: Trail): string {
  const write = problem.fractions ? asFractions : showNumber;
  if (trail.jumps.length === 0) return `starts at ${write(trail.start)}`;
  return `jumped ${trail.jumps.map((jump) => signed(jump, write)).join(", ")} to ${write(trail.end)}`;
}
