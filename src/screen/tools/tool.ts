import type { ComponentType } from "react";
import type { Board } from "@/core/lesson/board";
import type { Exact } from "@/core/number/exact";
import type { Act, Move } from "@/core/scene/move";
import type { Scene } from "@/core/scene/scene";
import type { Ink } from "@/core/set/ink";
import type { Target } from "@/core/surface/cell-key";
import type { Later } from "@/kit/later";
import type { BoardStore } from "../store/board-store";

/** What a tool works with: the board with its scene, the ink in hand, and the live acts on this step. */
export type OnBoard = {
  readonly board: Board;
  readonly scene: Scene;
  readonly ink: Ink;
  readonly acts: readonly Act[];
};

/**
 * A finger moving over numbers: where it came down and is now, how many numbers it has met, and whether it lays or
 * removes.
 */
export type Drag = {
  readonly from: Target;
  readonly at: Target;
  readonly met: number;
  readonly laying: boolean;
};

/** A touch: by which finger, and its tolerance on a line, as a number. */
export type Touch = { readonly number: Target; readonly finger: number; readonly reach?: Exact | undefined };

/** A tool of the hand. It changes the board by moves, which core works out. */
export type HandTool = {
  /** On the rail, in the list of commands and of keys. */
  readonly label: string;
  readonly key: string;
  readonly icon: ComponentType<{ size?: number | string; "aria-hidden"?: boolean }>;
  /** Whether a board has a use for it. */
  readonly offered: (board: Board) => boolean;
  /** A touch that the tool handles itself instead of dragging over numbers. */
  readonly takes?: (store: BoardStore, touch: Touch) => void;
  /** Whether a drag that begins on a number lays, or removes what is there. */
  readonly lays: (on: OnBoard, number: Target) => boolean;
  /** The beats added to the drag's act when a number is met. */
  readonly meets: (on: OnBoard, number: Target, drag: Drag) => Act;
  /** Called when the finger leaves. */
  readonly ends: (on: OnBoard, drag: Drag) => Act;
  /** The effect of a touch on the edge of a whole row or column. */
  readonly edge: (on: OnBoard, numbers: readonly Target[]) => Move | null;
  /** Its panel while it is in hand, and the name of its page in the set-up. */
  readonly panel: ToolPanel | null;
};

export type ToolPanel = {
  readonly at: "side" | "below";
  readonly name: string;
  readonly Panel: Later<{ className?: string }>;
  /** Whether the count panel stays instead of it, if there is room for only one of them. */
  readonly withCount?: true;
};

/** A tool that does nothing to numbers that are met, or to whole rows and columns. */
export const tool = (parts: Pick<HandTool, "label" | "key" | "icon"> & Partial<HandTool>): HandTool => ({
  offered: () => true,
  lays: () => true,
  meets: () => [],
  ends: () => [],
  edge: () => null,
  panel: null,
  ...parts,
});
