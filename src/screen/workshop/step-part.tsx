"use client";

import { ArrowDown, ArrowUp, Copy, Merge, PencilLine, RotateCcw, Scissors, Trash2 } from "lucide-react";
import { nanoid } from "nanoid";
import { useState } from "react";
import type { Pace } from "@/core/lesson/board";
import { openBoard } from "@/core/lesson/board-state";
import { MAX } from "@/core/lesson/bounds";
import {
  canBeJoined,
  changeBeats,
  duplicateStep,
  joinSteps,
  moveStep,
  paceStep,
  removeStep,
  rewordStep,
  splitStep,
  timeQuestion,
} from "@/core/lesson/edit-stair";
import { momentWords } from "@/core/lesson/move-words";
import type { StairFault } from "@/core/lesson/stair-faults";
import { toldEarly } from "@/core/lesson/told-early";
import type { Move } from "@/core/scene/move";
import { Button, IconButton } from "@/kit/button";
import { Choice } from "@/kit/choice";
import { ORDINARY } from "@/view/drawing";
import { QuestionTime } from "../prepare/question-time";
import { StepDialog } from "../prepare/step-dialog";
import { sayDone } from "../store/say-done";
import { pickPrepared, useBoard, useBoardStore } from "../store/use-board";
import { DrawnHere } from "../views/drawn-here";
import { MoveFields } from "./move-fields";

const ROOM = { width: 1040, height: 600 };
const PACES: { value: Pace | "board"; label: string }[] = [
  { value: "board", label: "As the board" },
  { value: "at-once", label: "At once" },
  { value: "paced", label: "One by one" },
  { value: "by-press", label: "At each press" },
];

type Props = {
  level: number;
  faults: readonly StairFault[];
  /** Called when the step was changed or removed. */
  onGone: (next: string | undefined) => void;
  onAgain: () => void;
};

/** One step: how the board looks on it, its pace, what it does beat by beat, and what can be done to it. */
export function StepPart({ level, faults, onGone, onAgain }: Props) {
  const store = useBoardStore();
  const board = useBoard(pickPrepared);
  const step = board.stair[level - 1]!;
  const [wording, setWording] = useState(false);
  const change = store.getState().change;
  const { beats } = step;
  const put = (next: readonly (readonly Move[])[]) =>
    change((state) => changeBeats(state, level, next as Move[][]));
  const swap = (at: number, by: 1 | -1) => put(beats.with(at, beats[at + by]!).with(at + by, beats[at]!));
  const remove = () => {
    onGone(board.stair[level]?.id ?? board.stair[level - 2]?.id);
    change((state) => removeStep(state, level));
    sayDone(store, `Step “${step.title}” removed.`, "Put back");
  };
  return (
    <section
      aria-label={`Step ${level}`}
      className="flex min-w-0 flex-1 flex-col gap-4 overflow-y-auto rounded-card bg-board p-5"
    >
      <div className="flex flex-wrap gap-2">
        <Button onClick={() => setWording(true)}>
          <PencilLine aria-hidden size={18} /> Change the words
        </Button>
        <Button onClick={onAgain}>
          <RotateCcw aria-hidden size={18} /> Do the step again
        </Button>
        <Button
          disabled={board.stair.length >= MAX.steps}
          onClick={() => change((state) => duplicateStep(state, level, nanoid(8)))}
        >
          <Copy aria-hidden size={18} /> Duplicate
        </Button>
        <Button
          disabled={!canBeJoined(board, level)}
          onClick={() => change((state) => joinSteps(state, level))}
        >
          <Merge aria-hidden size={18} /> Join with the next
        </Button>
        <Button disabled={level === 1} onClick={() => change((state) => moveStep(state, level, -1))}>
          <ArrowUp aria-hidden size={18} /> Earlier
        </Button>
        <Button
          disabled={level === board.stair.length}
          onClick={() => change((state) => moveStep(state, level, 1))}
        >
          <ArrowDown aria-hidden size={18} /> Later
        </Button>
        <Button onClick={remove}>
          <Trash2 aria-hidden size={18} /> Remove
        </Button>
      </div>
      <div className="flex flex-wrap items-start gap-5">
        <div className="aspect-[1040/600] w-[min(100%,24rem)] shrink-0 rounded-card bg-mist p-2">
          <DrawnHere of={`${step.id}`} board={board} at={level} room={ROOM} theme={ORDINARY} from="here" />
        </div>
        <div className="flex min-w-[min(100%,22rem)] flex-1 flex-col gap-4">
          <div>
            {step.question && <p className="text-large leading-snug font-semibold">{step.question}</p>}
            {step.answer && <p className="mt-1 font-numeral text-large font-bold">{step.answer}</p>}
            {step.note && <p className="mt-2 leading-snug text-quiet">Your note: {step.note}</p>}
          </div>
          {beats.length > 0 && step.question && (
            <QuestionTime
              asks={step.asks}
              told={toldEarly(board, level)}
              onChange={(asks) => change((state) => timeQuestion(state, level, asks))}
            />
          )}
          {beats.length > 1 && (
            <Choice
              label="How it is climbed"
              value={step.pace ?? "board"}
              options={PACES}
              onChange={(pace) => change((state) => paceStep(state, level, pace === "board" ? null : pace))}
            />
          )}
        </div>
      </div>
      <ol aria-label="What it does" className="flex flex-col gap-1.5">
        {beats.length === 0 && <li className="text-quiet">It changes nothing on the board: it only asks.</li>}
        {beats.map((beat, at) => (
          <Moment
            // biome-ignore lint/suspicious/noArrayIndexKey: a moment is known by its place.
            key={at}
            beat={beat}
            at={at}
            last={at === beats.length - 1}
            faults={faults.filter((one) => one.beat === at)}
            onPut={(next) => put(beats.with(at, next))}
            onSwap={(by) => swap(at, by)}
            onRemove={() => put(beats.toSpliced(at, 1))}
            onSplit={() => change((state) => splitStep(state, level, at, nanoid(8)))}
          />
        ))}
      </ol>
      <StepDialog
        doing="Change the words"
        words={wording ? step : null}
        put={(words) => rewordStep(openBoard(board), level, words)}
        level={level}
        onClose={() => setWording(false)}
        onSave={(words) => {
          change((state) => rewordStep(state, level, words));
          setWording(false);
        }}
      />
    </section>
  );
}

type MomentProps = {
  beat: readonly Move[];
  at: number;
  last: boolean;
  faults: readonly StairFault[];
  onPut: (beat: Move[]) => void;
  onSwap: (by: 1 | -1) => void;
  onRemove: () => void;
  onSplit: () => void;
};

function Moment({ beat, at, last, faults, onPut, onSwap, onRemove, onSplit }: MomentProps) {
  const [open, setOpen] = useState(false);
  const nth = at + 1;
  return (
    <li className="rounded-button bg-mist py-1 pr-1 pl-4">
      <div className="flex items-center gap-1">
        <span className="w-7 shrink-0 font-bold text-quiet">{nth}</span>
        <span className="min-w-0 flex-1 leading-snug">{momentWords(beat)}</span>
        <IconButton name={`Change moment ${nth}`} aria-expanded={open} turn={() => setOpen(!open)}>
          <PencilLine aria-hidden size={18} />
        </IconButton>
        {at > 0 && (
          <>
            <IconButton name={`Split before moment ${nth}`} onClick={onSplit}>
              <Scissors aria-hidden size={18} />
            </IconButton>
            <IconButton name={`Move earlier: moment ${nth}`} onClick={() => onSwap(-1)}>
              <ArrowUp aria-hidden size={18} />
            </IconButton>
          </>
        )}
        {!last && (
          <IconButton name={`Move later: moment ${nth}`} onClick={() => onSwap(1)}>
            <ArrowDown aria-hidden size={18} />
          </IconButton>
        )}
        <IconButton name={`Remove: moment ${nth}`} onClick={onRemove}>
          <Trash2 aria-hidden size={18} />
        </IconButton>
      </div>
      {faults.map(({ message, move }) => (
        <p key={move} className="pb-2 pl-8 font-medium text-wrong">
          {message}
        </p>
      ))}
      {open && (
        <div className="flex flex-col gap-2 pt-1 pr-3 pb-3 pl-8">
          {beat.map((move, i) => (
            <MoveFields
              // biome-ignore lint/suspicious/noArrayIndexKey: a move is known by its place.
              key={i}
              of={`moment ${nth}, move ${i + 1}`}
              move={move}
              onPut={(next) => onPut(next ? beat.with(i, next) : beat.toSpliced(i, 1))}
            />
          ))}
        </div>
      )}
    </li>
  );
}
