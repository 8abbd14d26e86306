import {
  type BoardState,
  backToStep,
  climb,
  currentStep,
  isAsking,
  paceOf,
  standOn,
  stepDown,
} from "@/core/lesson/board-state";
import { boardStateOf } from "./on-show";
import type { Part } from "./part";

/** The position of the board on its stair. */
export type StairPart = {
  /** How many beats of the step being climbed have been played; null if none is. */
  played: number | null;
  answerShown: boolean;
  climb: () => void;
  stepDown: () => void;
  standOn: (level: number) => void;
  playBeat: () => void;
  backToStep: () => void;
  showAnswer: (shown: boolean) => void;
};

export const stairPart: Part<StairPart> = ({ getState: get, setState: set }) => {
  const here = () => boardStateOf(get());
  const step = (next: BoardState) => {
    const before = here();
    if (next === before) return;
    const climbs = next.climbed > before.climbed;
    const plays = climbs && paceOf(next) !== "at-once";
    const beats = currentStep(next)?.beats.length ?? 0;
    get().change(() => next, {
      // The answer to a question that stood before its moves stays, if it is shown.
      answerShown: climbs && isAsking(before) && get().answerShown,
      counting: false,
      played: plays && beats > 1 ? 1 : null,
    });
  };
  return {
    played: null,
    answerShown: false,
    climb: () => {
      // A second touch while a step is still playing finishes it, or does the next beat of a step that advances by
      // touches.
      if (get().played !== null && paceOf(here()) === "by-press") get().playBeat();
      else if (get().played !== null) set({ played: null });
      else step(climb(here()));
    },
    stepDown: () => step(stepDown(here())),
    standOn: (level) => step(standOn(here(), level)),
    playBeat: () => {
      const { played } = get();
      if (played === null) return;
      const beats = currentStep(here())?.beats.length ?? 0;
      set({ played: played + 1 >= beats ? null : played + 1 });
    },
    backToStep: () => get().change(backToStep, { answerShown: false, counting: false }),
    showAnswer: (answerShown) => set({ answerShown }),
  };
};
