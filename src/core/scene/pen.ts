import { type Checked, schema, type Z } from "../schema";
import { Ink } from "../set/ink";
import { TargetText } from "../surface/cell-key";
import { distanceToSegment, type Point } from "../surface/segment";
import { ViewId } from "../views/view-id";

/** Points are kept in thousandths of a unit: the height of a place, a label, or the view itself. */
export const UNIT = 1000;
/** Maximum number of points in a stroke; a longer one is thinned out. */
export const MAX_POINTS = 600;
/** Maximum number of strokes and notes on a board. */
export const MAX_STROKES = 4000;
/** Maximum distance from its number of anything drawn, in thousandths of a unit. */
export const FAR = 200 * UNIT;

const Id = schema((z) => z.string().check(z.minLength(1), z.maxLength(16)));
const Coordinate = schema((z) => z.int().check(z.minimum(-FAR), z.maximum(FAR)));

/**
 * What a drawing belongs to: a view, and the number in it that it moves with. In views without places of their own for
 * numbers it belongs to the view.
 */
const anchored = (z: Z) => ({
  id: Id(z),
  view: ViewId(z),
  number: z.nullable(TargetText(z)),
  ink: Ink(z),
});

/** A stroke by hand: its points as x, y, x, y, … relative to its number, in thousandths of a unit. */
export const Stroke = schema((z) =>
  z.object({
    ...anchored(z),
    tool: z.enum(["pen", "highlighter"]),
    points: z.array(Coordinate(z)).check(
      z.minLength(2),
      z.maxLength(2 * MAX_POINTS),
      z.refine((points) => points.length % 2 === 0),
    ),
  }),
);
export type Stroke = Checked<typeof Stroke>;

/** A typed note, with the place of its top left corner. */
export const Note = schema((z) =>
  z.object({
    ...anchored(z),
    x: Coordinate(z),
    y: Coordinate(z),
    text: z.string().check(z.trim(), z.minLength(1), z.maxLength(120, "Write at most 120 characters.")),
  }),
);
export type Note = Checked<typeof Note>;

/** The points of a stroke in units. */
export function pointsOf({ points }: Stroke): Point[] {
  return Array.from({ length: points.length / 2 }, (_, i) => ({
    x: points[2 * i]! / UNIT,
    y: points[2 * i + 1]! / UNIT,
  }));
}

/** Whether a stroke passes within `near` units of a point. */
export function passes(stroke: Stroke, at: Point, near: number): boolean {
  const points = pointsOf(stroke);
  return points.some((a, i) => distanceToSegment(at, a, points[i + 1] ?? a) <= near);
}
