import { nanoid } from "nanoid";
import { keepPoints } from "@/core/scene/keep-points";
import { strokeOn } from "@/core/scene/pen-on-number";
import type { Target } from "@/core/surface/cell-key";
import type { View } from "@/core/views/view";
import type { BoardStore } from "../store/board-store";
import { sceneNow } from "../store/on-show";

/**
 * The pen by keyboard: on a number the pen draws a ring, the highlighter a bar, the rubber removes what belongs to it,
 * and a note begins at it.
 */
export function penOnNumber(store: BoardStore, view: View, number: Target): void {
  const { pen, ink, hand, drawn } = store.getState();
  if (pen === "note") store.setState({ hand: { ...hand, noteAt: { view: view.id, number } } });
  else if (pen === "rubber") {
    const { strokes, notes } = sceneNow(store.getState());
    const ids = [...strokes, ...notes]
      .filter((one) => one.view === view.id && one.number === number)
      .map(({ id }) => id);
    if (ids.length > 0) drawn({ do: "rub", ids });
  } else {
    const points = keepPoints(strokeOn(view.kind, number, pen));
    drawn({ do: "pen", stroke: { id: nanoid(8), view: view.id, number, ink, tool: pen, points } });
  }
}
