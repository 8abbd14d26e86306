import { act, type BoardState, extendAct, liveHere, stepAsked } from "@/core/lesson/board-state";
import { followBeat, followBeats } from "@/core/lesson/follow";
import { amend, doAgain, type History, record, takeBack } from "@/core/lesson/history";
import { fold } from "@/core/scene/fold";
import type { Act, Beat } from "@/core/scene/move";
import { movesOnView } from "@/core/scene/own";
import type { ViewId } from "@/core/views/view-id";
import { EMPTY_HAND } from "./fill-hand";
import { boardNow, keepScene, sceneNow, viewInHand } from "./on-show";
import type { Part } from "./part";

/** Acts that last for a while and are taken back as one: a slide of one view, a stroke of the rubber, a running count, a finger. */
export type Growth =
  | `slide ${ViewId}`
  | `look ${ViewId}`
  | "widen"
  | "point"
  | "rub"
  | "walk"
  | `finger ${number}`;

/** Acts on the board on show, and its history. */
export type PastPart = {
  /** Acts that can still be extended while each is the latest of its step. */
  growing: { readonly [by in Growth]?: Act | undefined };
  /** Makes a change to the board on show that can be taken back. */
  change: (next: (state: BoardState) => BoardState, more?: Partial<typeof CALM>) => void;
  act: (beats: Act) => void;
  /** Does one beat as an act by itself. */
  add: (beat: Beat) => void;
  /** Adds a beat to a lasting act; the first one begins it. */
  grow: (by: Growth, beat: Beat) => void;
  /** Ends a lasting act: the next of its kind is another act. */
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
  /** The scene without what is hidden only while a count runs. */
  const scene = () => sceneNow({ ...get(), played: null, counting: false });
  /** Adds a beat to the lasting act if that is still the latest, else begins a new act. */
  const add = (done: Beat, by?: Growth) => {
    const { present } = now();
    const open = by && get().growing[by];
    const onView = movesOnView(viewInHand(get()), done) as Beat;
    const beat = followBeat(boardNow(get()), scene(), onView);
    const goesOn = open !== undefined && liveHere(present).at(-1) === open;
    const next = goesOn ? extendAct(present, [beat]) : act(present, [beat]);
    // Folding in two parts is the same as folding at once, so another beat costs one beat, however long the lesson has
    // gone on.
    keepScene(next, fold(scene(), beat));
    const more = by ? { growing: { ...get().growing, [by]: liveHere(next).at(-1) } } : {};
    if (goesOn) put(amend(now(), next), more);
    else put(record(now(), next), { played: null, ...more });
  };
  /** Goes to another moment of the history. Where another question stands there, its answer is covered. */
  const returnTo = (history: History<BoardState>) => {
    const isSame = stepAsked(history.present) === stepAsked(now().present);
    put(history, { ...TAKEN_BACK, answerShown: isSame && get().answerShown });
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
    takeBack: () => returnTo(takeBack(now())),
    doAgain: () => returnTo(doAgain(now())),
  };
};
