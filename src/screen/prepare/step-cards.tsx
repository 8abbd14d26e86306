"use client";

import { clsx } from "clsx";
import {
  ArrowLeft,
  ArrowRight,
  Copy,
  Hammer,
  MoreVertical,
  PencilLine,
  RotateCcw,
  Trash2,
  TriangleAlert,
} from "lucide-react";
import { nanoid } from "nanoid";
import type { ReactNode } from "react";
import type { Step } from "@/core/lesson/board";
import { liveHere } from "@/core/lesson/board-state";
import { MAX } from "@/core/lesson/bounds";
import { duplicateStep, keepAsOpening, moveStep, removeStep, whyNotOpened } from "@/core/lesson/edit-stair";
import { Menu, MenuItem } from "@/kit/menu";
import { say } from "@/kit/messages";
import { boardStateOf } from "../store/on-show";
import { sayDone } from "../store/say-done";
import { useBoard, useBoardStore } from "../store/use-board";

const CARD = "relative flex w-[9.5rem] shrink-0 flex-col overflow-hidden rounded-t-button bg-board text-left";
/** The room above and below the words of a card, and their line height, in pixels. */
const [EDGES, LINE] = [16, 18.75];
/** Pixels at the usual text size. */
const inRem = (pixels: number) => `${pixels / 16}rem`;

export function FootCard({ height, here }: { height: number; here: boolean }) {
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
    <div className={clsx(CARD, "w-[7.5rem]")} style={{ height: inRem(height) }}>
      <Tread here={here} />
      <button
        type="button"
        aria-current={here ? "step" : undefined}
        onClick={() => store.getState().standOn(0)}
        className="flex flex-1 items-start px-3 pt-1.5 text-left text-small leading-tight font-semibold after:absolute after:inset-0"
      >
        Start of the board
      </button>
      {live && (
        <button
          type="button"
          onClick={keep}
          className="relative m-1.5 rounded-button border border-edge bg-board px-2 py-1.5 text-small font-semibold hover:border-ink"
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
  /** Moves of it that no longer make sense. */
  faults: number;
  onReword: () => void;
  onLook: () => void;
  onAgain: () => void;
};

export function StepCard({ step, level, steps, here, height, faults, onReword, onLook, onAgain }: CardProps) {
  const store = useBoardStore();
  const remove = () => {
    store.getState().change((state) => removeStep(state, level));
    sayDone(store, `Step “${step.title}” removed.`, "Put back");
  };
  return (
    <div className={CARD} style={{ height: inRem(height) }}>
      <Tread here={here} />
      <div className="flex flex-1 items-start">
        <button
          type="button"
          aria-current={here ? "step" : undefined}
          onClick={() => store.getState().standOn(level)}
          className="flex min-w-0 flex-1 flex-col items-start self-stretch pt-1.5 pl-3 text-left leading-tight after:absolute after:inset-0"
        >
          {/* The number of whole lines that the card has room for. */}
          <span
            className="line-clamp-2 max-w-full text-small leading-tight whitespace-pre-line text-quiet"
            style={{ WebkitLineClamp: Math.floor((height - EDGES) / LINE) }}
          >
            {faults > 0 && (
              <TriangleAlert
                role="img"
                aria-label="Something in it no longer makes sense:"
                size={17}
                className="mr-1 inline text-wrong"
              />
            )}
            <span className="font-semibold text-ink">{step.title}</span>
            {step.question && `\n${step.question}`}
          </span>
        </button>
        <Menu
          button={
            <button
              type="button"
              aria-label={`More for step ${level}, ${step.title}`}
              className="relative flex size-press shrink-0 items-center justify-center rounded-button hover:bg-wall"
            >
              <MoreVertical aria-hidden size="1.1875rem" />
            </button>
          }
        >
          <MenuItem icon={<PencilLine aria-hidden size="1.1875rem" />} onSelect={onReword}>
            Change the words
          </MenuItem>
          <MenuItem icon={<Hammer aria-hidden size="1.1875rem" />} onSelect={onLook}>
            Open in the workshop
          </MenuItem>
          <MenuItem icon={<RotateCcw aria-hidden size="1.1875rem" />} onSelect={onAgain}>
            Do the step again
          </MenuItem>
          <MenuItem
            icon={<Copy aria-hidden size="1.1875rem" />}
            disabled={steps >= MAX.steps}
            onSelect={() => store.getState().change((state) => duplicateStep(state, level, nanoid(8)))}
          >
            Duplicate the step
          </MenuItem>
          <MenuItem
            icon={<ArrowRight aria-hidden size="1.1875rem" />}
            disabled={level === steps}
            onSelect={() => store.getState().change((state) => moveStep(state, level, 1))}
          >
            Move later
          </MenuItem>
          <MenuItem
            icon={<ArrowLeft aria-hidden size="1.1875rem" />}
            disabled={level === 1}
            onSelect={() => store.getState().change((state) => moveStep(state, level, -1))}
          >
            Move earlier
          </MenuItem>
          <MenuItem icon={<Trash2 aria-hidden size="1.1875rem" />} onSelect={remove}>
            Remove the step
          </MenuItem>
        </Menu>
      </div>
    </div>
  );
}

type AgainProps = { title: string; height: number; onKeep: () => void; onLeave: () => void };

/** Recording over a step: what is done live now replaces what it did, and its words stay. */
export function AgainCard({ title, height, onKeep, onLeave }: AgainProps) {
  const live = useBoard((state) => liveHere(boardStateOf(state)).length > 0);
  return (
    <div
      className="flex w-[12.25rem] shrink-0 flex-col rounded-t-button border-2 border-b-0 border-dashed border-stair-deep bg-lit px-3 py-1.5"
      style={{ height: inRem(height) }}
    >
      <p className="line-clamp-2 flex-1 text-small leading-tight">
        {live ? `“${title}” will do this:` : `Do on the board what “${title}” is to do.`}
      </p>
      <div className="flex gap-1.5 pb-1.5">
        <button
          type="button"
          disabled={!live}
          onClick={onKeep}
          className="h-press flex-1 rounded-button bg-stair text-small font-semibold disabled:opacity-50"
        >
          Keep it
        </button>
        <button
          type="button"
          onClick={onLeave}
          className="h-press rounded-button px-2 text-small font-semibold hover:bg-wall"
        >
          Cancel
        </button>
      </div>
    </div>
  );
}

/** The place of the next step. It can be kept once something was done live. */
export function KeepCard({ height, keepStep }: { height: number; keepStep: () => void }) {
  const live = useBoard((state) => liveHere(boardStateOf(state)).length > 0);
  return (
    <button
      type="button"
      onClick={keepStep}
      className={clsx(
        "w-[9.5rem] shrink-0 rounded-t-button border-2 border-b-0 border-dashed border-quiet/60 px-3 font-semibold",
        live ? "bg-stair/25 text-ink hover:bg-stair" : "text-quiet hover:border-ink hover:text-ink",
      )}
      style={{ height: inRem(height) }}
    >
      {live ? "Keep as a step" : "Add a step"}
    </button>
  );
}

type SideProps = { icon: ReactNode; onPress: () => void; children: string };

/** A button that leads from the stair to somewhere else. */
export function SideButton({ icon, onPress, children }: SideProps) {
  return (
    <button
      type="button"
      onClick={onPress}
      className="flex h-press items-center gap-2 rounded-button bg-board/70 px-3 text-small font-semibold whitespace-nowrap text-quiet hover:bg-board hover:text-ink"
    >
      {icon}
      {children}
    </button>
  );
}

const Tread = ({ here }: { here: boolean }) => (
  <span aria-hidden className={clsx("h-2 shrink-0", here ? "bg-stair" : "bg-rule")} />
);
