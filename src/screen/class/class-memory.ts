import { type BoardState, openBoard } from "@/core/lesson/board-state";
import { historyOf } from "@/core/lesson/history";
import type { Moment } from "@/core/lesson/moment";
import { fold } from "@/core/scene/fold";
import type { Scene } from "@/core/scene/scene";
import { boardNow, classScene, isPlaying, keepScene, type OnShow, sceneNow } from "../store/on-show";
import type { BoardMessage, FromClass, FromTeacher, ShowMessage } from "./class-messages";
import type { Spot } from "./pointing";
import { ringRound } from "./ring-round";
import { movesAdded, withSince } from "./shown-to-class";

/** What the class sees: a board at one moment with its question, or nothing. */
export type ClassView = {
  readonly moment: Moment;
  readonly question: string;
  readonly answer: string | null;
  readonly strong: boolean;
  readonly blank: boolean;
  readonly pointed: Spot | null;
  /** A count is running by itself. */
  readonly counting: boolean;
  /** A count or a step is going on by itself: nothing may hold it up. */
  readonly goesOn: boolean;
};

/** What a class screen has been told so far. */
export type Known = {
  readonly board: BoardMessage | null;
  /** The board's state; null until the state of the board that was sent is known. */
  readonly state: BoardState | null;
  readonly show: ShowMessage | null;
  readonly pointed: Spot | null;
};
export const NOTHING_KNOWN: Known = { board: null, state: null, show: null, pointed: null };

/** Takes in one more message: what the class screen then knows, and its answer, or null. */
export function hear(known: Known, message: FromTeacher): [Known, FromClass["kind"] | null] {
  switch (message.kind) {
    case "board":
      // The class keeps seeing the same until the state of this board is sent: never a board as it opens, for a moment.
      return [{ board: message, state: null, show: null, pointed: null }, null];
    case "show": {
      // It is about a board that was sent before this window existed.
      if (known.board?.board.id !== message.board) return [known, "hello"];
      return [{ ...known, state: stateAfter(known, known.board, message), show: message }, "here"];
    }
    case "point":
      return [{ ...known, pointed: message.at }, null];
    case "there":
      return [known, known.board ? "here" : "hello"];
    default:
      return message satisfies never;
  }
}

/** The board as sent, its steps without words, at the start of its stair. */
const opened = ({ board, beats }: BoardMessage): BoardState =>
  openBoard({
    ...board,
    stair: beats.map((some, i) => ({ id: `${i}`, title: "Step", question: "", answer: "", beats: some })),
  });

/** The state of the board after what a message says has changed. */
function stateAfter({ state: was, show }: Known, board: BoardMessage, message: ShowMessage): BoardState {
  const before = was ?? opened(board);
  const climbed = Math.min(message.climbed, before.board.stair.length);
  const state = { ...before, climbed, live: withSince(before.live, message.live) };
  const isSameStep = climbed === before.climbed && message.played === null && show?.played === null;
  const added = isSameStep ? movesAdded(before.live, message.live, climbed) : null;
  // As in the teacher's window: another beat costs one beat, however long the lesson has gone on.
  if (added) keepScene(state, fold(sceneNow(onShow(before)), added));
  return state;
}

const onShow = (state: BoardState): OnShow => ({
  boards: [historyOf(state)],
  at: 0,
  played: null,
  counting: false,
  within: null,
});

/** A scene in which what is pointed at has a ring. */
const withRing = (scene: Scene, pointed: Spot | null): Scene =>
  pointed ? { ...scene, strokes: [...scene.strokes, ringRound(pointed)] } : scene;

/** What the class sees now; null if nothing has been sent. */
export function viewOf({ state: board, show, pointed }: Known): ClassView | null {
  if (!board || !show) return null;
  const { played, counting, within, question, answer, strong, blank } = show;
  const state = { ...onShow(board), played, counting, within };
  return {
    moment: { board: boardNow(state), scene: withRing(classScene(state), pointed), mayAsk: false },
    question,
    answer,
    strong,
    blank,
    counting,
    goesOn: counting || isPlaying(state),
    pointed,
  };
}
