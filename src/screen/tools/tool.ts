import type { ComponentType } from "react";
import type { Board } from "@/core/lesson/board";
import type { Exact } from "@/core/number/exact";
import type { Act, Move } from "@/core/scene/move";
import type { Scene } from "@/core/scene/scene";
import type { Ink } from "@/core/set/ink";
import type { Target } from "@/core/surface/cell-key";
import type { Later } from "@/kit/later";
import type { BoardStore } from "../store/board-store";

/** What a tool is used on: the board with its scene, the ink in hand, and what was done by hand on this step. */
export type OnBoard = {
  readonly board: Board;
  readonly scene: Scene;
  readonly ink: Ink;
  readonly acts: readonly Act[];
};

/** A finger on its way over numbers: where it came down and is now, how many it has met, whether it lays or takes off. */
export type Drag = {
  readonly from: Target;
  readonly at: Target;
  readonly met: number;
  readonly laying: boolean;
};

/** A touch that comes down: by which finger, and how far off a number of a line it may be. */
export type Touch = { readonly number: Target; readonly finger: number; readonly reach?: Exact | undefined };

/** A tool of the hand. What it does to the board it does by moves; which, is worked out by core. */
export type HandTool = {
  /** On the rail, in the list of commands and of keys. */
  readonly label: string;
  readonly key: string;
  readonly icon: ComponentType<{ size?: number | string; "aria-hidden"?: boolean }>;
  /** Whether a board has a use for it. */
  readonly offered: (board: Board) => boolean;
  /** A touch that is the tool's own business, and no drag over numbers. */
  readonly takes?: (store: BoardStore, touch: Touch) => void;
  /** Whether a drag that begins on a number lays down, or takes off what is there. */
  readonly lays: (on: OnBoard, number: Target) => boolean;
  /** What meeting a number does, as the beats that go into the act of this drag. */
  readonly meets: (on: OnBoard, number: Target, drag: Drag) => Act;
  /** What the finger does as it leaves. */
  readonly ends: (on: OnBoard, drag: Drag) => Act;
  /** What a touch on the edge of a whole row or column does to its numbers. */
  readonly edge: (on: OnBoard, numbers: readonly Target[]) => Move | null;
  /** Where its panel stands while it is in hand, and under which name among the pages of the set-up. */
  readonly panel: ToolPanel | null;
};

export type ToolPanel = {
  readonly at: "side" | "below";
  readonly name: string;
  readonly Panel: Later<{ className?: string }>;
  /** Whether the panel that reads the count stays beside it, where there is room for one of them only. */
  readonly withCount?: true;
};

/** A tool that does nothing by itself to numbers that are met, or to whole lines of them. */
export const tool = (parts: Pick<HandTool, "label" | "key" | "icon"> & Partial<HandTool>): HandTool => ({
  offered: () => true,
  lays: () => true,
  meets: () => [],
  ends: () => [],
  edge: () => null,
  panel: null,
  ...parts,
});
