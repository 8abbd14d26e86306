import { windowOf } from "@/core/lesson/views-of";
import { numberOf } from "@/core/surface/cell-key";
import { windowCells } from "@/core/surface/times-grid";
import { type CellsAt, cellsAt } from "../cells-at";
import type { DrawingProps } from "../drawing";
import { layOutTimes } from "./times-layout";

/** The cells of a times grid in its room. If marks are on numbers, a touch on one is about all of its cells. */
export function timesCells({
  view,
  scene,
  size,
  theme,
}: Pick<DrawingProps<"times">, "view" | "scene" | "size" | "theme">): CellsAt {
  const at = windowOf(view, scene);
  const layout = layOutTimes(view, at, size, theme.strong);
  const { strips } = layout;
  const middle = (room: number, grid: number) => (room - grid) / 2;
  return cellsAt(layout, scene, {
    left: middle(size.width, layout.width + strips.left + strips.next) + strips.left,
    top: middle(size.height, layout.height + strips.top + strips.next) + strips.top,
    columns: view.columns,
    targets: windowCells(view, at).map((cell) => (view.marks === "value" ? numberOf(cell) : cell)),
  });
}
