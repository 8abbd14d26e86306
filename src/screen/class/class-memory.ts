import type { BoardState } from "@/core/lesson/board-state";
import { historyOf } from "@/core/lesson/history";
import type { Moment } from "@/core/lesson/moment";
import type { Scene } from "@/core/scene/scene";
import { boardNow, classScene } from "../store/on-show";
import type { BoardMessage, FromClass, FromTeacher, ShowMessage } from "./class-messages";
import type { Spot } from "./pointing";
import { ringRound } from "./ring-round";
import { withSince } from "./shown-to-class";

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
};

/** What a class screen has been told so far. */
export type Known = {
  readonly board: BoardMessage | null;
  readonly live: BoardState["live"];
  readonly show: ShowMessage | null;
  readonly pointed: Spot | null;
};
export const NOTHING_KNOWN: Known = { board: null, live: [], show: null, pointed: null };

/** Takes in one more message: what the class screen then knows, and its answer, or null. */
export function hear(known: Known, message: FromTeacher): [Known, FromClass["kind"] | null] {
  switch (message.kind) {
    case "board":
      // The class keeps seeing the same until the state of this board is sent: never a board as it opens, for a moment.
      return [{ board: message, live: [], show: null, pointed: null }, null];
    case "show": {
      // It is about a board that was sent before this window existed.
      if (known.board?.board.id !== message.board) return [known, "hello"];
      const live = withSince(known.live, message.live);
      return [{ ...known, live, show: message }, "here"];
    }
    case "point":
      return [{ ...known, pointed: message.at }, null];
    case "there":
      return [known, known.board ? "here" : "hello"];
    default:
      return message satisfies never;
  }
}

/** The board as sent, its steps without words. */
const stateOf = ({ board, beats }: BoardMessage, live: BoardState["live"], climbed: number): BoardState => ({
  board: {
    ...board,
    stair: beats.map((some, i) => ({ id: `${i}`, title: "Step", question: "", answer: "", beats: some })),
  },
  climbed: Math.min(climbed, beats.length),
  live,
});

/** A scene in which what is pointed at has a ring. */
const withRing = (scene: Scene, pointed: Spot | null): Scene =>
  pointed ? { ...scene, strokes: [...scene.strokes, ringRound(pointed)] } : scene;

/** What the class sees now; null if nothing has been sent. */
export function viewOf({ board: sent, live, show, pointed }: Known): ClassView | null {
  if (!sent || !show) return null;
  const { climbed, played, counting, within, question, answer, strong, blank } = show;
  const boards = [historyOf(stateOf(sent, live, climbed))];
  const state = { boards, at: 0, played, counting, within };
  return {
    moment: { board: boardNow(state), scene: withRing(classScene(state), pointed), mayAsk: false },
    question,
    answer,
    strong,
    blank,
    counting,
    pointed,
  };
}
