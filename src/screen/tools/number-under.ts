import { viewOf } from "@/core/lesson/views-of";
import { isCellKey, type Target } from "@/core/surface/cell-key";
import { gridOf, numberAt } from "@/core/surface/chart";
import type { BoardStore } from "../store/board-store";
import { boardNow } from "../store/on-show";

/** The number of the cell under a point of the window, or null where there is none; its view is in hand then. */
export function numberUnder(store: BoardStore, x: number, y: number): Target | null {
  // A dragged tile lies over the cell that it is dropped on.
  const under = document.elementsFromPoint(x, y);
  const view = under.map((element) => element.closest("[data-view]")).find((found) => found !== null);
  const id = view?.getAttribute("data-view") ?? "";
  if (id !== "") store.getState().hold(id);
  const number = under.map((element) => element.closest("[data-number]")).find((found) => found !== null);
  if (number) return number.getAttribute("data-number");
  const cell = under.map((element) => element.closest("[data-cell]")).find((found) => found !== null);
  const named = cell?.getAttribute("data-cell") ?? "";
  if (isCellKey(named)) return named;
  const chart = viewOf(boardNow(store.getState()), id);
  if (!cell || chart?.kind !== "chart") return null;
  const index = Number(named);
  const { columns } = gridOf(chart);
  return numberAt(chart, { row: Math.floor(index / columns), column: index % columns });
}
