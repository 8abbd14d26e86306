"use client";

import { nanoid } from "nanoid";
import type { StepWords } from "@/core/lesson/board";
import { keepAsStep, whyNotKept } from "@/core/lesson/edit-stair";
import { say } from "@/kit/messages";
import { boardStateOf } from "../store/on-show";
import { sayDone } from "../store/say-done";
import { useBoard, useBoardStore } from "../store/use-board";
import { StepDialog } from "./step-dialog";

const NO_WORDS: StepWords = { title: "", question: "", answer: "" };

/** Keeps the live acts as a step, with its words. */
export function KeepStep({ onClose }: { onClose: () => void }) {
  const store = useBoardStore();
  const keep = (said: StepWords) => {
    const fault = whyNotKept(boardStateOf(store.getState()));
    if (fault) return say(fault);
    store.getState().change((state) => keepAsStep(state, said, nanoid(8)));
    onClose();
    sayDone(store, `Kept as step ${boardStateOf(store.getState()).climbed}.`);
  };
  const state = useBoard(boardStateOf);
  return (
    <StepDialog
      doing="Keep the step"
      words={NO_WORDS}
      put={(said) => keepAsStep(state, said, "kept")}
      level={state.climbed + 1}
      onClose={onClose}
      onSave={keep}
    />
  );
}
