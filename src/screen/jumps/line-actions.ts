import type { Way } from "@/core/count/bridge";
import { MAX_WAY, wayTo } from "@/core/count/bridge";
import { readSentence } from "@/core/count/read-sentence";
import { type JumpPart, MAX_JUMPS } from "@/core/count/trail";
import { boardHolds, linesOf, lookOf, partsOf, textOn, viewOf } from "@/core/lesson/views-of";
import { type Compared, compared, comparedWords } from "@/core/number/compared";
import { differenceOf, exact, keyOf, type NumberKey } from "@/core/number/exact";
import { randomOf } from "@/core/puzzle/draw";
import { scaleTick } from "@/core/puzzle/scale";
import type { Beat, Move } from "@/core/scene/move";
import type { Scene } from "@/core/scene/scene";
import type { Ink } from "@/core/set/ink";
import { numberOf } from "@/core/surface/cell-key";
import type { Span } from "@/core/surface/line";
import type { ViewId } from "@/core/views/view-id";
import { say } from "@/kit/messages";
import { filling } from "../fill/filling";
import type { BoardStore } from "../store/board-store";
import { boardInHand, sceneInHand } from "../store/on-show";

export type LineActions = {
  /** Moves the visible part of a line; consecutive slides are taken back together. */
  lookAt: (view: ViewId, span: Span) => void;
  /** Begins a trail at a number. */
  startAt: (number: NumberKey) => void;
  /** One jump from a number to another: it continues the trail, or begins one. */
  jumpBetween: (from: NumberKey, to: NumberKey) => void;
  /** Jumps on or back in the chosen size, as often as chosen. */
  jumpSet: (way: 1 | -1) => void;
  /** Repeats the latest jump. */
  jumpAgain: () => void;
  /** Draws the way from the trail's landing to the chosen target. */
  goToTarget: () => void;
  /** Draws a number sentence as typed; returns the message if it cannot be read. */
  drawSentence: (typed: string, way: Way) => string | null;
  /** Moves the pointer to a number. */
  pointTo: (number: NumberKey) => void;
  /** Covers or lifts a part of jumps; with the jump tool in hand, the touched jump is selected. */
  touchJump: (jumps: readonly number[], part: JumpPart) => boolean;
  splitJump: (jump: number, into: readonly NumberKey[]) => void;
  joinJump: (jump: number) => void;
  coverAllJumps: (part: JumpPart, on: boolean) => void;
  coverJumps: (jumps: readonly number[], part: JumpPart, on: boolean) => void;
  /** Sets the trail aside in the ink in hand, or in its own if two are being compared. */
  setAside: () => void;
  trailInk: (which: "trail" | "aside", ink: Ink) => void;
  /** Rings a tick of the line and asks for its number. */
  readScale: (view: ViewId) => void;
  /** Shows what is asked for on a line. */
  showAsked: () => void;
  /** Chooses the sign between two numbers; returns the message if it is wrong. */
  chooseSign: (id: ViewId, sign: Compared) => string | null;
};

const known = new WeakMap<BoardStore, LineActions>();

/** The acts on lines and trails of a board screen. Core computes their results. */
export function lineActionsOf(store: BoardStore): LineActions {
  const actions = known.get(store) ?? lineActions(store);
  known.set(store, actions);
  return actions;
}

/** Where the next jump begins: at the trail's landing, else at the number in focus, else at 0. */
export const standingIn = ({ trail, focus }: Scene): NumberKey =>
  trail?.end ?? (focus === null ? "0" : numberOf(focus));

function lineActions(store: BoardStore): LineActions {
  const state = () => store.getState();
  const board = () => boardInHand(state());
  const scene = () => sceneInHand(state());
  const { act, grow, setJump } = state();
  const standing = () => standingIn(scene());
  const begins = (): Move[] => (scene().trail ? [] : [{ do: "start", number: standing() }]);
  const holds = (number: NumberKey) => boardHolds(board())(number);
  /** Makes jumps one after the other, as far as the board goes; a message says what lies beyond. */
  const go = (jumps: readonly NumberKey[], first: readonly Move[] = begins()) => {
    const start = first.find((move) => move.do === "start");
    let at = exact(start?.do === "start" ? start.number : standing());
    const beats: Beat[] = first.length > 0 ? [[...first]] : [];
    let room = MAX_JUMPS - (start ? 0 : (scene().trail?.jumps.length ?? 0));
    for (const by of jumps) {
      const landing = keyOf(at.add(exact(by)));
      if (!holds(landing)) {
        say(`The line ends before ${textOn(board())(landing)}. Let it slide, or make a shorter jump.`);
        break;
      }
      if (room <= 0) {
        say("A trail has room for 2,000 jumps. Begin another one.");
        break;
      }
      room -= 1;
      beats.push([{ do: "jump", by }]);
      at = exact(landing);
    }
    if (beats.some((beat) => beat.some((move) => move.do === "jump"))) act(beats);
  };
  /** Covers or lifts a part of those jumps where that changes anything. */
  const coverJumps = (jumps: readonly number[], part: JumpPart, on: boolean) => {
    const { trail } = scene();
    const some = jumps.filter((index) => (trail?.covers[index]?.[part] === true) !== on);
    if (some.length > 0) act([[{ do: on ? "cover-jump" : "lift-jump", jumps: some, part }]]);
  };
  return {
    lookAt: (view, { from, to }) =>
      grow(`look ${view}`, [{ do: "look", view, from: keyOf(from), to: keyOf(to) }]),
    startAt: (start) => {
      if (holds(start)) act([[{ do: "start", number: start }]]);
    },
    jumpBetween: (from, to) => {
      const by = differenceOf(to, from);
      if (by === "0") return;
      go([by], scene().trail?.end === from ? [] : [{ do: "start", number: from }]);
    },
    jumpSet: (way) => {
      const { by, times } = state().jump;
      go(Array<NumberKey>(times).fill(keyOf(exact(by).mul(way))));
    },
    jumpAgain: () => {
      const last = scene().trail?.jumps.at(-1);
      if (last === undefined) return say("Make a jump first.");
      go([last]);
    },
    goToTarget: () => {
      const { from, target, way } = state().jump;
      if (target === null) return say("Write the number to jump to under “To”.");
      const start = from ?? standing();
      const jumps = wayTo(exact(start), exact(target), way, partsOf(board()));
      if (jumps === null) return say(`That is more than ${MAX_WAY} jumps. Choose another way.`);
      if (jumps.length === 0) return say("The jumps begin there already. Write another number.");
      go(jumps, start === standing() ? begins() : [{ do: "start", number: start }]);
      setJump({ from: null });
    },
    drawSentence: (typed, way) => {
      const read = readSentence(typed, way, partsOf(board()));
      if (!read.ok) return read.message;
      const far = [read.start, read.value].find((key) => !holds(key));
      if (far !== undefined && board().views.some(({ kind }) => kind === "line" || kind === "strip")) {
        return `The line does not reach ${textOn(board())(far)}. Let it slide, or choose other ends.`;
      }
      act([
        [{ do: "start", number: read.start, terms: read.terms }],
        ...read.jumps.map((by): Beat => [{ do: "jump", by }]),
      ]);
      return null;
    },
    pointTo: (to) => {
      if (scene().focus !== to && holds(to)) grow("point", [{ do: "focus", number: to }]);
    },
    touchJump: (jumps, part) => {
      const { trail } = scene();
      if (trail && state().tool === "jump") {
        setJump({ chosen: jumps[0] ?? null, page: "one" });
        return true;
      }
      if (
        trail &&
        state().tool === "write" &&
        part === "size" &&
        jumps.every((jump) => trail.covers[jump]?.size)
      ) {
        filling.with(({ fillActionsOf }) => fillActionsOf(store).fillTerm(jumps));
        return true;
      }
      if (!trail || (state().tool !== "cover" && state().tool !== "lift")) return false;
      const on = state().tool === "cover";
      coverJumps(jumps, part, on);
      return true;
    },
    splitJump: (index, into) => {
      act([[{ do: "split", jump: index, into: [...into] }]]);
      setJump({ chosen: null });
    },
    joinJump: (index) => {
      act([[{ do: "join", jump: index }]]);
      setJump({ chosen: null });
    },
    coverAllJumps: (part, on) => {
      const all = scene().trail?.jumps.map((_, i) => i) ?? [];
      if (all.length === 0) return say("Make a jump first.");
      coverJumps(all, part, on);
    },
    coverJumps,
    setAside: () => {
      if (!scene().trail) return say("Make a jump first.");
      act([[{ do: "set-aside", ink: scene().aside?.beside ?? state().ink }]]);
    },
    trailInk: (which, ink) => {
      const { aside } = scene();
      if (!aside) return;
      const inks = { trail: aside.beside, aside: aside.ink };
      const other = which === "trail" ? "aside" : "trail";
      // Choosing the other trail's ink swaps the two.
      const kept = inks[other] === ink ? inks[which] : inks[other];
      act([[{ do: "trail-inks", ...inks, [which]: ink, [other]: kept }]]);
    },
    readScale: (view) => {
      const of = linesOf(board()).find(({ id }) => id === view);
      if (!of) return;
      const { asked, draws } = scene();
      const before = asked ? numberOf(asked.number) : null;
      const tick = scaleTick(of, lookOf(of, scene()), randomOf(board().seed, draws), before);
      if (tick === null)
        return say("There is no tick to read here. Draw the line nearer, or cut its intervals into parts.");
      act([[{ do: "ask", number: tick, as: "place" }, { do: "draw" }]]);
    },
    showAsked: () => {
      const { asked } = scene();
      if (asked)
        act([
          [
            { do: "ask", number: null, as: "place" },
            { do: "focus", number: asked.number },
          ],
        ]);
    },
    chooseSign: (id, sign) => {
      const view = viewOf(board(), id);
      if (view?.kind !== "compare") return null;
      if (compared(exact(view.a), exact(view.b)) !== sign) return comparedWords;
      act([[{ do: "compare", view: id, sign: scene().signs[id] === sign ? null : sign }]]);
      return null;
    },
  };
}
