import type { KindName, View, ViewSettings } from "../views/view";
import type { ViewId } from "../views/view-id";
import type { Board } from "./board";
import { chartOf, placedOf, viewOf } from "./views-of";

/** A name for one more view of a kind: the kind's own, or the first free one with a number. */
export function freeId(board: Board, kind: KindName): ViewId {
  for (let nth = 1; ; nth += 1) {
    const id = nth === 1 ? kind : `${kind}-${nth}`;
    if (!viewOf(board, id)) return id;
  }
}

/** The board with one more view. */
export const addView = (board: Board, settings: ViewSettings): Board => ({
  ...board,
  views: [...board.views, { ...settings, id: freeId(board, settings.kind) } as View],
});

/** The board with another main view in the place of its first one. */
export function withMain(board: Board, settings: ViewSettings): Board {
  const first = placedOf(board)[0];
  return first ? exchangeView(board, first.id, settings) : addView(board, settings);
}

/** The board with a view of other settings in the place of one; it keeps its name where it is of the same kind. */
export function exchangeView(board: Board, old: ViewId, settings: ViewSettings): Board {
  const views = board.views.map((view) => {
    if (view.id !== old) return view;
    return { ...settings, id: view.kind === settings.kind ? old : freeId(board, settings.kind) } as View;
  });
  return fitting({ ...board, views });
}

/** The board with two of its views in each other's places. */
export function swapViews(board: Board, a: ViewId, b: ViewId): Board {
  const [first, second] = [viewOf(board, a), viewOf(board, b)];
  if (!first || !second) return board;
  return {
    ...board,
    views: board.views.map((view) => (view === first ? second : view === second ? first : view)),
  };
}

/** The board without a view. The last one stays. */
export function withoutView(board: Board, id: ViewId): Board {
  const views = board.views.filter((view) => view.id !== id);
  return views.length === 0 ? board : fitting({ ...board, views });
}

/** Arrow moves are made on a chart: without one they go too. */
export function fitting(board: Board): Board {
  if (chartOf(board)) return board;
  return { ...board, views: board.views.filter(({ kind }) => kind !== "arrows") };
}

/** The board with a view in the place of the one of its name, or added where there is none. */
export function withView(board: Board, view: View): Board {
  const there = viewOf(board, view.id) !== undefined;
  return {
    ...board,
    views: there ? board.views.map((old) => (old.id === view.id ? view : old)) : [...board.views, view],
  };
}
