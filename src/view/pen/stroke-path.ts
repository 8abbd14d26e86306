import { getStroke } from "perfect-freehand";
import { pointsOf, type Stroke } from "@/core/scene/pen";
import { round } from "../round";

/** Outlines are computed a hundred times as large with whole numbers, which keeps the page short. */
export const FINE = 100;

/** How thick a pen and a highlighter draw, in units. */
const THICK = { pen: 0.12, highlighter: 0.6 };

/**
 * The outline of a stroke, in hundredths of a unit.
 * @param done the finger has left: the stroke reaches to where it ended
 */
export function strokePath(
  points: readonly { x: number; y: number }[],
  tool: Stroke["tool"],
  done: boolean,
): string {
  const outline = getStroke(
    points.map(({ x, y }) => [x * FINE, y * FINE]),
    {
      size: THICK[tool] * FINE,
      thinning: tool === "pen" ? 0.45 : 0,
      smoothing: 0.5,
      streamline: 0.35,
      simulatePressure: tool === "pen",
      last: done,
    },
  );
  if (outline.length === 0) return "";
  const at = ([x, y]: readonly number[]) => `${round(x ?? 0)} ${round(y ?? 0)}`;
  return `M${outline.map(at).join("L")}Z`;
}

const known = new WeakMap<Stroke, string>();

/** The outline of a stroke that is kept: worked out once. */
export function pathOf(stroke: Stroke): string {
  const path = known.get(stroke) ?? strokePath(pointsOf(stroke), stroke.tool, true);
  known.set(stroke, path);
  return path;
}
