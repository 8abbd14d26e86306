import { isRoute, type Trail } from "@/core/count/trail";

/** Maximum number of jumps drawn as routes: more would hide the chart. */
const MAX_DRAWN = 12;

/** The trail drawn over a chart: made of arrows, or of a few jumps that are not the count of the board. */
export function routeOf(trail: Trail | null, isCount: (trail: Trail) => boolean): Trail | null {
  if (!trail || trail.jumps.length === 0) return null;
  return isRoute(trail) || (trail.jumps.length <= MAX_DRAWN && !isCount(trail)) ? trail : null;
}
