import type { BoardState } from "@/core/lesson/board-state";
import { movesIn, stepAsked } from "@/core/lesson/board-state";
import type { Act, Move } from "@/core/scene/move";
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

/** How many items at the start of two lists are the same. */
function sameAtStart<T>(a: readonly T[], b: readonly T[]): number {
  let same = 0;
  while (same < a.length && same < b.length && a[same] === b[same]) same += 1;
  return same;
}

/**
 * The live acts that differ from `before`, level by level, from the first changed beat on: a count that walks on is one
 * act, and only its new beat is sent.
 */
export function liveSince(before: Live, now: Live): ShowMessage["live"] {
  const levels = Math.max(before.length, now.length);
  return Array.from({ length: levels }, (_, level) => level).flatMap((level) => {
    const [old, acts]: [readonly Act[], readonly Act[]] = [before[level] ?? [], now[level] ?? []];
    const from = sameAtStart(old, acts);
    if (from === old.length && from === acts.length) return [];
    const [first, ...more] = acts.slice(from);
    const kept = first ? sameAtStart(old[from] ?? [], first) : 0;
    const since = first ? [first.slice(kept), ...more] : [];
    return [{ level, from, kept, acts: since }] as unknown as ShowMessage["live"];
  });
}

/** The live acts with the changes applied. */
export function withSince(before: Live, since: ShowMessage["live"]): Live {
  const live = [...before];
  for (const { level, from, kept, acts } of since) {
    while (live.length <= level) live.push([]);
    const old = live[level]!;
    const [first, ...more] = acts;
    const changed = first ? [[...(old[from] ?? []).slice(0, kept), ...first], ...more] : [];
    live[level] = [...old.slice(0, from), ...changed];
  }
  return live;
}

/** The moves that changes add at the end of the acts of one level; null if they change anything else. */
export function movesAdded(before: Live, since: ShowMessage["live"], at: number): Move[] | null {
  const [change, ...others] = since;
  if (!change) return [];
  const { level, from, kept, acts } = change;
  const old = before[level] ?? [];
  const isAtEnd = kept === 0 ? from === old.length : from === old.length - 1 && kept === old.at(-1)!.length;
  return others.length === 0 && level === at && isAtEnd ? movesIn(acts) : null;
}

type Look = { readonly strong: boolean; readonly blank: boolean };

/** What the class is to see now, given what was sent about the same board. */
export function showMessage(shown: Shown, told: Live, look: Look): ShowMessage {
  const { state, played, counting, within, answerShown } = shown;
  const step = stepAsked(state);
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
