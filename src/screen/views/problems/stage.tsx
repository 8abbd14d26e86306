"use client";

import { RotateCcw } from "lucide-react";
import { useEffect, useMemo, useState } from "react";
import { readProblem } from "@/core/count/problem";
import type { NumberKey } from "@/core/number/exact";
import { asFractions } from "@/core/number/fraction-text";
import { wrongWords } from "@/core/puzzle/hint";
import { NO_WORK_YET } from "@/core/scene/slices/working";
import { Button, IconButton } from "@/kit/button";
import { say } from "@/kit/messages";
import { bringPopovers, Popover } from "@/kit/popover";
import { type Blank, ProblemCard, UnreadProblem } from "@/view/problems/problem-card";
import { ProblemLine } from "@/view/problems/problem-line";
import { isTold, ProblemGrid, problemsIn } from "@/view/problems/problems-drawing";
import { layOutProblems } from "@/view/problems/problems-layout";
import { pickScene, useBoard, useBoardStore } from "../../store/use-board";
import { NumberPad } from "../number-pad";
import { useReader } from "../use-reader";
import type { StageProps } from "../views";

/** Several short problems, each with its line; jumps are drawn by touch, and answers filled in. */
export function ProblemsStage({ view, strong }: StageProps<"problems">) {
  const { done, checked } = useBoard((state) => pickScene(state).work[view.id]) ?? NO_WORK_YET;
  const store = useBoardStore();
  const { room, drawn } = useReader(strong);
  useEffect(() => void bringPopovers(), []);
  const { id, items, check } = view;
  const reads = useMemo(() => items.map((text) => readProblem(text)), [items]);
  const layout = useMemo(
    () => layOutProblems(problemsIn(reads), drawn.size, drawn.theme),
    [reads, drawn.size, drawn.theme],
  );
  const answer = (index: number, says: NumberKey) => {
    const read = reads[index];
    if (check === "at-once" && read?.ok && says !== read.problem.answer) {
      return say(wrongWords(says, read.problem.fractions ? asFractions(says) : undefined));
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
      <div ref={room} className="min-h-0 flex-1">
        <ProblemGrid layout={layout}>
          {reads.map((read, index) => {
            const name = `Problem ${index + 1}`;
            if (!read.ok)
              return <UnreadProblem key={name} text={items[index] ?? ""} message={read.message} />;
            const work = done.get(index);
            return (
              <ProblemCard
                key={name}
                name={name}
                problem={read.problem}
                work={work}
                told={isTold(check, checked, work?.says)}
                size={layout.sentences[index]!}
                blank={(blank) => <WrittenBlank {...blank} onAnswer={(says) => answer(index, says)} />}
                end={
                  work && (
                    <IconButton
                      name={`Start problem ${index + 1} again`}
                      onClick={() => store.getState().act([[{ do: "work-anew", view: id, problem: index }]])}
                    >
                      <RotateCcw aria-hidden size="1.1875rem" />
                    </IconButton>
                  )
                }
              >
                <ProblemLine
                  name={`Line of problem ${index + 1}`}
                  problem={read.problem}
                  work={work}
                  size={layout.line}
                  theme={drawn.theme}
                  onJump={(by) => store.getState().act([[{ do: "work", view: id, problem: index, by }]])}
                />
              </ProblemCard>
            );
          })}
        </ProblemGrid>
      </div>
      {check === "at-end" && (
        <Button tone="strong" className="h-touch self-center" onClick={checkAll}>
          Check the answers
        </Button>
      )}
    </section>
  );
}

/** The blank of a problem, with the pad by which it is written in. */
function WrittenBlank({
  name,
  className,
  children,
  onAnswer,
}: Blank & { onAnswer: (says: NumberKey) => void }) {
  const [open, setOpen] = useState(false);
  return (
    <Popover
      label="Which number?"
      side="right"
      align="center"
      open={open}
      onOpenChange={setOpen}
      button={
        <button type="button" aria-label={name} className={className}>
          {children}
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
  );
}
