import type { Size } from "../drawing";

/** The outline of a set: an ellipse about a point, in pixels. */
export type Oval = { readonly x: number; readonly y: number; readonly rx: number; readonly ry: number };

type Point = readonly [x: number, y: number];

/**
 * Possible centres of one, two or three sets, in radii; the first arrangement is used unless another is clearly larger.
 */
const MIDDLES: Readonly<Record<number, readonly (readonly Point[])[]>> = {
  1: [[[0, 0]]],
  2: [
    [
      [-0.52, 0],
      [0.52, 0],
    ],
    [
      [0, -0.52],
      [0, 0.52],
    ],
  ],
  3: [
    [
      [-0.5, -0.29],
      [0.5, -0.29],
      [0, 0.58],
    ],
  ],
};
/** Maximum ratio of an oval's axes when it fills its room. */
const STRETCH = 1.8;
const CLEARLY = 1.15;

/**
 * One to three sets that overlap in every way, as large as a room allows.
 * @param margin how far what stands on an oval reaches out of it, in pixels
 */
export function layOutOvals(sets: number, room: Size, margin: number): { size: Size; ovals: Oval[] } {
  const laid = (MIDDLES[sets] ?? []).map((middles) => layOut(middles, room, margin));
  const [first, ...others] = laid;
  if (!first) return { size: { width: 0, height: 0 }, ovals: [] };
  const area = ({ ovals: [oval] }: typeof first) => oval!.rx * oval!.ry;
  return others.reduce((best, other) => (area(other) > CLEARLY * area(best) ? other : best), first);
}

function layOut(middles: readonly Point[], { width, height }: Size, margin: number) {
  const [xs, ys] = [middles.map(([x]) => x), middles.map(([, y]) => y)];
  const [left, top] = [Math.min(...xs) - 1, Math.min(...ys) - 1];
  const [wide, high] = [Math.max(...xs) + 1 - left, Math.max(...ys) + 1 - top];
  const across = Math.max(1, width - 2 * margin) / wide;
  const down = Math.max(1, height - 2 * margin) / high;
  const [rx, ry] = [Math.min(across, down * STRETCH), Math.min(down, across * STRETCH)];
  return {
    size: { width: wide * rx + 2 * margin, height: high * ry + 2 * margin },
    ovals: middles.map(([x, y]) => ({ x: (x - left) * rx + margin, y: (y - top) * ry + margin, rx, ry })),
  };
}

/** A level stretch of a region, as high as a line of numbers. */
export type Row = { readonly left: number; readonly top: number; readonly width: number };

/**
 * Rows of one height inside some sets and outside all others, about the middle of that region: as many as asked for or
 * as fit.
 * @param bits which of the ovals the region lies in, the first as 1, the second as 2, the third as 4
 * @param pad how far they keep from every outline
 */
export function rowsIn(
  ovals: readonly Oval[],
  bits: number,
  count: number,
  height: number,
  pad: number,
): Row[] {
  const inside = ovals.filter((_, i) => (bits & (1 << i)) !== 0);
  const top = Math.max(...inside.map(({ y, ry }) => y - ry)) + pad;
  const bottom = Math.min(...inside.map(({ y, ry }) => y + ry)) - pad;
  const max = Math.min(count, Math.floor((bottom - top) / height));
  const middle = middleOf(ovals, bits, top, bottom, pad);
  const start = Math.max(top, Math.min(bottom - max * height, middle - (max * height) / 2));
  return Array.from({ length: Math.max(0, max) }, (_, i) => {
    const from = start + i * height;
    const [left, right] = stretchIn(ovals, bits, from, from + height, pad);
    return { left, top: from, width: Math.max(0, right - left) };
  });
}

const SAMPLES = 32;

/** The height of a region's middle: as much of it lies above as below. */
function middleOf(ovals: readonly Oval[], bits: number, top: number, bottom: number, pad: number): number {
  let [sum, weight] = [0, 0];
  for (let i = 0; i < SAMPLES; i += 1) {
    const y = top + ((i + 0.5) / SAMPLES) * (bottom - top);
    const [left, right] = stretchIn(ovals, bits, y, y, pad);
    sum += y * Math.max(0, right - left);
    weight += Math.max(0, right - left);
  }
  return weight === 0 ? (top + bottom) / 2 : sum / weight;
}

const NONE = [0, 0] as const;

/** The longest horizontal stretch of a region that lies inside it all the way between two heights. */
function stretchIn(
  ovals: readonly Oval[],
  bits: number,
  top: number,
  bottom: number,
  pad: number,
): readonly [left: number, right: number] {
  let stretches: (readonly [number, number])[] = [[-Infinity, Infinity]];
  for (const [i, { x, y, rx, ry }] of ovals.entries()) {
    if ((bits & (1 << i)) !== 0) {
      const half = Math.min(...[top, bottom].map((at) => halfAt(at - y, rx - pad, ry - pad)));
      stretches = stretches.map(([left, right]) => [Math.max(left, x - half), Math.min(right, x + half)]);
    } else {
      const half = halfAt(Math.max(top, Math.min(bottom, y)) - y, rx + pad, ry + pad);
      if (half > 0)
        stretches = stretches.flatMap(([left, right]) => [
          [left, Math.min(right, x - half)] as const,
          [Math.max(left, x + half), right] as const,
        ]);
    }
  }
  return stretches.reduce((best, one) => (one[1] - one[0] > best[1] - best[0] ? one : best), NONE);
}

/** Half the width of an oval at a distance above or below its middle; 0 outside it. */
const halfAt = (away: number, rx: number, ry: number): number =>
  rx <= 0 || ry <= Math.abs(away) ? 0 : rx * Math.sqrt(1 - (away / ry) ** 2);
