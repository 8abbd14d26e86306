import { isRoute, type Trail } from "@/core/count/trail";

/** Most jumps whose ways are drawn: more would hide the chart. */
const MAX_DRAWN = 12;

/** The trail whose way is drawn over a chart: made of arrows, or of a few jumps that are not the count of the board. */
export function routeOf(trail: Trail | null, isCount: (trail: Trail) => boolean): Trail | null {
  if (!trail || trail.jumps.length === 0) return null;
  return isRoute(trail) || (trail.jumps.length <= MAX_DRAWN && !isCount(trail)) ? trail : null;
}
