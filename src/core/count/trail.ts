import { type Exact, exact, keyOf, type NumberKey } from "../number/exact";
import type { Arrow } from "./route";

/** A start number and the jumps made from it, each with its sign. A count is a trail whose jumps are equal. */
export type Trail = {
  start: NumberKey;
  jumps: readonly NumberKey[];
  /** By jump: the arrow that made it, null for a jump without one. */
  arrows: readonly (Arrow | null)[];
  end: NumberKey;
};

/** A trail that has not jumped yet. */
export function startTrail(start: NumberKey): Trail {
  return { start, jumps: [], arrows: [], end: start };
}

/** The trail one jump longer. */
export function jumpOn(trail: Trail, by: NumberKey, arrow: Arrow | null = null): Trail {
  return {
    start: trail.start,
    jumps: [...trail.jumps, by],
    arrows: [...trail.arrows, arrow],
    end: keyOf(exact(trail.end).add(exact(by))),
  };
}

/** Whether arrows alone have made the trail. A trail without jumps is a route too. */
export function isRoute(trail: Trail): boolean {
  return trail.arrows.every((arrow) => arrow !== null);
}

/** The trail without its last jump; a trail without jumps stays as it is. */
export function jumpBack(trail: Trail): Trail {
  const last = trail.jumps.at(-1);
  if (last === undefined) return trail;
  return {
    start: trail.start,
    jumps: trail.jumps.slice(0, -1),
    arrows: trail.arrows.slice(0, -1),
    end: keyOf(exact(trail.end).sub(exact(last))),
  };
}

/** Where each jump landed, in order; the start is not among them. */
export function landings(trail: Trail): Exact[] {
  let at = exact(trail.start);
  return trail.jumps.map((by) => {
    at = at.add(exact(by));
    return at;
  });
}

/**
 * The numbers said so far: every landing, and before them the start where it is said too. A start that no chart on
 * the board holds is not said: counting in sixes from 0 over 1 to 100 begins "6, 12, 18".
 */
export function numbersSaid(trail: Trail, holds: (number: NumberKey) => boolean): NumberKey[] {
  const landed = landings(trail).map(keyOf);
  return holds(trail.start) ? [trail.start, ...landed] : landed;
}
