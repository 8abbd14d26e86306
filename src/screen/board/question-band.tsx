"use client";

import type { ReactNode } from "react";
import { stepAsked } from "@/core/lesson/board-state";
import { TurnButton } from "@/kit/button";
import { keepKeyboard } from "@/kit/rail-button";
import { boardStateOf } from "../store/on-show";
import { useBoard, useBoardStore } from "../store/use-board";

const BUTTON = "h-press shrink-0 rounded-button border-2 border-ink/25 px-4 font-semibold hover:border-ink";

/** The step's question, above the numbers, with its answer covered until asked for. No question, no band. */
export function QuestionBand() {
  const step = useBoard((state) => stepAsked(boardStateOf(state)));
  const shown = useBoard((state) => state.answerShown);
  const store = useBoardStore();
  if (!step?.question) return null;
  return (
    <section
      aria-label="Question"
      className="grid grid-cols-1 min-h-16 shrink-0 items-center low:min-h-press low:py-1 rounded-card bg-stair wrap-break-word py-2.5 pr-3 pl-6 *:[grid-area:1/1]"
    >
      <Row question={step.question} answer={shown && step.answer ? step.answer : null}>
        {step.answer && (
          <TurnButton
            aria-expanded={shown}
            onMouseDown={keepKeyboard}
            onClick={() => store.getState().showAnswer(!shown)}
            className={BUTTON}
          >
            {shown ? "Cover answer" : "Show answer"}
          </TurnButton>
        )}
      </Row>
      {/* The band is as high as with its answer from the start: what a hand touches does not move when that is shown. A
          phone has no room for that. */}
      {step.answer && !shown && (
        <div aria-hidden className="invisible phone:hidden">
          <Row question={step.question} answer={step.answer} drawn={false}>
            <span className={BUTTON} data-says="Cover answer" />
          </Row>
        </div>
      )}
    </section>
  );
}

type RowProps = {
  question: string;
  answer: string | null;
  /** Whether its words are text of the page; otherwise it only takes their room. */
  drawn?: boolean;
  children: ReactNode;
};

function Row({ question, answer, drawn = true, children }: RowProps) {
  const says = (text: string) => (drawn ? { children: text } : { "data-says": text });
  return (
    <div className="flex min-w-0 items-center gap-x-6 max-sm:flex-wrap">
      <p
        {...says(question)}
        className="min-w-[46%] flex-1 text-pretty phone:basis-full phone:text-large text-asked low:text-large leading-tight font-semibold"
      />
      <div className="flex min-w-0 items-center gap-3 phone:basis-full phone:justify-between">
        {answer !== null && (
          <p
            {...says(answer)}
            className="rises max-w-[40vw] min-w-0 text-right text-balance font-numeral text-asked low:text-large leading-tight font-bold phone:max-w-none phone:text-left phone:text-large"
            data-part={drawn ? "answer" : undefined}
          />
        )}
        {children}
      </div>
    </div>
  );
}
