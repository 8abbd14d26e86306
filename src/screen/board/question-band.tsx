"use client";

import { stepAsked } from "@/core/lesson/board-state";
import { keepKeyboard } from "@/kit/rail-button";
import { boardStateOf } from "../store/on-show";
import { useBoard, useBoardStore } from "../store/use-board";

/** The step's question, above the numbers, with its answer covered until asked for. No question, no band. */
export function QuestionBand() {
  const step = useBoard((state) => stepAsked(boardStateOf(state)));
  const shown = useBoard((state) => state.answerShown);
  const store = useBoardStore();
  if (!step?.question) return null;
  return (
    <section
      aria-label="Question"
      className="flex min-h-16 shrink-0 items-center low:min-h-press low:py-1 gap-x-6 rounded-card bg-stair wrap-break-word py-2.5 pr-3 pl-6 max-sm:flex-wrap"
    >
      <p className="min-w-[46%] flex-1 text-pretty phone:basis-full phone:text-large text-asked low:text-large leading-tight font-semibold">
        {step.question}
      </p>
      {step.answer && (
        <div className="flex min-w-0 items-center gap-3">
          {shown && (
            <p
              className="rises max-w-[40vw] min-w-0 text-right text-balance font-numeral text-asked low:text-large leading-tight font-bold"
              data-part="answer"
            >
              {step.answer}
            </p>
          )}
          <button
            type="button"
            aria-expanded={shown}
            onMouseDown={keepKeyboard}
            onClick={() => store.getState().showAnswer(!shown)}
            className="h-press shrink-0 rounded-button border-2 border-ink/25 px-4 font-semibold hover:border-ink"
          >
            {shown ? "Cover answer" : "Show answer"}
          </button>
        </div>
      )}
    </section>
  );
}
