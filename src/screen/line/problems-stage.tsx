"use client";

import { clsx } from "clsx";
import { Check, RotateCcw } from "lucide-react";
import { useEffect, useMemo, useRef, useState } from "react";
import { type Problem, type ProblemRead, readProblem } from "@/core/count/problem";
import { keyOf, type NumberKey } from "@/core/number/exact";
import { asFractions } from "@/core/number/fraction-text";
import { readNumber } from "@/core/number/read-number";
import { showNumber } from "@/core/number/show-number";
import { wrongWords } from "@/core/puzzle/hint";
import { NO_WORK_YET, type Work } from "@/core/scene/slices/working";
import { Button, IconButton } from "@/kit/button";
import { say } from "@/kit/messages";
import { NumberKeys } from "@/kit/number-keys";
import { Popover } from "@/kit/popover";
import { ProblemLine } from "@/view/line/problem-card";
import type { StageProps } from "../board/stages";
import { pickScene, useBoard, useBoardStore } from "../board/use-board";

/** Several short problems, each with its line; jumps are drawn by touch, and answers filled in. */
export function ProblemsStage({ view, strong }: StageProps<"problems">) {
  const { done, checked } = useBoard((state) => pickScene(state).work[view.id]) ?? NO_WORK_YET;
  const store = useBoardStore();
  const { id, items, check } = view;
  const reads = useMemo(() => items.map((text) => readProblem(text)), [items]);
  const answer = (index: number, says: NumberKey) => {
    if (check === "at-once" && says !== answerOf(reads[index])) {
      const read = reads[index];
      return say(wrongWords(says, read?.ok && read.problem.fractions ? asFractions(says) : undefined));
    }
    store.getState().act([[{ do: "answer", view: id, problem: index, says }]]);
  };
  const checkAll = () => {
    store.getState().act([[{ do: "work-check", view: id }]]);
    const right = reads.filter((read, i) => read.ok && done.get(i)?.says === read.problem.answer).length;
    say(`${right} of ${reads.length} are right.`);
  };
  return (
    <section aria-label="Problems" className="flex size-full min-h-0 min-w-0 flex-col gap-2">
      <div
        // Side by side as far as each can be read; more than there is room for are scrolled to.
        className={clsx(
          "grid min-h-0 flex-1 gap-3 overflow-y-auto",
          reads.length > 2
            ? "grid-cols-[repeat(auto-fit,minmax(min(100%,max(17rem,40%)),1fr))] portrait:grid-cols-1"
            : "grid-cols-1",
          "auto-rows-[minmax(8.5rem,1fr)]",
        )}
      >
        {reads.map((read, index) => {
          if (!read.ok) return <Unread key={items[index]} text={items[index] ?? ""} message={read.message} />;
          const { problem } = read;
          const work = done.get(index);
          const told = check === "at-once" ? work?.says !== undefined && work.says !== null : checked;
          return (
            <article
              // biome-ignore lint/suspicious/noArrayIndexKey: a problem is where it stands.
              key={index}
              aria-label={`Problem ${index + 1}`}
              className="@container flex min-h-0 min-w-0 flex-col rounded-card bg-board px-3 py-2"
            >
              <div className="flex shrink-0 items-center gap-2">
                <Sentence
                  problem={problem}
                  work={work}
                  told={told}
                  onAnswer={(says) => answer(index, says)}
                />
                <span className="flex-1" />
                {work && (
                  <IconButton
                    name={`Start problem ${index + 1} again`}
                    onClick={() => store.getState().act([[{ do: "work-anew", view: id, problem: index }]])}
                  >
                    <RotateCcw aria-hidden size={19} />
                  </IconButton>
                )}
              </div>
              <div className="min-h-0 flex-1">
                <ProblemLine
                  name={`Line of problem ${index + 1}`}
                  problem={problem}
                  work={work}
                  strong={strong}
                  onJump={(by) => store.getState().act([[{ do: "work", view: id, problem: index, by }]])}
                />
              </div>
            </article>
          );
        })}
      </div>
      {check === "at-end" && (
        <Button look="strong" className="h-14 self-center" onClick={checkAll}>
          Check the answers
        </Button>
      )}
    </section>
  );
}

const answerOf = (read: ProblemRead | undefined) => (read?.ok ? read.problem.answer : undefined);

/** A problem that cannot be read, with what to do about it. */
function Unread({ text, message }: { text: string; message: string }) {
  return (
    <article className="flex min-h-0 min-w-0 flex-col justify-center gap-2 rounded-card bg-board px-4 py-2">
      <p className="font-numeral text-3xl">{text}</p>
      <p className="font-medium text-wrong">{message}</p>
    </article>
  );
}

type SentenceProps = {
  problem: Problem;
  work: Work | undefined;
  told: boolean;
  onAnswer: (says: NumberKey) => void;
};

function Sentence({ problem, work, told, onAnswer }: SentenceProps) {
  const [open, setOpen] = useState(false);
  const says = work?.says ?? null;
  const right = says === problem.answer;
  const write = problem.fractions ? asFractions : showNumber;
  return (
    <p className="flex items-center gap-[0.3em] font-numeral whitespace-nowrap text-[clamp(18px,min(4.6vh,9cqw),52px)] leading-none">
      {problem.parts.map(({ text, blank }, index) =>
        blank ? (
          <Popover
            // biome-ignore lint/suspicious/noArrayIndexKey: a sentence is read in order.
            key={index}
            label="Which number?"
            side="right"
            align="center"
            open={open}
            onOpenChange={setOpen}
            button={
              <button
                type="button"
                aria-label={
                  says === null
                    ? "Blank"
                    : `${write(says)}, by hand${told && !right ? ", does not belong here" : ""}`
                }
                className={clsx(
                  "flex h-[1.35em] min-w-[1.9em] items-center justify-center gap-1 rounded-[10px] border-3 px-[0.25em]",
                  says === null
                    ? "border-dashed border-stair-deep bg-lit"
                    : "border-transparent font-bold text-by-hand",
                  told &&
                    says !== null &&
                    !right &&
                    "underline decoration-wrong decoration-wavy underline-offset-4",
                )}
              >
                {says === null ? "" : write(says)}
                {told && right && (
                  <Check aria-hidden className="size-[0.7em] text-thousands" strokeWidth={3} />
                )}
              </button>
            }
          >
            <NumberPad
              onDone={(said) => {
                setOpen(false);
                onAnswer(said);
              }}
            />
          </Popover>
        ) : (
          // biome-ignore lint/suspicious/noArrayIndexKey: as above.
          <span key={index}>{text}</span>
        ),
      )}
    </p>
  );
}

/** A number typed with fingers, or with the keyboard. */
function NumberPad({ onDone }: { onDone: (says: NumberKey) => void }) {
  const [typed, setTyped] = useState("");
  const [message, setMessage] = useState("");
  const field = useRef<HTMLInputElement>(null);
  // The field asks for no keyboard of the display's own, so that it can have the one on the table.
  useEffect(() => field.current?.focus(), []);
  const done = () => {
    const read = readNumber(typed);
    if (!read.ok) return setMessage(read.message);
    onDone(keyOf(read.value));
    setTyped("");
  };
  return (
    <form
      className="flex w-64 flex-col gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        done();
      }}
    >
      <input
        ref={field}
        aria-label="Answer"
        inputMode="none"
        value={typed}
        maxLength={12}
        autoComplete="off"
        onChange={(event) => setTyped(event.target.value)}
        className="h-14 w-full rounded-button border-2 border-rule text-center font-numeral text-3xl font-bold text-by-hand"
      />
      <p aria-live="polite" className="text-sm font-medium text-wrong empty:hidden">
        {message}
      </p>
      <NumberKeys
        onKey={(key) => {
          setMessage("");
          setTyped((was) => (key === "back" ? was.slice(0, -1) : (was + key).slice(0, 12)));
        }}
      >
        <Button type="submit" look="stair" className="h-14 px-2">
          Write it
        </Button>
      </NumberKeys>
    </form>
  );
}
