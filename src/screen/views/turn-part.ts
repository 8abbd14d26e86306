import type { PartName } from "@/core/scene/slices/parts";
import type { ViewId } from "@/core/views/view-id";
import type { BoardStore } from "../store/board-store";

/**
 * A touch on a part of a view that can be covered: the cover covers it, any other tool shows it.
 * @returns false where the tool in hand has nothing to do with its cover
 */
export function turnPart(store: BoardStore, view: ViewId, part: PartName, covered: boolean): boolean {
  const { tool, act } = store.getState();
  if (covered === (tool === "cover")) return false;
  act([[{ do: "cover-part", view, part, on: !covered }]]);
  return true;
}
