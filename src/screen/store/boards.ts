import type { Board, LessonWords } from "@/core/lesson/board";
import { type BoardState, beforeActs, openBoard } from "@/core/lesson/board-state";
import { MAX } from "@/core/lesson/bounds";
import { type History, historyOf } from "@/core/lesson/history";
import type { Lesson } from "@/core/lesson/lesson";
import type { Sheet } from "@/core/sheet/sheet";
import { keepDrafts } from "@/kit/open-drafts";
import { AT_REST } from "./at-rest";
import type { Part } from "./part";
import type { Whereabouts } from "./whereabouts";

/** The lesson: its boards with their history, and which of them is on show. */
export type BoardsPart = {
  /** While preparing, settings are made in the lesson. In class they are live, and taken back like any move. */
  preparing: boolean;
  words: LessonWords;
  /** The class of this sitting. */
  taughtTo: string;
  boards: readonly History<BoardState>[];
  /** Boards removed from the lesson, the latest first. */
  removed: readonly Board[];
  /** Sheets to be printed for the table. */
  sheets: readonly Sheet[];
  at: number;
  prepare: (preparing: boolean) => void;
  setWords: (words: LessonWords) => void;
  setSheets: (next: (sheets: readonly Sheet[]) => readonly Sheet[]) => void;
  setBoards: (
    next: (boards: readonly History<BoardState>[]) => readonly History<BoardState>[],
    at: number,
  ) => void;
  goTo: (at: number) => void;
  /** Restores the lesson as it stood in a sitting with a class; from its beginning if there is none. */
  carryOn: (where: Whereabouts | null, forClass: string) => void;
  /** Adds a board after the one on show, and shows it. False if the lesson is full. */
  addBoard: (board: Board) => boolean;
  /** Removes a board, the one on show if none is named; the last one stays. */
  removeBoard: (which?: number) => void;
  /** Moves a board; the one on show stays on show. */
  putBoardAt: (from: number, to: number) => void;
  /** Puts a removed board back: at a position, else after the one on show. */
  putBoardBack: (id: string, at?: number) => void;
};

/** How many acts of a step can be taken back one by one after a reload. */
const MAX_RESTORED = 100;

/** Restores boards with their live acts, those of the step on show to be taken back as before. */
const boardsAt = (boards: readonly Board[], where: Whereabouts | null): History<BoardState>[] =>
  boards.map((board) => {
    const was = where?.boards[board.id];
    if (!was) return historyOf(openBoard(board));
    const present = { board, ...was, climbed: Math.min(was.climbed, board.stair.length) };
    return { ...historyOf(present), past: beforeActs(present, MAX_RESTORED) };
  });

const placeOf = (boards: readonly Board[], where: Whereabouts | null): number =>
  Math.max(
    0,
    boards.findIndex(({ id }) => id === where?.at),
  );

export const boardsPart =
  (lesson: Lesson, where: Whereabouts | null, preparing: boolean): Part<BoardsPart> =>
  ({ getState: get, setState: set }) => {
    const { boards, title, forClass, labels = [], peek = false, removed = [], sheets = [] } = lesson;
    return {
      preparing,
      words: { title, forClass, labels, peek },
      taughtTo: where?.forClass ?? forClass,
      boards: boardsAt(boards, where),
      removed,
      sheets,
      at: placeOf(boards, where),
      prepare: (next) => {
        keepDrafts();
        set({ preparing: next });
      },
      setWords: (words) =>
        set((was) => ({
          words,
          // Renaming a class keeps its sitting.
          taughtTo: was.taughtTo === was.words.forClass ? words.forClass : was.taughtTo,
        })),
      setSheets: (next) => set({ sheets: next(get().sheets) }),
      setBoards: (make, at) => {
        keepDrafts();
        set({ boards: make(get().boards), at, ...AT_REST });
      },
      addBoard: (board) => {
        const { boards: all, at } = get();
        if (all.length >= MAX.boards) return false;
        get().setBoards((some) => some.toSpliced(at + 1, 0, historyOf(openBoard(board))), at + 1);
        return true;
      },
      removeBoard: (which = get().at) => {
        const { boards: all, at, removed: gone } = get();
        if (all.length < 2 || !all[which]) return;
        get().setBoards((some) => some.toSpliced(which, 1), Math.max(0, which <= at ? at - 1 : at));
        set({ removed: [all[which].present.board, ...gone].slice(0, MAX.removed) });
      },
      putBoardAt: (from, to) => {
        const { boards: all, at } = get();
        const moved = all[from];
        if (!moved || !all[to] || from === to) return;
        const next = all.toSpliced(from, 1).toSpliced(to, 0, moved);
        get().setBoards(() => next, next.indexOf(all[at]!));
      },
      putBoardBack: (id, to = get().at + 1) => {
        const { removed: gone, boards: all } = get();
        const board = gone.find((one) => one.id === id);
        if (!board || all.length >= MAX.boards) return;
        const at = Math.min(to, all.length);
        get().setBoards((some) => some.toSpliced(at, 0, historyOf(openBoard(board))), at);
        set({ removed: gone.filter((one) => one !== board) });
      },
      carryOn: (where, taughtTo) => {
        keepDrafts();
        const prepared = get().boards.map(({ present }) => present.board);
        set({ taughtTo, boards: boardsAt(prepared, where), at: placeOf(prepared, where), ...AT_REST });
      },
      goTo: (at) => {
        // Typed text belongs to the board on which it was typed.
        keepDrafts();
        set({ at, ...AT_REST });
      },
    };
  };
