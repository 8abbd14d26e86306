import { liveHere } from "@/core/lesson/board-state";
import type { Exact } from "@/core/number/exact";
import type { Act } from "@/core/scene/move";
import { movesMadeOn } from "@/core/scene/own";
import type { Ink } from "@/core/set/ink";
import type { Target } from "@/core/surface/cell-key";
import type { View } from "@/core/views/view";
import type { ViewId } from "@/core/views/view-id";
import type { PenTool } from "@/view/pen/pen-layer";
import { type ToolName, toolOf } from "../tools";
import type { Drag, OnBoard } from "../tools/tool";
import type { BoardScreenState } from "./board-store";
import { EMPTY_HAND, type FillHand } from "./fill-hand";
import { EMPTY_JUMP, type JumpHand } from "./jump-hand";
import { boardInHand, boardStateOf, sceneInHand, viewInHand } from "./on-show";
import type { Part } from "./part";

/** The tool in hand, the view that it is used on, and the fingers on the board. */
export type HandPart = {
  tool: ToolName;
  ink: Ink;
  /** The kind of pen in hand. */
  pen: PenTool;
  hand: FillHand;
  jump: JumpHand;
  /** Arrow tiles are being followed one by one. */
  routing: boolean;
  /** The view touched last: if it keeps its own, acts apply to it. */
  within: ViewId | null;
  /** The class has a screen of its own: only the teacher sees this window. */
  seenAlone: boolean;
  /** Fingers moving over numbers. */
  drags: { readonly [finger in number]?: Drag | undefined };
  choose: (tool: ToolName, ink?: Ink) => void;
  /** Takes a tool in hand, or puts it away if it is in hand already. */
  take: (tool: ToolName) => void;
  choosePen: (pen: PenTool) => void;
  setJump: (part: Partial<JumpHand>) => void;
  /** A view was touched: the next acts are about its numbers. */
  hold: (view: ViewId) => void;
  /** A finger touches a number, moves over others, and leaves. */
  beginSweep: (number: Target, finger: number, reach?: Exact) => void;
  sweepOver: (number: Target, finger: number) => void;
  endSweep: (finger: number) => void;
  /** A whole row or column touched by its edge. */
  touchLine: (numbers: readonly Target[]) => void;
};

/** The live acts that were made on a view. */
const actsOn = (view: View | undefined, acts: readonly Act[]): readonly Act[] =>
  view?.own ? acts.map((done) => done.map((beat) => [...movesMadeOn(view, beat)])) : acts;

/** What the tool in hand is used on. */
const onBoard = (state: BoardScreenState): OnBoard => ({
  board: boardInHand(state),
  scene: sceneInHand(state),
  ink: state.ink,
  acts: actsOn(viewInHand(state), liveHere(boardStateOf(state))),
});

export const handPart: Part<HandPart> = (store) => {
  const { getState: get, setState: set } = store;
  const inHand = () => toolOf(get().tool);
  const setDrag = (finger: number, drag: Drag | undefined) =>
    set(({ drags }) => ({ drags: { ...drags, [finger]: drag } }));
  return {
    tool: "mark",
    ink: "sun",
    pen: "pen",
    hand: EMPTY_HAND,
    jump: EMPTY_JUMP,
    routing: false,
    within: null,
    seenAlone: false,
    drags: {},
    choose: (tool, ink) => set({ tool, hand: EMPTY_HAND, ...(ink ? { ink } : {}) }),
    take: (tool) => get().choose(get().tool === tool ? "mark" : tool),
    choosePen: (pen) => set({ tool: "pen", pen, hand: EMPTY_HAND }),
    setJump: (part) => set({ jump: { ...get().jump, ...part } }),
    hold: (within) => {
      if (get().within === within) return;
      const before = viewInHand(get());
      set({ within });
      const after = viewInHand(get());
      // A running count stays on its own view: it stops where another view keeps its numbers.
      if (before?.id !== after?.id && (before?.own || after?.own)) set({ counting: false });
    },
    beginSweep: (number, finger, reach) => {
      // A cell that is asked for is touched to be answered, whatever else is in hand.
      const { asked } = sceneInHand(get());
      if (get().tool === "mark" && asked?.as === "place" && asked.number === number) get().choose("write");
      const { takes, lays } = inHand();
      if (takes) return takes(store, { number, finger, reach });
      get().ends(`finger ${finger}`);
      setDrag(finger, { from: number, at: number, met: 0, laying: lays(onBoard(get()), number) });
      // A step that is still playing is finished first.
      if (get().played !== null) set({ played: null });
      get().sweepOver(number, finger);
    },
    sweepOver: (number, finger) => {
      const was = get().drags[finger];
      if (!was) return;
      const drag = { ...was, at: number, met: was.met + 1 };
      setDrag(finger, drag);
      for (const beat of inHand().meets(onBoard(get()), number, drag)) get().grow(`finger ${finger}`, beat);
    },
    endSweep: (finger) => {
      const drag = get().drags[finger];
      if (!drag) return;
      setDrag(finger, undefined);
      for (const beat of inHand().ends(onBoard(get()), drag)) get().grow(`finger ${finger}`, beat);
      get().ends(`finger ${finger}`);
    },
    touchLine: (numbers) => {
      const move = numbers.length === 0 ? null : inHand().edge(onBoard(get()), numbers);
      if (move) get().add([move]);
    },
  };
};
