import type { Pieces, Place } from "@/core/number/place-value";

/** A block in its column, in pixels from the corner of the pieces' room. */
export type Block = {
  readonly place: Place;
  readonly x: number;
  readonly y: number;
  /** The side of a one. */
  readonly unit: number;
};
export type Column = { readonly place: Place; readonly left: number; readonly width: number };
type Size = { readonly width: number; readonly height: number };

/** How large a block is, in ones: a one, a rod of ten, a plate of a hundred, a cube of a thousand as it is seen. */
const SIDES: Readonly<Record<number, Size>> = {
  0: { width: 1, height: 1 },
  1: { width: 1, height: 10 },
  2: { width: 10, height: 10 },
  3: { width: 13, height: 13 },
};
const GAP = 0.45;
/** Ten ones are hardly longer than a rod of ten. */
const BETWEEN_ONES = 0.1;
/** Ones stand like a rod of ten: that ten of them are one is seen. */
const ONES_IN_COLUMN = 10;
const MAX_UNIT = 64;
/** No column is narrower than this, in pixels, or than this part of the room: its digit stands on a card as large as the others. */
const MIN_COLUMN = { width: 84, share: 0.1 };
const EDGE = 14;

/** The width and height of a block, in pixels. */
export const sizeOf = ({ place, unit }: Block): Size => ({
  width: SIDES[place]!.width * unit,
  height: SIDES[place]!.height * unit,
});

/** Whether a number can be shown in blocks: whole, and below ten thousand. */
export const hasBlocks = (pieces: readonly Pieces[]): boolean => pieces.every(({ place }) => place in SIDES);

/** How many blocks of a place stand below each other, and in how many rows beside, where a one has some size. */
function arrange({ place, count }: Pieces, unit: number, height: number) {
  const side = SIDES[place]!;
  const gap = { x: GAP * unit, y: (place === 0 ? BETWEEN_ONES : GAP) * unit };
  const step = { x: side.width * unit + gap.x, y: side.height * unit + gap.y };
  const fits = Math.max(1, Math.floor((height + gap.y) / step.y));
  const down = place === 0 ? Math.min(ONES_IN_COLUMN, fits) : fits;
  const across = Math.max(1, Math.ceil(count / down));
  return { step, down, across, width: across * step.x - gap.x, high: side.height * unit <= height };
}

/** As many of the tens and ones as a place can have: while a count goes on, the blocks keep their size. */
const roomFor = ({ place, count }: Pieces): Pieces => ({ place, count: place < 2 ? 10 : count });

/**
 * Blocks as large as the room allows, all of one scale, each place in a column of its own.
 * @param pieces that have blocks
 */
export function layOutBlocks(pieces: readonly Pieces[], room: Size): { columns: Column[]; blocks: Block[] } {
  const narrowest = Math.max(MIN_COLUMN.width, room.width * MIN_COLUMN.share);
  const widths = (unit: number) =>
    pieces.map((some) => {
      const { width, high } = arrange(roomFor(some), unit, room.height);
      return high ? Math.max(narrowest, width + 2 * EDGE) : Number.POSITIVE_INFINITY;
    });
  const sum = (all: readonly number[]) => all.reduce((a, b) => a + b, 0);
  let unit = MAX_UNIT;
  while (unit > 1 && sum(widths(unit)) > room.width) unit -= 0.5;
  const needed = widths(unit).map((width) => (Number.isFinite(width) ? width : narrowest));
  // What is left over is shared.
  const spare = Math.max(0, room.width - sum(needed)) / pieces.length;
  const columns: Column[] = [];
  const blocks: Block[] = [];
  let left = 0;
  for (const [i, { place, count }] of pieces.entries()) {
    const width = needed[i]! + spare;
    columns.push({ place, left, width });
    const { step, down, width: taken } = arrange({ place, count }, unit, room.height);
    for (let nth = 0; nth < count; nth += 1) {
      blocks.push({
        place,
        x: left + (width - taken) / 2 + Math.floor(nth / down) * step.x,
        y: (nth % down) * step.y,
        unit,
      });
    }
    left += width;
  }
  return { columns, blocks };
}
