import { viewOf } from "@/core/lesson/views-of";
import { isCellKey, type Target } from "@/core/surface/cell-key";
import { gridOf, numberAt } from "@/core/surface/chart";
import type { BoardStore } from "../store/board-store";
import { boardNow } from "../store/on-show";

/** The number of the cell under a point of the window, or null where there is none; its view is in hand then. */
export const numberUnder = (store: BoardStore, x: number, y: number): Target | null =>
  // A dragged tile lies over the cell that it is dropped on.
  numberOn(store, document.elementsFromPoint(x, y));

/** The number of the focused cell, or null; its view is then in hand. */
export function numberWithKeyboard(store: BoardStore): Target | null {
  const { activeElement } = document;
  return activeElement?.closest("[data-cell], [data-number]") ? numberOn(store, [activeElement]) : null;
}

function numberOn(store: BoardStore, elements: readonly Element[]): Target | null {
  const nearest = (attribute: string) =>
    elements.map((element) => element.closest(`[${attribute}]`)?.getAttribute(attribute)).find(Boolean);
  const id = nearest("data-view") ?? "";
  if (id !== "") store.getState().hold(id);
  const number = nearest("data-number");
  if (number) return number;
  const named = nearest("data-cell");
  if (!named || isCellKey(named)) return named ?? null;
  const chart = viewOf(boardNow(store.getState()), id);
  if (chart?.kind !== "chart") return null;
  const index = Number(named);
  const { columns } = gridOf(chart);
  return numberAt(chart, { row: Math.floor(index / columns), column: index % columns });
}
