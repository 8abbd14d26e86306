"use client";

import { clsx } from "clsx";
import { Plus, TriangleAlert, Wrench } from "lucide-react";
import { nanoid } from "nanoid";
import { useMemo, useState } from "react";
import type { Step } from "@/core/lesson/board";
import { asksFirst } from "@/core/lesson/board-state";
import { MAX } from "@/core/lesson/bounds";
import { insertStep, putStepAt } from "@/core/lesson/edit-stair";
import { stepWords } from "@/core/lesson/move-words";
import { faultsOf, mended, type StairFault } from "@/core/lesson/stair-faults";
import { Button } from "@/kit/button";
import { WholeDialog } from "@/kit/dialog";
import { Sortable, SortableItem } from "@/kit/sortable";
import { sayDone } from "../store/say-done";
import { pickPrepared, useBoard, useBoardStore } from "../store/use-board";
import { StepPart } from "./step-part";

type Props = {
  /** The step shown first, from 1. */
  level: number;
  onClose: () => void;
  /** Called when a step is to be recorded over on the board. */
  onAgain: (level: number) => void;
};

/** The stair as a workshop: every step with its words and what it does, to be reordered, split, joined and changed. */
export function Workshop({ level: first, onClose, onAgain }: Props) {
  const store = useBoardStore();
  const board = useBoard(pickPrepared);
  const { stair } = board;
  const [at, setAt] = useState(stair[first - 1]?.id ?? stair[0]?.id);
  const faults = useMemo(() => faultsOf(board), [board]);
  const level = stair.findIndex(({ id }) => id === at) + 1;
  const insert = () => {
    const id = nanoid(8);
    store
      .getState()
      .change((state) => insertStep(state, level, { title: "New step", question: "", answer: "" }, id));
    setAt(id);
  };
  const mend = () => {
    store.getState().change((state) => ({ ...state, board: mended(state.board, faults) }));
    sayDone(store, "Left out.");
  };
  return (
    <WholeDialog
      title={`The stair of “${board.title}”`}
      onClose={onClose}
      head={
        <>
          <span className="flex-1" />
          {faults.length > 0 && (
            <Button tone="danger" onClick={mend}>
              <Wrench aria-hidden size={18} /> Leave out what makes no sense ({faults.length})
            </Button>
          )}
          <Button disabled={stair.length >= MAX.steps} onClick={insert}>
            <Plus aria-hidden size={19} /> Insert a step
          </Button>
        </>
      }
    >
      <div className="flex min-h-0 flex-1 gap-4 px-5 pb-5 portrait:flex-col">
        <Sortable
          as="list"
          ids={stair.map(({ id }) => id)}
          onMove={(from, to) => store.getState().change((state) => putStepAt(state, from + 1, to + 1))}
        >
          <ol
            aria-label="Steps, the lowest first"
            className="flex w-[25rem] shrink-0 flex-col gap-2 overflow-y-auto p-1 pr-2 max-lg:w-[20rem] portrait:max-h-[44%] portrait:w-full"
          >
            {stair.map((step, index) => (
              <StepCard
                key={step.id}
                step={step}
                level={index + 1}
                isOpen={step.id === at}
                faults={faults.filter((one) => one.level === index + 1)}
                onOpen={() => setAt(step.id)}
              />
            ))}
          </ol>
        </Sortable>
        {level > 0 ? (
          <StepPart
            key={at}
            level={level}
            faults={faults.filter((one) => one.level === level)}
            onGone={(next) => setAt(next)}
            onAgain={() => onAgain(level)}
          />
        ) : (
          <p className="m-auto max-w-md text-large leading-snug text-quiet">
            This board has no steps yet. Insert one, or do something on the board and keep it as a step.
          </p>
        )}
      </div>
    </WholeDialog>
  );
}

type CardProps = {
  step: Step;
  level: number;
  isOpen: boolean;
  faults: readonly StairFault[];
  onOpen: () => void;
};

function StepCard({ step, level, isOpen, faults, onOpen }: CardProps) {
  return (
    <SortableItem
      id={step.id}
      name={`step ${level}, ${step.title}`}
      gripClass="rounded-l-card"
      className={clsx("flex shrink-0 rounded-card bg-board", isOpen && "ring-3 ring-ink")}
    >
      {(grip) => (
        <>
          {grip}
          <button
            type="button"
            aria-current={isOpen ? "step" : undefined}
            onClick={onOpen}
            className="min-w-0 flex-1 rounded-r-card py-2.5 pr-4 text-left leading-snug"
          >
            <span className="flex items-start gap-2 font-semibold">
              <span className="text-quiet">{level}</span>
              <span className="min-w-0 flex-1">{step.title}</span>
              {faults.length > 0 && (
                <TriangleAlert
                  aria-label="Something in it no longer makes sense"
                  size={19}
                  className="shrink-0 text-wrong"
                />
              )}
            </span>
            {step.question && <span className="mt-0.5 block text-small">{step.question}</span>}
            {step.answer && <span className="block font-numeral text-small font-bold">{step.answer}</span>}
            <span className="mt-0.5 line-clamp-2 block text-small text-quiet">
              {asksFirst(step) && "asks first, then "}
              {stepWords(step.beats) || "only asks"}
            </span>
          </button>
        </>
      )}
    </SortableItem>
  );
}
