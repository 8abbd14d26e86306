import type { Moment } from "@/core/lesson/moment";
import { KIND_NAMES, type KindName } from "@/core/views/view";
import { placedViews } from "@/view/board/board-drawing";
import { DRAWINGS, insideOf } from "@/view/board/drawings";
import type { CellsAt } from "@/view/cells-at";
import type { DrawingProps, Size, Theme } from "@/view/drawing";
import { TOUCHED, type TouchGrid, takeTouches } from "./take-touches";

/** Boards with more cells than this cannot be touched early: the page would become too long. */
const MAX_CELLS = 1500;

type CellsOf = { readonly [K in KindName]?: (of: DrawingProps<K>) => CellsAt };

/** By kind of view: where its cells are, if it has any. */
export async function allCells(): Promise<CellsOf> {
  const brought = KIND_NAMES.map(async (kind) => [kind, await DRAWINGS[kind].cells?.()] as const);
  return Object.fromEntries(await Promise.all(brought)) as CellsOf;
}

/** Where the cells of a board's views stand on its picture. */
export function touchGrids(moment: Moment, cellsOf: CellsOf, room: Size, theme: Theme): TouchGrid[] {
  const grids = placedViews(moment, room, theme).flatMap(({ view, board, scene, box }) => {
    const cells = cellsOf[view.kind] as CellsOf["chart"];
    if (!cells) return [];
    const { left, top, width, height } = insideOf(view, box, theme);
    const at = cells({ view: view as never, board, scene, size: { width, height }, theme });
    return [{ view: view.id, ...at, left: box.left + left + at.left, top: box.top + top + at.top }];
  });
  return grids.reduce((sum, { targets }) => sum + targets.length, 0) > MAX_CELLS ? [] : grids;
}

/**
 * The inline script that takes touches on the picture of a board. It runs while the page is loading, before any other
 * code.
 */
export function EarlyTouches({ grids, nonce }: { grids: readonly TouchGrid[]; nonce: string }) {
  const told = JSON.stringify(grids).replaceAll("<", "\\u003c");
  return (
    <script
      nonce={nonce}
      // biome-ignore lint/security/noDangerouslySetInnerHtml: it is our own, with numbers of the board alone.
      dangerouslySetInnerHTML={{ __html: `(${takeTouches})(${JSON.stringify(TOUCHED)},${told})` }}
    />
  );
}
