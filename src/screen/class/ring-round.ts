import { type Stroke, UNIT } from "@/core/scene/pen";
import type { Spot } from "./pointing";

const CORNERS = 24;

/** The ring that is seen round what is pointed at. A view's own unit is a quarter of it; a number's is as high as the number. */
export function ringRound({ view, number, x, y }: Spot): Stroke {
  const radius = (number === null ? 0.16 : 0.52) * UNIT;
  const points = Array.from({ length: CORNERS + 1 }, (_, i) => {
    const turn = (2 * Math.PI * i) / CORNERS;
    return [Math.round(x + radius * Math.cos(turn)), Math.round(y + radius * Math.sin(turn))];
  });
  return { id: "pointed at", view, number, ink: "coral", tool: "pen", points: points.flat() };
}
