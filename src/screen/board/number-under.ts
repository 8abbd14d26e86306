import { viewOf } from "@/core/lesson/views-of";
import { gridOf, numberAt } from "@/core/surface/chart";
import { isPlaceKey, type Target } from "@/core/surface/place-key";
import type { BoardStore } from "./board-store";
import { boardNow } from "./on-show";

/** The number of the place under a point of the window, or null where there is none; its view is in hand then. */
export function numberUnder(store: BoardStore, x: number, y: number): Target | null {
  // A dragged tile lies over the place that it is dropped on.
  const under = document.elementsFromPoint(x, y);
  const view = under.map((element) => element.closest("[data-view]")).find((found) => found !== null);
  const id = view?.getAttribute("data-view") ?? "";
  if (id !== "") store.getState().hold(id);
  const number = under.map((element) => element.closest("[data-number]")).find((found) => found !== null);
  if (number) return number.getAttribute("data-number");
  const place = under.map((element) => element.closest("[data-place]")).find((found) => found !== null);
  const named = place?.getAttribute("data-place") ?? "";
  if (isPlaceKey(named)) return named;
  const chart = viewOf(boardNow(store.getState()), id);
  if (!place || chart?.kind !== "chart") return null;
  const index = Number(named);
  const { columns } = gridOf(chart);
  return numberAt(chart, { row: Math.floor(index / columns), column: index % columns });
}
