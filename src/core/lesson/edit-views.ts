import type { KindName, View, ViewSettings } from "../views/view";
import type { ViewId } from "../views/view-id";
import type { Board } from "./board";
import { chartOf, placedOf, viewOf } from "./views-of";

/** An id for a new view: its kind's name, or that name with the first free number. */
export function freeId(board: Board, kind: KindName): ViewId {
  for (let nth = 1; ; nth += 1) {
    const id = nth === 1 ? kind : `${kind}-${nth}`;
    if (!viewOf(board, id)) return id;
  }
}

/** Adds a view to a board. */
export const addView = (board: Board, settings: ViewSettings): Board => ({
  ...board,
  views: [...board.views, { ...settings, id: freeId(board, settings.kind) } as View],
});

/** Replaces the main view of a board. */
export function withMain(board: Board, settings: ViewSettings): Board {
  const first = placedOf(board)[0];
  return first ? exchangeView(board, first.id, settings) : addView(board, settings);
}

/** Replaces a view by another; the id stays if the kind is the same. */
export function exchangeView(board: Board, old: ViewId, settings: ViewSettings): Board {
  const views = board.views.map((view) => {
    if (view.id !== old) return view;
    return { ...settings, id: view.kind === settings.kind ? old : freeId(board, settings.kind) } as View;
  });
  return fitting({ ...board, views });
}

/** Swaps two views. */
export function swapViews(board: Board, a: ViewId, b: ViewId): Board {
  const [first, second] = [viewOf(board, a), viewOf(board, b)];
  if (!first || !second) return board;
  return {
    ...board,
    views: board.views.map((view) => (view === first ? second : view === second ? first : view)),
  };
}

/** Removes a view; the last one stays. */
export function withoutView(board: Board, id: ViewId): Board {
  const views = board.views.filter((view) => view.id !== id);
  return views.length === 0 ? board : fitting({ ...board, views });
}

/** Arrow moves need a chart; without one their panel goes too. */
export function fitting(board: Board): Board {
  if (chartOf(board)) return board;
  return { ...board, views: board.views.filter(({ kind }) => kind !== "arrows") };
}

/** Replaces the view of the same id, or adds it. */
export function withView(board: Board, view: View): Board {
  const there = viewOf(board, view.id) !== undefined;
  return {
    ...board,
    views: there ? board.views.map((old) => (old.id === view.id ? view : old)) : [...board.views, view],
  };
}
