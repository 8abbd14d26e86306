import { createStore } from "zustand/vanilla";
import { beginCount, type Count, countByTouch, isCount, nextOfCount } from "@/core/count/count";
import {
  act,
  type BoardState,
  backToStep,
  climb,
  currentStep,
  extendAct,
  liveHere,
  openBoard,
  sceneOf,
  standOn,
  stepDown,
} from "@/core/lesson/board-state";
import { amend, doAgain, type History, historyOf, record, takeBack } from "@/core/lesson/history";
import { hasInk, type Ink } from "@/core/lesson/ink";
import { FORMAT, type Lesson, type LessonWords, VERSION } from "@/core/lesson/lesson";
import type { Act, Beat, Move } from "@/core/lesson/move";
import type { Scene } from "@/core/lesson/scene";
import { boardHolds } from "@/core/lesson/views-of";
import type { NumberKey } from "@/core/number/exact";

export type Tool = "mark" | "cover" | "lift";

/** What the board screen holds: the boards with their past, where the teacher is, and what is in her hand. */
export type BoardScreenState = {
  words: LessonWords;
  boards: readonly History<BoardState>[];
  at: number;
  /** How many beats of the step being climbed have been played; null while none is. */
  played: number | null;
  /** The count walks by itself. */
  counting: boolean;
  tool: Tool;
  ink: Ink;
  answerShown: boolean;
};

type Actions = {
  /** A change of the board on show; it can be taken back. */
  change: (next: (state: BoardState) => BoardState) => void;
  setWords: (words: LessonWords) => void;
  setBoards: (
    next: (boards: readonly History<BoardState>[]) => readonly History<BoardState>[],
    at: number,
  ) => void;
  goTo: (at: number) => void;
  climb: () => void;
  stepDown: () => void;
  standOn: (level: number) => void;
  playBeat: () => void;
  backToStep: () => void;
  takeBack: () => void;
  doAgain: () => void;
  choose: (tool: Tool, ink?: Ink) => void;
  /** A finger comes down on a number, is drawn on over others, and leaves. */
  beginRun: (number: NumberKey, finger: number) => void;
  runOver: (number: NumberKey, finger: number) => void;
  endRun: (finger: number) => void;
  act: (beats: Act) => void;
  setCount: (count: Count) => void;
  startCount: () => void;
  pauseCount: () => void;
  /** The next number of a count that walks; false where there is none. */
  walkOn: () => boolean;
  oneOn: () => void;
  oneBack: () => void;
  showAnswer: (shown: boolean) => void;
};

export type BoardStore = ReturnType<typeof createBoardStore>;

export function boardStateOf(state: BoardScreenState): BoardState {
  return state.boards[state.at]!.present;
}

const scenes = new WeakMap<BoardState, Map<number, Scene>>();

/** The scene on show. Folded once for each board state, and read by every view. */
export function sceneNow(state: BoardScreenState): Scene {
  const board = boardStateOf(state);
  const played = state.played ?? Number.POSITIVE_INFINITY;
  const known = scenes.get(board) ?? new Map<number, Scene>();
  if (known.size === 0) scenes.set(board, known);
  const scene = known.get(played) ?? sceneOf(board, played);
  known.set(played, scene);
  return scene;
}

/** The lesson as it now is, to be saved. */
export function lessonOf({ words, boards }: Pick<BoardScreenState, "words" | "boards">): Lesson {
  return {
    format: FORMAT,
    version: VERSION,
    ...words,
    boards: boards.map((history) => history.present.board),
  };
}

/** Whether two states hold the same lesson: cheap, since what has not changed is the same object. */
export function sameLesson(a: BoardScreenState, b: BoardScreenState): boolean {
  return (
    a.words === b.words &&
    a.boards.length === b.boards.length &&
    a.boards.every((history, i) => history.present.board === b.boards[i]!.present.board)
  );
}

/** Where a teacher was in a lesson: kept by the window, so that a reload in front of the class loses nothing. */
export type Whereabouts = { at: number; boards: { climbed: number; live: BoardState["live"] }[] };

export function createBoardStore(lesson: Lesson, where: Whereabouts | null) {
  const { boards, title, forClass } = lesson;
  const opened = boards.map((board, index) => {
    const was = where?.boards[index];
    return historyOf(
      was ? { board, ...was, climbed: Math.min(was.climbed, board.stair.length) } : openBoard(board),
    );
  });
  // What each finger is doing: laying down or taking off, and the act that it is still adding to. An act grows while
  // it is the latest of its step; the count's does too.
  const runs = new Map<number, { laying: boolean; act: Act | undefined }>();
  let countAct: Act | undefined;

  return createStore<BoardScreenState & Actions>()((set, get) => {
    const put = (history: History<BoardState>, more: Partial<BoardScreenState> = {}) =>
      set((state) => ({ boards: state.boards.with(state.at, history), ...more }));
    const now = () => get().boards[get().at]!;
    const change = (next: (state: BoardState) => BoardState, more: Partial<BoardScreenState> = {}) =>
      put(record(now(), next(now().present)), { played: null, ...more });
    /** Adds a beat to an act that is still the latest, or begins an act with it. Gives the act as it then is. */
    const addTo = (open: Act | undefined, beat: Beat): Act => {
      const goesOn = open !== undefined && liveHere(now().present).at(-1) === open;
      if (goesOn) put(amend(now(), extendAct(now().present, [beat])));
      else change((state) => act(state, [beat]));
      return liveHere(now().present).at(-1)!;
    };

    const step = (next: BoardState) => {
      const before = now().present;
      if (next === before) return;
      const plays = next.climbed > before.climbed && next.board.climbEvery > 0;
      const beats = currentStep(next)?.beats.length ?? 0;
      change(() => next, { answerShown: false, counting: false, played: plays && beats > 1 ? 1 : null });
    };

    /** What the tool in hand does to a number, as one beat; null where it does nothing. */
    const touch = (number: NumberKey, laying: boolean): Beat | null => {
      const { tool, ink } = get();
      const scene = sceneNow(get());
      if (tool === "cover") return scene.covers.has(number) ? null : [{ do: "cover", numbers: [number] }];
      if (tool === "lift") return scene.covers.has(number) ? [{ do: "lift", numbers: [number] }] : null;
      const { count } = now().present.board;
      const marked = hasInk(scene.marks.get(number) ?? 0, ink);
      if (marked === laying) return null;
      if (!laying) {
        const unmark: Move = { do: "unmark", ink, numbers: [number] };
        const counted = isCount(scene.trail, count) && scene.trail.end === number;
        return counted ? [unmark, { do: "retrace" }] : [unmark];
      }
      const counted = countByTouch(scene.trail, count, boardHolds(now().present.board), number);
      const talk: Move[] = counted.length > 0 ? counted : [{ do: "focus", number }];
      return [{ do: "mark", ink, numbers: [number] }, ...talk];
    };

    const next = () => {
      const { board } = now().present;
      return nextOfCount(sceneNow(get()).trail, board.count, boardHolds(board));
    };

    return {
      words: { title, forClass },
      boards: opened,
      at: Math.min(where?.at ?? 0, boards.length - 1),
      played: null,
      counting: false,
      tool: "mark",
      ink: "sun",
      answerShown: false,

      change: (make) => change(make),
      setWords: (words) => set({ words }),
      setBoards: (make, at) =>
        set({ boards: make(get().boards), at, played: null, counting: false, answerShown: false }),
      goTo: (at) => set({ at, played: null, counting: false, answerShown: false }),
      climb: () => {
        // A second touch while a step is still played finishes it.
        if (get().played !== null) set({ played: null });
        else step(climb(now().present));
      },
      stepDown: () => step(stepDown(now().present)),
      standOn: (level) => step(standOn(now().present, level)),
      playBeat: () => {
        const { played } = get();
        if (played === null) return;
        const beats = currentStep(now().present)?.beats.length ?? 0;
        set({ played: played + 1 >= beats ? null : played + 1 });
      },
      backToStep: () => change(backToStep, { answerShown: false, counting: false }),
      takeBack: () => put(takeBack(now()), { played: null, counting: false }),
      doAgain: () => put(doAgain(now()), { played: null, counting: false }),
      choose: (tool, ink) => set(ink ? { tool, ink } : { tool }),
      beginRun: (number, finger) => {
        const { tool, ink } = get();
        const laying = tool !== "mark" || !hasInk(sceneNow(get()).marks.get(number) ?? 0, ink);
        runs.set(finger, { laying, act: undefined });
        if (get().played !== null) set({ played: null });
        get().runOver(number, finger);
      },
      runOver: (number, finger) => {
        const run = runs.get(finger);
        const beat = run ? touch(number, run.laying) : null;
        if (run && beat) run.act = addTo(run.act, beat);
      },
      endRun: (finger) => void runs.delete(finger),
      act: (beats) => change((state) => act(state, beats)),
      setCount: (count) => change((state) => ({ ...state, board: { ...state.board, count } })),
      startCount: () => {
        const { board } = now().present;
        const first = next() ?? beginCount(board.count, boardHolds(board));
        if (!first) return;
        countAct = addTo(undefined, first.moves);
        set({ counting: true });
      },
      pauseCount: () => set({ counting: false }),
      walkOn: () => {
        const on = next();
        if (on) countAct = addTo(countAct, on.moves);
        else set({ counting: false });
        return on !== null;
      },
      oneOn: () => {
        const on = next();
        if (on) change((state) => act(state, [on.moves]));
      },
      oneBack: () => {
        const { trail } = sceneNow(get());
        if (trail)
          change((state) =>
            act(state, [[trail.jumps.length > 0 ? { do: "retrace" } : { do: "clear-trail" }]]),
          );
      },
      showAnswer: (answerShown) => set({ answerShown }),
    };
  });
}
