import type { BoardState } from "@/core/lesson/board-state";
import { currentStep } from "@/core/lesson/board-state";
import type { Act } from "@/core/scene/move";
import type { BoardScreenState } from "../store/board-store";
import { boardStateOf } from "../store/on-show";
import type { BoardMessage, ShowMessage } from "./class-messages";

/**
 * The part of the teacher's screen that the class sees: nothing of what is in her hand, of menus, notes or messages.
 */
export type Shown = Pick<BoardScreenState, "played" | "counting" | "within" | "answerShown"> & {
  readonly state: BoardState;
};

export function shownOf(screen: BoardScreenState): Shown {
  const { played, counting, within, answerShown } = screen;
  return { state: boardStateOf(screen), played, counting, within, answerShown };
}

/** Whether two moments of the teacher's screen look the same to the class. */
export const isSameShown = (a: Shown, b: Shown): boolean =>
  a.state === b.state &&
  a.played === b.played &&
  a.counting === b.counting &&
  a.within === b.within &&
  a.answerShown === b.answerShown;

/** A board without the words of its steps: what must not be shown is not even sent. */
export function boardMessage({ board }: BoardState): BoardMessage {
  const { recipe: _, ...rest } = board;
  return { kind: "board", board: { ...rest, stair: [] }, beats: board.stair.map(({ beats }) => beats) };
}

type Live = BoardState["live"];

/** The live acts that differ from `before`, level by level, from the first changed act on. */
export function liveSince(before: Live, now: Live): ShowMessage["live"] {
  const levels = Math.max(before.length, now.length);
  return Array.from({ length: levels }, (_, level) => level).flatMap((level) => {
    const [old, acts]: (readonly Act[])[] = [before[level] ?? [], now[level] ?? []] as const;
    if (old === acts) return [];
    let from = 0;
    while (from < old!.length && from < acts!.length && old![from] === acts![from]) from += 1;
    if (from === old!.length && from === acts!.length) return [];
    return [{ level, from, acts: acts!.slice(from) as Act[] }] as unknown as ShowMessage["live"];
  });
}

/** The live acts with the changes applied. */
export function withSince(before: Live, since: ShowMessage["live"]): Live {
  const live = [...before];
  for (const { level, from, acts } of since) {
    while (live.length <= level) live.push([]);
    live[level] = [...live[level]!.slice(0, from), ...acts];
  }
  return live;
}

type Look = { readonly strong: boolean; readonly blank: boolean };

/** What the class is to see now, given what was sent about the same board. */
export function showMessage(shown: Shown, told: Live, look: Look): ShowMessage {
  const { state, played, counting, within, answerShown } = shown;
  const step = currentStep(state);
  return {
    kind: "show",
    board: state.board.id,
    climbed: state.climbed,
    played,
    counting,
    within,
    live: liveSince(told, state.live),
    question: step?.question ?? "",
    answer: answerShown && step ? step.answer : null,
    ...look,
  };
}
