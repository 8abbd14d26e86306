import { clsx } from "clsx";
import { Check } from "lucide-react";
import { Fragment, type ReactNode } from "react";
import type { Problem } from "@/core/count/problem";
import { asFractions } from "@/core/number/fraction-text";
import { showNumber } from "@/core/number/show-number";
import type { Work } from "@/core/scene/slices/working";
import { APART } from "./problems-layout";
import { Sign } from "./sign";

/** Renders the blank of a problem, empty or with what was written there. */
export type Blank = { name: string; className: string; children: ReactNode };

type CardProps = {
  name: string;
  problem: Problem;
  work: Work | undefined;
  /** Whether it is told if the answer is right. */
  told: boolean;
  /** The size of its sentence, in pixels. */
  size: number;
  blank: (blank: Blank) => ReactNode;
  /** Rendered at the end of its first row. */
  end?: ReactNode;
  /** Its line. */
  children: ReactNode;
};

/** One problem: its number sentence with a blank, and its line. */
export function ProblemCard({ name, problem, work, told, size, blank, end, children }: CardProps) {
  return (
    <article aria-label={name} className="flex min-h-0 min-w-0 flex-col rounded-card bg-board px-3 py-2">
      <div className="flex min-h-11 shrink-0 items-center gap-2">
        <p
          className="flex items-center font-numeral leading-none whitespace-nowrap"
          style={{ fontSize: size, gap: APART * size }}
        >
          {problem.parts.map((part, index) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: a sentence is read in order.
            <Fragment key={index}>
              {part.blank ? (
                blank(blankOf(problem, work, told, size))
              ) : (
                <span>
                  <Sign text={part.text} size={size} />
                </span>
              )}
            </Fragment>
          ))}
        </p>
        <span className="flex-1" />
        {end}
      </div>
      <div className="min-h-0 flex-1">{children}</div>
    </article>
  );
}

function blankOf(problem: Problem, work: Work | undefined, told: boolean, size: number): Blank {
  const says = work?.says ?? null;
  const right = says === problem.answer;
  const wrong = told && says !== null && !right;
  const write = problem.fractions ? asFractions : showNumber;
  return {
    name: says === null ? "Blank" : `${write(says)}, by hand${wrong ? ", does not belong here" : ""}`,
    className: clsx(
      "flex min-h-[1.35em] min-w-[1.9em] items-center justify-center gap-1 rounded-button border-3 px-[0.25em]",
      says === null ? "border-dashed border-stair-deep bg-lit" : "border-transparent font-bold text-by-hand",
      wrong && "underline decoration-wrong decoration-wavy underline-offset-4",
    ),
    children: (
      <>
        {says !== null && <Sign text={write(says)} size={size} bold />}
        {told && right && <Check aria-hidden className="size-[0.7em] text-thousands" strokeWidth={3} />}
      </>
    ),
  };
}

/** A problem that cannot be read, with what to do about it. */
export function UnreadProblem({ text, message }: { text: string; message: string }) {
  return (
    <article className="flex min-h-0 min-w-0 flex-col justify-center gap-2 rounded-card bg-board px-4 py-2">
      <p className="font-numeral text-head">{text}</p>
      <p className="font-medium text-wrong">{message}</p>
    </article>
  );
}
