import { act, type BoardState, extendAct, liveHere } from "@/core/lesson/board-state";
import { followBeat, followBeats } from "@/core/lesson/follow";
import { amend, doAgain, type History, record, takeBack } from "@/core/lesson/history";
import { fold } from "@/core/scene/fold";
import type { Act, Beat } from "@/core/scene/move";
import { movesOnView } from "@/core/scene/own";
import { EMPTY_HAND } from "./fill-hand";
import { boardNow, keepScene, sceneNow, viewInHand } from "./on-show";
import type { Part } from "./part";

/** What may go on for a while, and is taken back together: a slide, a stroke of the rubber, a count that walks, a finger. */
export type Growth = "slide" | "widen" | "look" | "point" | "rub" | "walk" | `finger ${number}`;

/** What is done on the board on show, and its past. */
export type PastPart = {
  /** Acts that grow for as long as each is the latest of its step. */
  growing: { readonly [by in Growth]?: Act | undefined };
  /** A change of the board on show; it can be taken back. */
  change: (next: (state: BoardState) => BoardState, more?: Partial<typeof CALM>) => void;
  act: (beats: Act) => void;
  /** One beat, an act by itself. */
  add: (beat: Beat) => void;
  /** One beat more of what goes on; the first begins it. */
  grow: (by: Growth, beat: Beat) => void;
  /** What went on has ended: what comes next of its kind is another act. */
  ends: (by: Growth) => void;
  takeBack: () => void;
  doAgain: () => void;
};

const CALM = { played: null as number | null, counting: false, answerShown: false };
const TAKEN_BACK = { played: null, counting: false, routing: false, hand: EMPTY_HAND } as const;

export const pastPart: Part<PastPart> = ({ getState: get, setState: set }) => {
  const now = () => get().boards[get().at]!;
  const put = (history: History<BoardState>, more: Partial<ReturnType<typeof get>> = {}) =>
    set((state) => ({ boards: state.boards.with(state.at, history), ...more }));
  /** The scene without what only its telling hides. */
  const scene = () => sceneNow({ ...get(), played: null, counting: false });
  /** Adds a beat to the act of what goes on, where that is still the latest, or begins an act with it. */
  const add = (done: Beat, by?: Growth) => {
    const { present } = now();
    const open = by && get().growing[by];
    const onView = movesOnView(viewInHand(get()), done) as Beat;
    const beat = followBeat(boardNow(get()), scene(), onView);
    const goesOn = open !== undefined && liveHere(present).at(-1) === open;
    const next = goesOn ? extendAct(present, [beat]) : act(present, [beat]);
    // Folding in two parts is folding at once, so one beat more costs one beat, however long the lesson has gone on.
    keepScene(next, fold(scene(), beat));
    const more = by ? { growing: { ...get().growing, [by]: liveHere(next).at(-1) } } : {};
    if (goesOn) put(amend(now(), next), more);
    else put(record(now(), next), { played: null, ...more });
  };
  return {
    growing: {},
    change: (next, more = {}) => put(record(now(), next(now().present)), { played: null, ...more }),
    act: (beats) =>
      get().change((state) => {
        const onView = beats.map((beat) => movesOnView(viewInHand(get()), beat) as Beat);
        return act(state, followBeats(boardNow(get()), sceneNow({ ...get(), counting: false }), onView));
      }),
    add: (beat) => add(beat),
    grow: (by, beat) => add(beat, by),
    ends: (by) => {
      if (get().growing[by]) set(({ growing }) => ({ growing: { ...growing, [by]: undefined } }));
    },
    takeBack: () => put(takeBack(now()), TAKEN_BACK),
    doAgain: () => put(doAgain(now()), TAKEN_BACK),
  };
};
