import { createStore } from "zustand/vanilla";
import { stopsOf } from "@/core/count/trail";
import {
  act,
  type BoardState,
  backToStep,
  climb,
  currentStep,
  extendAct,
  liveHere,
  openBoard,
  standOn,
  stepDown,
} from "@/core/lesson/board-state";
import { followBeat, followBeats } from "@/core/lesson/follow";
import { amend, doAgain, type History, historyOf, record, takeBack } from "@/core/lesson/history";
import { type Board, FORMAT, type Lesson, type LessonWords, MOST, VERSION } from "@/core/lesson/lesson";
import { prepareSetting, prepareView } from "@/core/lesson/prepare";
import { boardNumbers } from "@/core/lesson/views-of";
import type { NumberKey } from "@/core/number/exact";
import { fold } from "@/core/scene/fold";
import type { Act, Beat, Move } from "@/core/scene/move";
import { movesMadeOn, movesOnView } from "@/core/scene/own";
import { inksAt, numbersWith } from "@/core/scene/scene";
import type { Setting } from "@/core/scene/setting";
import { hasInk, type Ink } from "@/core/set/ink";
import type { WindowAt } from "@/core/surface/times-grid";
import type { View } from "@/core/views/view";
import type { ViewId } from "@/core/views/view-id";
import { say } from "@/kit/messages";
import { keepDrafts } from "@/kit/use-drafts";
import type { PenTool } from "@/view/pen/pen-layer";
import { type ArrowActions, arrowActions } from "./arrow-state";
import { type CountActions, countActions } from "./count-state";
import { EMPTY_HAND, type FillActions, type FillHand, fillActions } from "./fill-state";
import { EMPTY_JUMP, type JumpHand } from "./jump-hand";
import { boardInHand, boardNow, keepScene, sceneInHand, sceneNow, viewInHand } from "./on-show";
import { type Tool, type TouchActions, touchActions } from "./touch-state";

/** What the board screen holds: the boards with their past, where the teacher is, and what is in her hand. */
export type BoardScreenState = {
  /** The board is prepared: what is set is set in the lesson. In class it is live, and taken back like any move. */
  preparing: boolean;
  words: LessonWords;
  boards: readonly History<BoardState>[];
  /** Boards that were removed from the lesson, the latest first. */
  removed: readonly Board[];
  at: number;
  /** How many beats of the step being climbed have been played; null while none is. */
  played: number | null;
  /** The count walks by itself. */
  counting: boolean;
  tool: Tool;
  ink: Ink;
  answerShown: boolean;
  hand: FillHand;
  /** Arrow tiles are being followed one by one. */
  routing: boolean;
  jump: JumpHand;
  /** What the pen in hand is. */
  pen: PenTool;
  /** The view that was touched last: where it keeps its own, what is done is done on it. */
  within: ViewId | null;
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
  /** The board on show out of the lesson; the last one stays. */
  removeBoard: () => void;
  /** A removed board back: as the board of that number, else after the one on show. */
  putBoardBack: (id: string, at?: number) => void;
  climb: () => void;
  stepDown: () => void;
  standOn: (level: number) => void;
  playBeat: () => void;
  backToStep: () => void;
  takeBack: () => void;
  doAgain: () => void;
  choose: (tool: Tool, ink?: Ink) => void;
  /** Takes a tool in hand; one that is in hand already is put away. */
  take: (tool: Tool) => void;
  act: (beats: Act) => void;
  /** The window of a times grid slides to where it then begins; slides in a row are taken back together. */
  slideTo: (view: ViewId, at: WindowAt) => void;
  wonder: (view: ViewId, side: "right" | "below") => void;
  /** The number in focus stands out, or is as the others again. */
  standOut: () => void;
  /** The marks of an ink away, or all; a count that was marked begins anew with them. */
  clearMarks: (ink: Ink | null) => void;
  /** The neighbours of the number in focus named, or no longer. */
  showGuides: () => void;
  /** Sets the board to something else: in the lesson while it is prepared, and live in class. */
  setTo: (setting: Setting | ((board: Board) => Setting)) => void;
  /** A view set up anew, while the board is prepared. */
  layView: (view: View | ((board: Board) => View)) => void;
  prepare: (preparing: boolean) => void;
  showAnswer: (shown: boolean) => void;
  choosePen: (pen: PenTool) => void;
  /** Strokes and notes: more of them, or away with some. */
  drawn: (move: PenMove) => void;
  setJump: (part: Partial<JumpHand>) => void;
  /** A view is touched: what is done next is about its numbers. */
  hold: (view: ViewId) => void;
  /** One beat more of a slide, or of a pointer that is drawn along: taken back together. */
  amend: (kind: "look" | "point", beat: Beat) => void;
} & CountActions &
  TouchActions &
  FillActions &
  ArrowActions;

/** Nothing goes on: as a board is when it comes on show. */
const AT_REST = {
  played: null,
  counting: false,
  answerShown: false,
  hand: EMPTY_HAND,
  jump: EMPTY_JUMP,
  routing: false,
  within: null,
} as const;

/** Of what was done by hand, what was done on a view. */
const actsOn = (view: View | undefined, acts: readonly Act[]): readonly Act[] =>
  view?.own ? acts.map((done) => done.map((beat) => [...movesMadeOn(view, beat)])) : acts;

type PenMove = Extract<Move, { do: "pen" | "note" | "rub" | "wipe-pen" }>;

export type BoardStore = ReturnType<typeof createBoardStore>;

/** The lesson as it now is, to be saved. */
export function lessonOf({
  words,
  boards,
  removed,
}: Pick<BoardScreenState, "words" | "boards" | "removed">): Lesson {
  return {
    format: FORMAT,
    version: VERSION,
    ...words,
    boards: boards.map((history) => history.present.board),
    ...(removed.length > 0 ? { removed: [...removed] } : {}),
  };
}

/** Whether two states hold the same lesson: cheap, since what has not changed is the same object. */
export function sameLesson(a: BoardScreenState, b: BoardScreenState): boolean {
  return (
    a.words === b.words &&
    a.removed === b.removed &&
    a.boards.length === b.boards.length &&
    a.boards.every((history, i) => history.present.board === b.boards[i]!.present.board)
  );
}

/** Where a teacher was in a lesson: kept by the window, so that a reload in front of the class loses nothing. */
export type Whereabouts = {
  /** The board on show. */
  at: string;
  /** By board. */
  boards: { readonly [id in string]?: { climbed: number; live: BoardState["live"] } };
};

export function createBoardStore(lesson: Lesson, where: Whereabouts | null, preparing = false) {
  const { boards, title, forClass, removed = [] } = lesson;
  const opened = boards.map((board) => {
    const was = where?.boards[board.id];
    return historyOf(
      was ? { board, ...was, climbed: Math.min(was.climbed, board.stair.length) } : openBoard(board),
    );
  });
  // An act grows while it is the latest of its step.
  let slideAct: Act | undefined;
  let rubAct: Act | undefined;
  const moving: { look?: Act; point?: Act } = {};

  return createStore<BoardScreenState & Actions>()((set, get) => {
    const put = (history: History<BoardState>, more: Partial<BoardScreenState> = {}) =>
      set((state) => ({ boards: state.boards.with(state.at, history), ...more }));
    const now = () => get().boards[get().at]!;
    const onShow = () => boardNow(get());
    const inHand = () => boardInHand(get());
    const change = (next: (state: BoardState) => BoardState, more: Partial<BoardScreenState> = {}) =>
      put(record(now(), next(now().present)), { played: null, ...more });
    /** Adds a beat to an act that is still the latest, or begins an act with it. Gives the act as it then is. */
    const addTo = (open: Act | undefined, done: Beat): Act => {
      const { present } = now();
      const onView = movesOnView(viewInHand(get()), done) as Beat;
      const beat = followBeat(onShow(), sceneNow({ ...get(), played: null, counting: false }), onView);
      const goesOn = open !== undefined && liveHere(present).at(-1) === open;
      const next = goesOn ? extendAct(present, [beat]) : act(present, [beat]);
      // Folding in two parts is folding at once, so one beat more costs one beat, however long the lesson has gone on.
      keepScene(next, fold(sceneNow({ ...get(), played: null, counting: false }), beat));
      if (goesOn) put(amend(now(), next));
      else put(record(now(), next), { played: null });
      return liveHere(next).at(-1)!;
    };

    const step = (next: BoardState) => {
      const before = now().present;
      if (next === before) return;
      const plays = next.climbed > before.climbed && next.board.climbEvery > 0;
      const beats = currentStep(next)?.beats.length ?? 0;
      change(() => next, { answerShown: false, counting: false, played: plays && beats > 1 ? 1 : null });
    };

    return {
      preparing,
      words: { title, forClass },
      boards: opened,
      removed,
      at: Math.max(
        0,
        boards.findIndex(({ id }) => id === where?.at),
      ),
      played: null,
      counting: false,
      tool: "mark",
      ink: "sun",
      answerShown: false,
      hand: EMPTY_HAND,
      routing: false,
      jump: EMPTY_JUMP,
      pen: "pen",
      within: null,

      hold: (within) => {
        if (get().within === within) return;
        const before = viewInHand(get());
        set({ within });
        const after = viewInHand(get());
        // A count that walks stays on its own view: it does not go on where another one keeps its numbers.
        if (before?.id !== after?.id && (before?.own || after?.own)) set({ counting: false });
      },
      setJump: (part) => set({ jump: { ...get().jump, ...part } }),
      amend: (kind, beat) => {
        moving[kind] = addTo(moving[kind], beat);
      },
      ...arrowActions({
        board: inHand,
        scene: () => sceneInHand(get()),
        act: (beat) => void (beat.length > 0 && addTo(undefined, beat)),
        setRouting: (routing) => set({ routing }),
        say,
      }),
      ...countActions({
        ink: () => get().ink,
        board: inHand,
        scene: () => sceneInHand(get()),
        addTo,
        setCounting: (counting) => set({ counting }),
      }),
      ...touchActions({
        inHand: get,
        board: inHand,
        scene: () => sceneInHand(get()),
        acts: () => actsOn(viewInHand(get()), liveHere(now().present)),
        addTo,
        answer: (place, reach) => {
          if (get().tool !== "write") get().choose("write");
          get().fillTouch(place, reach);
        },
        finishStep: () => get().played !== null && set({ played: null }),
      }),
      ...fillActions({
        hand: () => get().hand,
        setHand: (part) => set({ hand: { ...get().hand, ...part } }),
        board: inHand,
        scene: () => sceneInHand(get()),
        act: (beat) => void addTo(undefined, beat),
        setTo: (setting) => get().setTo(setting),
      }),
      change: (make) => change(make),
      setWords: (words) => set({ words }),
      setBoards: (make, at) => {
        keepDrafts();
        set({ boards: make(get().boards), at, ...AT_REST });
      },
      removeBoard: () => {
        const { boards: all, at, removed: gone } = get();
        if (all.length < 2) return;
        get().setBoards((some) => some.toSpliced(at, 1), Math.max(0, at - 1));
        set({ removed: [all[at]!.present.board, ...gone].slice(0, MOST.removed) });
      },
      putBoardBack: (id, where = get().at + 1) => {
        const { removed: gone, boards: all } = get();
        const board = gone.find((one) => one.id === id);
        if (!board || all.length >= MOST.boards) return;
        const at = Math.min(where, all.length);
        get().setBoards((some) => some.toSpliced(at, 0, historyOf(openBoard(board))), at);
        set({ removed: gone.filter((one) => one !== board) });
      },
      goTo: (at) => {
        // What is typed is about the board that it was typed on.
        keepDrafts();
        set({ at, ...AT_REST });
      },
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
      takeBack: () =>
        put(takeBack(now()), { played: null, counting: false, routing: false, hand: EMPTY_HAND }),
      doAgain: () => put(doAgain(now()), { played: null, counting: false, routing: false, hand: EMPTY_HAND }),
      take: (tool) => get().choose(get().tool === tool ? "mark" : tool),
      choose: (tool, ink) => set({ tool, hand: EMPTY_HAND, ...(ink ? { ink } : {}) }),
      act: (beats) =>
        change((state) => {
          const onView = beats.map((beat) => movesOnView(viewInHand(get()), beat) as Beat);
          return act(state, followBeats(onShow(), sceneNow({ ...get(), counting: false }), onView));
        }),
      slideTo: (view, at) => {
        slideAct = addTo(slideAct, [{ do: "slide", view, row: at.row, column: at.column }]);
      },
      wonder: (view, side) => void addTo(undefined, [{ do: "wonder", view, side }]),
      standOut: () => {
        const scene = sceneInHand(get());
        const { focus } = scene;
        if (focus === null) return say("Touch the number that is to stand out first.");
        const out = numbersWith(scene, "stand-out", [focus]).length > 0;
        addTo(undefined, [{ do: out ? "stand-back" : "stand-out", numbers: [focus] }]);
      },
      clearMarks: (ink) => {
        const { trail, ...scene } = sceneInHand(get());
        const carries = (number: NumberKey) => {
          const inks = inksAt({ ...scene, trail }, number);
          return ink === null ? inks !== 0 : hasInk(inks, ink);
        };
        const wasMarked = trail !== null && [...stopsOf(trail).keys(), trail.start].some(carries);
        addTo(undefined, [
          { do: "clear-marks", ink },
          ...(wasMarked ? [{ do: "clear-trail" } as const] : []),
        ]);
      },
      showGuides: () => {
        const { guides, focus } = sceneInHand(get());
        const first = boardNumbers(inHand(), sceneInHand(get()))[0];
        // With no number in focus there are no neighbours to name: the talk begins at the first.
        const talk: Move[] = focus === null && first !== undefined ? [{ do: "focus", number: first }] : [];
        addTo(undefined, [{ do: "guides", on: !guides }, ...(guides ? [] : talk)]);
      },
      setTo: (next) => {
        // What is pressed right after something was typed is about the board as it then is, not as it was drawn.
        const setting = typeof next === "function" ? next(onShow()) : next;
        if (get().preparing) change((state) => prepareSetting(state, setting));
        else addTo(undefined, [{ do: "set", setting }]);
      },
      layView: (next) => {
        const view = typeof next === "function" ? next(onShow()) : next;
        change((state) => prepareView(state, view));
      },
      prepare: (preparing) => {
        keepDrafts();
        set({ preparing });
      },
      showAnswer: (answerShown) => set({ answerShown }),
      choosePen: (pen) => set({ tool: "pen", pen, hand: EMPTY_HAND }),
      drawn: (move) => {
        // What one pass of the rubber wipes away comes back with one touch.
        if (move.do === "rub") rubAct = addTo(rubAct, [move]);
        else {
          rubAct = undefined;
          addTo(undefined, [move]);
        }
      },
    };
  });
}
