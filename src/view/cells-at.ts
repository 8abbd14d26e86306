import { cellState, inksIn, isAsked, isCovered } from "@/core/scene/cell-state";
import type { Scene } from "@/core/scene/scene";
import { inkBit } from "@/core/set/ink";
import type { Target } from "@/core/surface/cell-key";
import type { FaceLayout } from "./chart/chart-layout";
import { inkShapes } from "./chart/face-shapes";
import type { Shape } from "./shape";

/** Where the cells of a drawing stand, row by row, in pixels of its room; and what a touch on each is about. */
export type CellsAt = {
  readonly left: number;
  readonly top: number;
  readonly cellWidth: number;
  readonly cellHeight: number;
  readonly columns: number;
  /** Null where there is no cell. */
  readonly targets: readonly (Target | null)[];
  /** The cells that show their number and carry no ink: a touch lays their first mark. */
  readonly bare: readonly boolean[];
  /** The first ink's mark on a cell, from its corner. */
  readonly mark: readonly Shape[];
};

type Grid = Omit<CellsAt, "bare" | "mark" | "cellWidth" | "cellHeight">;

/** The cells of a grid as a scene has them. */
export function cellsAt(layout: FaceLayout, scene: Scene, grid: Grid): CellsAt {
  const { cellWidth, cellHeight } = layout;
  const isBare = (target: Target | null) => {
    if (target === null) return false;
    const state = cellState(scene, target);
    return inksIn(state) === 0 && !isCovered(state) && !isAsked(state);
  };
  return {
    ...grid,
    cellWidth,
    cellHeight,
    bare: grid.targets.map(isBare),
    mark: inkShapes({ layout, x: 0, y: 0 }, inkBit("sun")),
  };
}
