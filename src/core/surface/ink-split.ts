import { INKS, type Ink, type InkSet, inksOf } from "../set/ink";

/** A point of a cell in unit coordinates: (0, 0) top left, (1, 1) bottom right. */
export type Point = readonly [x: number, y: number];
export type InkRegion = { ink: Ink; region: readonly Point[] };

/** Where each ink is at home in a place: its shape stands there, whatever else the cell carries. */
export const INK_HOME: Record<Ink, Point> = {
  sun: [0, 0],
  coral: [1, 0],
  sea: [1, 1],
  kelp: [0, 1],
  plum: [0.5, 1],
};

const WHOLE: readonly Point[] = [
  [0, 0],
  [1, 0],
  [1, 1],
  [0, 1],
];

/**
 * How a cell is split between the inks it carries: every point belongs to the ink whose home is nearest. One ink
 * has the whole cell; sun and sea share it along a diagonal, sun and coral side by side. The regions fill the
 * cell and do not overlap.
 */
export function splitInks(set: InkSet): readonly InkRegion[] {
  return SPLITS[set] ?? [];
}

const SPLITS: readonly (readonly InkRegion[])[] = Array.from({ length: 1 << INKS.length }, (_, set) => {
  const inks = inksOf(set);
  return inks.map((ink) => ({
    ink,
    region: inks.reduce((region, other) => (other === ink ? region : nearer(region, ink, other)), WHOLE),
  }));
});

/** The part of a convex region that lies nearer to one ink's home than to another's. */
function nearer(region: readonly Point[], ink: Ink, other: Ink): readonly Point[] {
  const [ax, ay] = INK_HOME[ink];
  const [bx, by] = INK_HOME[other];
  const side = ([x, y]: Point) => (x - (ax + bx) / 2) * (ax - bx) + (y - (ay + by) / 2) * (ay - by);
  return region.flatMap((from, i) => {
    const to = region[(i + 1) % region.length]!;
    const [s, t] = [side(from), side(to)];
    const kept = s >= 0 ? [from] : [];
    if (s * t < 0) {
      const at = s / (s - t);
      kept.push([from[0] + at * (to[0] - from[0]), from[1] + at * (to[1] - from[1])]);
    }
    return kept;
  });
}
