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

/** What is in the hand, on which view, and what its fingers do. */
export type HandPart = {
  tool: ToolName;
  ink: Ink;
  /** What the pen in hand is. */
  pen: PenTool;
  hand: FillHand;
  jump: JumpHand;
  /** Arrow tiles are being followed one by one. */
  routing: boolean;
  /** The view that was touched last: where it keeps its own, what is done is done on it. */
  within: ViewId | null;
  /** The class has a screen of its own: this window is seen by the teacher alone. */
  seenAlone: boolean;
  /** Fingers that are on their way over numbers. */
  drags: { readonly [finger in number]?: Drag | undefined };
  choose: (tool: ToolName, ink?: Ink) => void;
  /** Takes a tool in hand; one that is in hand already is put away. */
  take: (tool: ToolName) => void;
  choosePen: (pen: PenTool) => void;
  setJump: (part: Partial<JumpHand>) => void;
  /** A view is touched: what is done next is about its numbers. */
  hold: (view: ViewId) => void;
  /** A finger comes down on a number, is drawn on over others, and leaves. */
  beginSweep: (number: Target, finger: number, reach?: Exact) => void;
  sweepOver: (number: Target, finger: number) => void;
  endSweep: (finger: number) => void;
  /** A whole row or column touched by its edge. */
  touchLine: (numbers: readonly Target[]) => void;
};

/** Of what was done by hand, what was done on a view. */
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
      // A count that walks stays on its own view: it does not go on where another one keeps its numbers.
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
      // A step that is still played is shown to its end.
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
