import { createStore } from "zustand/vanilla";
import { beginCount, countByTouch, isCount, jumpOf, type Next, nextOfCount } from "@/core/count/count";
import { countByHand } from "@/core/count/count-by-hand";
import type { Count } from "@/core/count/count-settings";
import { waitsBetween } from "@/core/count/pauses";
import { stopsOf, type Trail } from "@/core/count/trail";
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
import { boardWith } from "@/core/lesson/board-with";
import { followBeat, followBeats } from "@/core/lesson/follow";
import { amend, doAgain, type History, historyOf, record, takeBack } from "@/core/lesson/history";
import { hasInk, type Ink } from "@/core/lesson/ink";
import type { Layer } from "@/core/lesson/layer";
import {
  type Board,
  FORMAT,
  type Lesson,
  type LessonWords,
  MOST,
  VERSION,
  type View,
} from "@/core/lesson/lesson";
import { marksByHand } from "@/core/lesson/marks-by-hand";
import type { Act, Beat, Move } from "@/core/lesson/move";
import { prepareSetting, prepareView } from "@/core/lesson/prepare";
import { fold, inksAt, isCoveredAt, numbersWith, type Scene } from "@/core/lesson/scene";
import type { Setting } from "@/core/lesson/setting";
import { boardHolds, boardNumbers, chartOf, linesOf } from "@/core/lesson/views-of";
import { type Exact, exact, keyOf, type NumberKey } from "@/core/number/exact";
import { isPlaceKey, numberOf, type Target } from "@/core/surface/place-key";
import type { WindowAt } from "@/core/surface/times-grid";
import { say } from "@/kit/messages";
import { keepDrafts } from "@/kit/use-drafts";
import type { PenTool } from "@/view/pen/pen-layer";
import { type ArrowActions, arrowActions } from "./arrow-state";
import { EMPTY_HAND, type FillActions, type FillHand, fillActions } from "./fill-state";
import { EMPTY_JUMP, type JumpHand } from "./jump-hand";

export type Tool = "mark" | "cover" | "lift" | "write" | "jump" | "pen";

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
  /** A removed board back, after the one on show. */
  putBoardBack: (id: string) => void;
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
  /** A finger comes down on a number, is drawn on over others, and leaves. */
  beginRun: (number: Target, finger: number, reach?: Exact) => void;
  runOver: (number: Target, finger: number) => void;
  endRun: (finger: number) => void;
  /** A whole row or column touched by its edge. */
  touchLine: (numbers: readonly Target[]) => void;
  act: (beats: Act) => void;
  /** The window of a times grid slides to where it then begins; slides in a row are taken back together. */
  slideTo: (at: WindowAt) => void;
  wonder: (side: "right" | "below") => void;
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
  startCount: () => void;
  pauseCount: () => void;
  /** The next number of a count that walks; false where there is none. */
  walkOn: () => boolean;
  oneOn: () => void;
  oneBack: () => void;
  showAnswer: (shown: boolean) => void;
  choosePen: (pen: PenTool) => void;
  /** Strokes and notes: more of them, or away with some. */
  drawn: (move: PenMove) => void;
  setJump: (part: Partial<JumpHand>) => void;
  /** One beat more of a slide, or of a pointer that is drawn along: taken back together. */
  amend: (kind: "look" | "point", beat: Beat) => void;
} & FillActions &
  ArrowActions;

/** Nothing goes on: as a board is when it comes on show. */
const AT_REST = {
  played: null,
  counting: false,
  answerShown: false,
  hand: EMPTY_HAND,
  jump: EMPTY_JUMP,
  routing: false,
} as const;

type PenMove = Extract<Move, { do: "pen" | "note" | "rub" | "wipe-pen" }>;

export type BoardStore = ReturnType<typeof createBoardStore>;

export function boardStateOf(state: BoardScreenState): BoardState {
  return state.boards[state.at]!.present;
}

const scenes = new WeakMap<BoardState, Map<number, Scene>>();

/** The scene on show. Folded once for each board state, and read by every view. */
export function sceneNow(state: BoardScreenState): Scene {
  const board = boardStateOf(state);
  const played = state.played ?? Number.POSITIVE_INFINITY;
  const scene = scenes.get(board)?.get(played) ?? keepScene(board, sceneOf(board, played), played);
  return state.counting && isHushed(boardWith(board.board, scene.settings)) ? hushedOf(scene) : scene;
}

/** The board on show: as prepared, with what was set since. */
export function boardNow(state: BoardScreenState): Board {
  return boardWith(boardStateOf(state).board, sceneNow(state).settings);
}

/** Whether the number of a count that walks is hidden: a silent count, or a pointer covered until it stands still. */
const isHushed = (board: Board) =>
  board.count.silent || linesOf(board).some(({ pointer }) => pointer === "until-still");

const hushed = new WeakMap<Scene, Scene>();

/** The scene while a silent count walks, the same one each time: however the count ends, its number shows again. */
function hushedOf(scene: Scene): Scene {
  const known = hushed.get(scene) ?? { ...scene, hushed: true };
  hushed.set(scene, known);
  return known;
}

function keepScene(board: BoardState, scene: Scene, played = Number.POSITIVE_INFINITY): Scene {
  const known = scenes.get(board) ?? new Map<number, Scene>();
  scenes.set(board, known.set(played, scene));
  return scene;
}

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
export type Whereabouts = { at: number; boards: { climbed: number; live: BoardState["live"] }[] };

/** What the tool in hand does to a whole line of numbers; a line that carries the ink already is relieved of it. */
function lineMove(state: BoardScreenState, numbers: readonly Target[]): Move | null {
  if (numbers.length === 0) return null;
  const { tool, ink } = state;
  const scene = sceneNow(state);
  const carrying = (layer: Layer) => numbersWith(scene, layer, numbers);
  if (tool === "write" || tool === "jump" || tool === "pen") return null;
  if (tool === "mark") {
    const all = carrying(ink).length === numbers.length;
    return { do: all ? "unmark" : "mark", ink, numbers: [...numbers] };
  }
  const covered = carrying("cover");
  if (tool === "lift") return covered.length === 0 ? null : { do: "lift", numbers: covered };
  return covered.length === numbers.length ? null : { do: "cover", numbers: [...numbers] };
}

const sameCount = (a: Count, b: Count) => a.by === b.by && a.from === b.from && a.way === b.way;

/** The jumps on over numbers that carry the ink already. */
function markedAhead(trail: Trail | null, count: Count, isMarked: (number: NumberKey) => boolean): Act {
  if (!trail) return [];
  const by = jumpOf(count);
  const beats: Beat[] = [];
  let at = exact(trail.end).add(exact(by));
  for (; beats.length < MOST_AHEAD && isMarked(keyOf(at)); at = at.add(exact(by)))
    beats.push([{ do: "jump", by }]);
  return beats;
}
const MOST_AHEAD = 500;

export function createBoardStore(lesson: Lesson, where: Whereabouts | null, preparing = false) {
  const { boards, title, forClass, removed = [] } = lesson;
  const opened = boards.map((board, index) => {
    const was = where?.boards[index];
    return historyOf(
      was ? { board, ...was, climbed: Math.min(was.climbed, board.stair.length) } : openBoard(board),
    );
  });
  // What each finger is doing: laying down or taking off, and the act that it is still adding to. An act grows while
  // it is the latest of its step; the count's does too.
  const runs = new Map<
    number,
    { laying: boolean; act: Act | undefined; met?: number; jump?: { from: NumberKey; to: NumberKey } }
  >();
  let countAct: Act | undefined;
  let slideAct: Act | undefined;
  let rubAct: Act | undefined;
  const moving: { look?: Act; point?: Act } = {};

  return createStore<BoardScreenState & Actions>()((set, get) => {
    const put = (history: History<BoardState>, more: Partial<BoardScreenState> = {}) =>
      set((state) => ({ boards: state.boards.with(state.at, history), ...more }));
    const now = () => get().boards[get().at]!;
    const onShow = () => boardNow(get());
    const change = (next: (state: BoardState) => BoardState, more: Partial<BoardScreenState> = {}) =>
      put(record(now(), next(now().present)), { played: null, ...more });
    /** Adds a beat to an act that is still the latest, or begins an act with it. Gives the act as it then is. */
    const addTo = (open: Act | undefined, done: Beat): Act => {
      const { present } = now();
      const beat = followBeat(onShow(), sceneNow({ ...get(), played: null, counting: false }), done);
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

    /** What the tool in hand does to a number, as the beats of one act; none where it does nothing. */
    const touch = (number: Target, laying: boolean, isStroke: boolean): Act => {
      const { tool, ink } = get();
      const scene = sceneNow(get());
      const covered = isCoveredAt(scene, number);
      if (tool === "cover") return covered ? [] : [[{ do: "cover", numbers: [number] }]];
      if (tool === "lift") return covered ? [[{ do: "lift", numbers: [number] }]] : [];
      // With the jump in hand a touch says where the next one begins.
      if (tool === "jump") return [[{ do: "start", number: numberOf(number) }]];
      const marked = hasInk(inksAt(scene, number), ink);
      if (marked === laying) return [];
      const mark: Move = { do: laying ? "mark" : "unmark", ink, numbers: [number] };
      if (isPlaceKey(number)) return [[mark, ...(laying ? [{ do: "focus", number } as const] : [])]];
      return laying ? markAndCount(number, mark, isStroke) : unmarkAndCount(number, mark);
    };

    /** A number marked, and the count gone on to it where it is the next one. */
    const markAndCount = (number: NumberKey, mark: Move, isStroke: boolean): Act => {
      const scene = sceneNow(get());
      const { count } = onShow();
      const holds = boardHolds(onShow());
      const next = countByTouch(scene.trail, count, holds, number);
      if (next.length > 0) {
        // What was marked ahead is counted too, once the number before it is.
        const ahead = new Set(handMarks());
        const on = markedAhead(fold(scene, next).trail, count, (one) => ahead.has(one));
        return [[mark, ...next], ...on];
      }
      const byHand = countedByHand(number, null, isStroke);
      if (!byHand || (byHand.beats.length === 0 && sameCount(byHand.count, count))) {
        return [[mark, { do: "focus", number }]];
      }
      return [[mark, { do: "focus", number }], ...setCount(byHand.count), ...byHand.beats];
    };

    /** A number no longer marked, and the count gone back to before it where it was counted by hand. */
    const unmarkAndCount = (number: NumberKey, unmark: Move): Act => {
      const scene = sceneNow(get());
      const { count } = onShow();
      const byHand = countedByHand(null, number, false);
      if (byHand) return [[unmark], ...byHand.beats];
      return isCount(scene.trail, count) && scene.trail.end === number
        ? [[unmark, { do: "retrace" }]]
        : [[unmark]];
    };
    const handMarks = () => marksByHand(liveHere(now().present), get().ink);
    /**
     * What the marks by hand count, with one more or one fewer. Touches one by one tell what is counted; what is
     * coloured in one stroke may be a row, and is counted only where it is the count that is set.
     */
    const countedByHand = (more: NumberKey | null, fewer: NumberKey | null, isStroke: boolean) => {
      const { trail } = sceneNow(get());
      const { count } = onShow();
      const acts = liveHere(now().present);
      const of = (marks: readonly NumberKey[]) =>
        countByHand(
          [...marks.filter((one) => one !== fewer), ...(more === null ? [] : [more])],
          count,
          trail,
          boardHolds(onShow()),
        );
      const single = of(
        marksByHand(
          acts.filter((done) => done.flat().filter(({ do: what }) => what === "mark").length < 2),
          get().ink,
        ),
      );
      if (single && !isStroke) return single;
      const all = of(handMarks());
      return all && sameCount(all.count, count) ? all : null;
    };
    const setCount = (count: Count): Act =>
      sameCount(count, onShow().count) ? [] : [[{ do: "set", setting: { of: "count", is: count } }]];

    /** The beat that comes to a number of the count: marked, where marks follow it. */
    const counted = (on: Next): Beat => {
      const { count } = onShow();
      const { ink } = get();
      return count.marks ? [...on.moves, { do: "mark", ink, numbers: [on.number] }] : on.moves;
    };
    const next = () => {
      const board = onShow();
      return nextOfCount(sceneNow(get()).trail, board.count, boardHolds(board));
    };

    return {
      preparing,
      words: { title, forClass },
      boards: opened,
      removed,
      at: Math.min(where?.at ?? 0, boards.length - 1),
      played: null,
      counting: false,
      tool: "mark",
      ink: "sun",
      answerShown: false,
      hand: EMPTY_HAND,
      routing: false,
      jump: EMPTY_JUMP,
      pen: "pen",

      setJump: (part) => set({ jump: { ...get().jump, ...part } }),
      amend: (kind, beat) => {
        moving[kind] = addTo(moving[kind], beat);
      },
      ...arrowActions({
        board: onShow,
        scene: () => sceneNow(get()),
        act: (beat) => void (beat.length > 0 && addTo(undefined, beat)),
        setRouting: (routing) => set({ routing }),
        say,
      }),
      ...fillActions({
        hand: () => get().hand,
        setHand: (part) => set({ hand: { ...get().hand, ...part } }),
        board: onShow,
        scene: () => sceneNow(get()),
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
      putBoardBack: (id) => {
        const { removed: gone, at, boards: all } = get();
        const board = gone.find((one) => one.id === id);
        if (!board || all.length >= MOST.boards) return;
        get().setBoards((some) => some.toSpliced(at + 1, 0, historyOf(openBoard(board))), at + 1);
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
      beginRun: (number, finger, reach) => {
        // A place that is asked for is touched to be answered, whatever else is in hand.
        const { asked } = sceneNow(get());
        const answers = get().tool === "mark" && asked?.as === "place" && asked.number === number;
        if (answers) get().choose("write");
        if (get().tool === "write") return get().fillTouch(number, reach);
        if (get().tool === "pen") return;
        const { tool, ink } = get();
        const laying = tool !== "mark" || !hasInk(inksAt(sceneNow(get()), number), ink);
        if (tool === "jump" && !isPlaceKey(number)) {
          // Where it lands is known when the finger leaves.
          runs.set(finger, { laying, act: undefined, jump: { from: number, to: number } });
          return;
        }
        runs.set(finger, { laying, act: undefined });
        if (get().played !== null) set({ played: null });
        get().runOver(number, finger);
      },
      runOver: (number, finger) => {
        const run = runs.get(finger);
        if (run?.jump) run.jump.to = numberOf(number);
        else if (run) {
          run.met = (run.met ?? 0) + 1;
          for (const beat of touch(number, run.laying, run.met > 1)) run.act = addTo(run.act, beat);
        }
      },
      endRun: (finger) => {
        const jump = runs.get(finger)?.jump;
        runs.delete(finger);
        if (!jump) return;
        const { from, to } = jump;
        const start: Move = { do: "start", number: from };
        if (from === to) return void addTo(undefined, [start]);
        const goesOn = sceneNow(get()).trail?.end === from;
        const by = keyOf(exact(to).sub(exact(from)));
        addTo(undefined, [...(goesOn ? [] : [start]), { do: "jump", by }]);
      },
      touchLine: (numbers) => {
        const move = lineMove(get(), numbers);
        if (move) addTo(undefined, [move]);
      },
      act: (beats) =>
        change((state) => act(state, followBeats(onShow(), sceneNow({ ...get(), counting: false }), beats))),
      slideTo: (at) => {
        slideAct = addTo(slideAct, [{ do: "slide", row: at.row, column: at.column }]);
      },
      wonder: (side) => void addTo(undefined, [{ do: "wonder", side }]),
      standOut: () => {
        const scene = sceneNow(get());
        const { focus } = scene;
        if (focus === null) return say("Touch the number that is to stand out first.");
        const out = numbersWith(scene, "stand-out", [focus]).length > 0;
        addTo(undefined, [{ do: out ? "stand-back" : "stand-out", numbers: [focus] }]);
      },
      clearMarks: (ink) => {
        const { trail, ...scene } = sceneNow(get());
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
        const { guides, focus } = sceneNow(get());
        const first = boardNumbers(onShow(), sceneNow(get()))[0];
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
      startCount: () => {
        const board = onShow();
        const first = next() ?? beginCount(board.count, boardHolds(board));
        if (!first) return;
        countAct = addTo(undefined, counted(first));
        set({ counting: true });
      },
      pauseCount: () => set({ counting: false }),
      walkOn: () => {
        const on = next();
        const board = onShow();
        const { focus } = sceneNow(get());
        const waits =
          on &&
          focus !== null &&
          waitsBetween(numberOf(focus), on.number, board.count.pauses, chartOf(board));
        if (on && !waits) countAct = addTo(countAct, counted(on));
        else get().pauseCount();
        return on !== null;
      },
      oneOn: () => {
        const on = next();
        if (on) addTo(undefined, counted(on));
      },
      oneBack: () => {
        const { trail } = sceneNow(get());
        if (!trail) return;
        const { ink } = get();
        const back: Move = trail.jumps.length > 0 ? { do: "retrace" } : { do: "clear-trail" };
        const unmark: Move[] = onShow().count.marks ? [{ do: "unmark", ink, numbers: [trail.end] }] : [];
        addTo(undefined, [...unmark, back]);
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
