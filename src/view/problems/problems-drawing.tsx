import type { ReactNode } from "react";
import { type ProblemRead, readProblem } from "@/core/count/problem";
import { NO_WORK_YET } from "@/core/scene/slices/working";
import type { DrawingProps } from "../drawing";
import { ProblemCard, UnreadProblem } from "./problem-card";
import { layOutProblem, ProblemFigure } from "./problem-figure";
import { layOutProblems, type ProblemsLayout } from "./problems-layout";

/** Several short problems, each with its line. */
export function ProblemsDrawing({ view, scene, size, theme }: DrawingProps<"problems">) {
  const { done, checked } = scene.work[view.id] ?? NO_WORK_YET;
  const reads = view.items.map((text) => readProblem(text));
  const layout = layOutProblems(problemsIn(reads), size, theme);
  return (
    <ProblemGrid layout={layout}>
      {reads.map((read, index) => {
        const text = view.items[index]!;
        const name = `Problem ${index + 1}`;
        if (!read.ok) return <UnreadProblem key={name} text={text} message={read.message} />;
        const work = done.get(index);
        return (
          <ProblemCard
            key={name}
            name={name}
            problem={read.problem}
            work={work}
            told={isTold(view.check, checked, work?.says)}
            size={layout.sentences[index]!}
            blank={({ className, children }) => <span className={className}>{children}</span>}
          >
            <ProblemFigure of={layOutProblem(read.problem, work, layout.line, theme)} size={layout.line} />
          </ProblemCard>
        );
      })}
    </ProblemGrid>
  );
}

/** The problems of a view as read; null for those that cannot be read. */
export const problemsIn = (reads: readonly ProblemRead[]) =>
  reads.map((read) => (read.ok ? read.problem : null));

/** Whether it is shown if an answer is right: at once if answers are checked at once, else when all are checked. */
export const isTold = (
  check: "at-once" | "at-end" | "off",
  checked: boolean,
  says: string | null | undefined,
) => (check === "at-once" ? says !== undefined && says !== null : checked);

/** The cards of problems in their columns. */
export function ProblemGrid({ layout, children }: { layout: ProblemsLayout; children: ReactNode }) {
  return (
    <div
      className="grid size-full gap-3 overflow-y-auto"
      style={{
        gridTemplateColumns: `repeat(${layout.columns}, minmax(0, 1fr))`,
        gridAutoRows: `${layout.height}px`,
      }}
    >
      {children}
    </div>
  );
}
