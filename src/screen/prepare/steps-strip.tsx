"use client";

import { clsx } from "clsx";
import {
  ArrowLeft,
  ArrowRight,
  Copy,
  MoreVertical,
  PencilLine,
  RotateCcw,
  ScrollText,
  Trash2,
} from "lucide-react";
import { nanoid } from "nanoid";
import { Fragment, useState } from "react";
import { liveHere } from "@/core/lesson/board-state";
import {
  duplicateStep,
  keepAsOpening,
  moveStep,
  recordOver,
  removeStep,
  rewordStep,
  whyNotOpened,
} from "@/core/lesson/edit-stair";
import { MAX, type Step } from "@/core/lesson/lesson";
import { Menu, MenuItem } from "@/kit/menu";
import { say } from "@/kit/messages";
import { boardStateOf } from "../store/on-show";
import { sayDone } from "../store/say-done";
import { pickBoard, pickClimbed, useBoard, useBoardStore } from "../store/use-board";
import { StepDialog } from "./step-dialog";

const MIN_HEIGHT = 78;
const MAX_HEIGHT = 112;

/** The stair as it is prepared: its steps with their titles and questions, rising from left to right. */
export function StepsStrip({ keepStep, fromRecipe }: { keepStep: () => void; fromRecipe: () => void }) {
  const stair = useBoard((state) => pickBoard(state).stair);
  const climbed = useBoard(pickClimbed);
  const isWritten = useBoard((state) => pickBoard(state).recipe !== undefined);
  const [wording, setWording] = useState<number | null>(null);
  /** The step that is done again, by its id. */
  const [again, setAgain] = useState<string | null>(null);
  const store = useBoardStore();
  const height = (level: number) =>
    MIN_HEIGHT + ((MAX_HEIGHT - MIN_HEIGHT) * level) / Math.max(stair.length + 1, 6);
  const keepCard = (below: number) => {
    const next = stair[below];
    if (!next || next.id !== again) return <KeepCard height={height(below + 1)} keepStep={keepStep} />;
    return (
      <AgainCard
        title={next.title}
        height={height(below + 1)}
        onKeep={() => {
          store.getState().change((state) => recordOver(state, below + 1));
          setAgain(null);
          sayDone(store, `Step “${next.title}” now does this.`);
        }}
        onLeave={() => setAgain(null)}
      />
    );
  };
  return (
    <section
      aria-label="Steps"
      className="flex h-[116px] shrink-0 items-end low:h-11 low:items-start gap-2 overflow-x-auto overflow-y-hidden px-1"
    >
      <FootCard height={height(0)} here={climbed === 0} />
      {climbed === 0 && keepCard(0)}
      {stair.map((step, index) => (
        <Fragment key={step.id}>
          <StepCard
            step={step}
            level={index + 1}
            steps={stair.length}
            here={climbed === index + 1}
            height={height(index + 1)}
            onReword={() => setWording(index + 1)}
            onAgain={() => {
              setAgain(step.id);
              store.getState().standOn(index);
            }}
          />
          {climbed === index + 1 && keepCard(index + 1)}
        </Fragment>
      ))}
      <RecipeCard height={height(0)} isAgain={isWritten} fromRecipe={fromRecipe} />
      <StepDialog
        doing="Change the words"
        words={wording === null ? null : (stair[wording - 1] ?? null)}
        onClose={() => setWording(null)}
        onSave={(words) => {
          if (wording !== null) store.getState().change((state) => rewordStep(state, wording, words));
          setWording(null);
        }}
      />
    </section>
  );
}

const CARD = "relative flex w-[152px] shrink-0 flex-col overflow-hidden rounded-t-button bg-board text-left";

function FootCard({ height, here }: { height: number; here: boolean }) {
  const store = useBoardStore();
  const live = useBoard(
    (state) => state.boards[state.at]!.present.climbed === 0 && liveHere(boardStateOf(state)).length > 0,
  );
  const keep = () => {
    const fault = whyNotOpened(boardStateOf(store.getState()));
    if (fault) return say(fault);
    store.getState().change(keepAsOpening);
    sayDone(store, "The board now opens like this.");
  };
  return (
    <div className={clsx(CARD, "w-[120px]")} style={{ height }}>
      <Tread here={here} />
      <button
        type="button"
        aria-current={here ? "step" : undefined}
        onClick={() => store.getState().standOn(0)}
        className="flex flex-1 items-start px-3 pt-1.5 text-left text-[15px] leading-tight font-semibold after:absolute after:inset-0"
      >
        Start of the board
      </button>
      {live && (
        <button
          type="button"
          onClick={keep}
          className="relative m-1.5 rounded-lg border border-rule bg-board px-2 py-1.5 text-sm font-semibold hover:border-ink"
        >
          Open like this
        </button>
      )}
    </div>
  );
}

type CardProps = {
  step: Step;
  level: number;
  steps: number;
  here: boolean;
  height: number;
  onReword: () => void;
  onAgain: () => void;
};

function StepCard({ step, level, steps, here, height, onReword, onAgain }: CardProps) {
  const store = useBoardStore();
  const remove = () => {
    store.getState().change((state) => removeStep(state, level));
    sayDone(store, `Step “${step.title}” removed.`, "Put back");
  };
  return (
    <div className={CARD} style={{ height }}>
      <Tread here={here} />
      <div className="flex flex-1 items-start">
        <button
          type="button"
          aria-current={here ? "step" : undefined}
          onClick={() => store.getState().standOn(level)}
          className="flex min-w-0 flex-1 flex-col items-start self-stretch pt-1.5 pl-3 text-left leading-tight after:absolute after:inset-0"
        >
          <span className="line-clamp-2 text-[15px] font-semibold">{step.title}</span>
          {step.question && (
            <span className="mt-0.5 line-clamp-2 text-[13px] text-quiet">{step.question}</span>
          )}
        </button>
        <Menu
          button={
            <button
              type="button"
              aria-label={`More for step ${level}, ${step.title}`}
              className="relative flex size-11 shrink-0 items-center justify-center rounded-lg hover:bg-wall"
            >
              <MoreVertical aria-hidden size={19} />
            </button>
          }
        >
          <MenuItem icon={<PencilLine aria-hidden size={19} />} onSelect={onReword}>
            Change the words
          </MenuItem>
          <MenuItem icon={<RotateCcw aria-hidden size={19} />} onSelect={onAgain}>
            Do the step again
          </MenuItem>
          <MenuItem
            icon={<Copy aria-hidden size={19} />}
            disabled={steps >= MAX.steps}
            onSelect={() => store.getState().change((state) => duplicateStep(state, level, nanoid(8)))}
          >
            Duplicate the step
          </MenuItem>
          <MenuItem
            icon={<ArrowRight aria-hidden size={19} />}
            disabled={level === steps}
            onSelect={() => store.getState().change((state) => moveStep(state, level, 1))}
          >
            Move later
          </MenuItem>
          <MenuItem
            icon={<ArrowLeft aria-hidden size={19} />}
            disabled={level === 1}
            onSelect={() => store.getState().change((state) => moveStep(state, level, -1))}
          >
            Move earlier
          </MenuItem>
          <MenuItem icon={<Trash2 aria-hidden size={19} />} onSelect={remove}>
            Remove the step
          </MenuItem>
        </Menu>
      </div>
    </div>
  );
}

type AgainProps = { title: string; height: number; onKeep: () => void; onLeave: () => void };

/** A step is done again: what is done by hand now takes the place of what it did, and its words stay. */
function AgainCard({ title, height, onKeep, onLeave }: AgainProps) {
  const live = useBoard((state) => liveHere(boardStateOf(state)).length > 0);
  return (
    <div
      className="flex w-[196px] shrink-0 flex-col rounded-t-button border-2 border-b-0 border-dashed border-stair-deep bg-lit px-3 py-1.5"
      style={{ height }}
    >
      <p className="line-clamp-2 flex-1 text-sm leading-tight">
        {live ? `“${title}” will do this:` : `Do on the board what “${title}” is to do.`}
      </p>
      <div className="flex gap-1.5 pb-1.5">
        <button
          type="button"
          disabled={!live}
          onClick={onKeep}
          className="h-9 flex-1 rounded-lg bg-stair text-sm font-semibold disabled:opacity-50"
        >
          Keep it
        </button>
        <button
          type="button"
          onClick={onLeave}
          className="h-9 rounded-lg px-2 text-sm font-semibold hover:bg-wall"
        >
          Cancel
        </button>
      </div>
    </div>
  );
}

/** Where the next step would stand. It can be kept once something was done by hand. */
function KeepCard({ height, keepStep }: { height: number; keepStep: () => void }) {
  const live = useBoard((state) => liveHere(boardStateOf(state)).length > 0);
  return (
    <button
      type="button"
      onClick={keepStep}
      className={clsx(
        "w-[152px] shrink-0 rounded-t-button border-2 border-b-0 border-dashed border-quiet/60 px-3 font-semibold",
        live ? "bg-stair/25 text-ink hover:bg-stair" : "text-quiet hover:border-ink hover:text-ink",
      )}
      style={{ height }}
    >
      {live ? "Keep as a step" : "Add a step"}
    </button>
  );
}

/** A stair can be written for the teacher; one that was can be written again with other numbers. */
function RecipeCard(props: { height: number; isAgain: boolean; fromRecipe: () => void }) {
  return (
    <button
      type="button"
      onClick={props.fromRecipe}
      className="flex w-[132px] shrink-0 flex-col items-start justify-center gap-1 rounded-t-button bg-board/60 px-3 text-left leading-tight font-semibold text-quiet hover:bg-board hover:text-ink"
      style={{ height: props.height }}
    >
      <ScrollText aria-hidden size={19} />
      {props.isAgain ? "Other numbers" : "From a recipe"}
    </button>
  );
}

const Tread = ({ here }: { here: boolean }) => (
  <span aria-hidden className={clsx("h-2 shrink-0", here ? "bg-stair" : "bg-rule")} />
);
