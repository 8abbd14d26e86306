import type { Pieces, Place } from "@/core/number/place-value";

/** Pieces that are drawn to one scale: blocks, or sticks in bundles. */
export type Scaled = "blocks" | "bundles";

/** A block or a bundle in its column, in pixels from the corner of the pieces' room. */
export type Block = {
  readonly as: Scaled;
  readonly place: Place;
  readonly x: number;
  readonly y: number;
  /** The side of a one. */
  readonly unit: number;
  /** Still needed: drawn as an outline. */
  readonly wanting: boolean;
};
export type Column = { readonly place: Place; readonly left: number; readonly width: number };
type Size = { readonly width: number; readonly height: number };

type Form = {
  /** The size of a piece, in units, by its place. */
  readonly sides: Readonly<Record<number, Size>>;
  /** The gap between pieces, in units; ones, which are stacked like a ten, are closer. */
  readonly gap: number;
  readonly betweenOnes: Size;
  /** How many ones are stacked: it should be seen that ten of them make one. */
  readonly onesDown: number;
  /** How many tens are stacked: five and five are seen at a glance. */
  readonly tensDown: number;
  /** They stand in rows of five: how many there are is seen at a glance. */
  readonly inRows: boolean;
};

const FORMS: Readonly<Record<Scaled, Form>> = {
  // A one, a rod of ten, a plate of a hundred, a cube of a thousand in projection.
  blocks: {
    sides: {
      0: { width: 1, height: 1 },
      1: { width: 1, height: 10 },
      2: { width: 10, height: 10 },
      3: { width: 13, height: 13 },
    },
    gap: 0.45,
    betweenOnes: { width: 0.45, height: 0.1 },
    onesDown: 10,
    tensDown: 2,
    inRows: false,
  },
  // A stick, ten of them held by a band, ten bundles in a crate.
  bundles: {
    sides: {
      0: { width: 0.8, height: 9 },
      1: { width: 3.6, height: 9 },
      2: { width: 11, height: 9 },
    },
    gap: 0.9,
    betweenOnes: { width: 0.5, height: 0.9 },
    onesDown: 1,
    tensDown: 10,
    inRows: true,
  },
};
const MAX_UNIT = 64;
const MIN_UNIT = 0.2;
/**
 * Minimum width of a column, in pixels and as a share of the room: its digit stands on a card as large as the others.
 * In a narrow room a column may still be smaller than its equal share.
 */
const MIN_COLUMN = { width: 84, share: 0.1, ofEqual: 0.8 };
const EDGE = 14;

/** The width and height of a block or bundle, in pixels. */
export const sizeOf = ({ as, place, unit }: Pick<Block, "as" | "place" | "unit">): Size => ({
  width: FORMS[as].sides[place]!.width * unit,
  height: FORMS[as].sides[place]!.height * unit,
});

/** Whether a number can be shown this way: whole, and below ten thousand in blocks, below a thousand in bundles. */
export const hasForm = (as: Scaled, pieces: readonly Pieces[]): boolean =>
  pieces.every(({ place }) => place in FORMS[as].sides);

/** How many pieces of a place are stacked, and in how many stacks, for a given size of a one. */
function arrange(as: Scaled, { place, count }: Pieces, unit: number, height: number) {
  const { sides, gap, betweenOnes, onesDown, tensDown, inRows } = FORMS[as];
  const side = sides[place]!;
  const apart = place === 0 ? betweenOnes : { width: gap, height: gap };
  const step = { x: (side.width + apart.width) * unit, y: (side.height + apart.height) * unit };
  const fits = Math.max(1, Math.floor((height + apart.height * unit) / step.y));
  const down = Math.min(fits, place === 0 ? onesDown : place === 1 ? tensDown : fits);
  const across = inRows
    ? Math.max(Math.min(5, count), Math.ceil(count / fits))
    : Math.max(1, Math.ceil(count / down));
  return {
    width: across * step.x - apart.width * unit,
    // A full stack of ones must fit, however few there are now.
    high: (place === 0 ? (onesDown - 1) * step.y : 0) + side.height * unit <= height,
    at: (nth: number) =>
      inRows
        ? { x: (nth % across) * step.x, y: Math.floor(nth / across) * step.y }
        : { x: Math.floor(nth / down) * step.x, y: (nth % down) * step.y },
  };
}

/** As many of the tens and ones as a place can have: while a count goes on, the blocks keep their size. */
const roomFor = ({ place, count }: Pieces): Pieces => ({
  place,
  count: place < 2 ? Math.max(10, count) : count,
});

/** Pieces of one place, with how many are still wanting. */
export type Wanted = Pieces & { readonly wanting?: number };

const all = ({ place, count, wanting = 0 }: Wanted): Pieces => ({ place, count: count + wanting });

/**
 * Lays out blocks or bundles as large as the room allows, to one scale, each place in a column of its own.
 * @param pieces that have this form
 */
export function layOutBlocks(
  pieces: readonly Wanted[],
  room: Size,
  as: Scaled = "blocks",
): { columns: Column[]; blocks: Block[] } {
  const equal = room.width / pieces.length;
  const narrowest = Math.max(
    Math.min(MIN_COLUMN.width, equal * MIN_COLUMN.ofEqual),
    room.width * MIN_COLUMN.share,
  );
  const edge = Math.min(EDGE, equal * 0.1);
  const widths = (unit: number) =>
    pieces.map((some) => {
      const { width, high } = arrange(as, roomFor(all(some)), unit, room.height);
      return high ? Math.max(narrowest, width + 2 * edge) : Number.POSITIVE_INFINITY;
    });
  const sum = (numbers: readonly number[]) => numbers.reduce((a, b) => a + b, 0);
  let unit = MAX_UNIT;
  while (unit > MIN_UNIT && sum(widths(unit)) > room.width) unit -= unit > 1 ? 0.5 : 0.05;
  const needed = widths(unit).map((width) => (Number.isFinite(width) ? width : narrowest));
  // The rest is shared equally.
  const spare = Math.max(0, room.width - sum(needed)) / pieces.length;
  const columns: Column[] = [];
  const blocks: Block[] = [];
  let left = 0;
  for (const [i, some] of pieces.entries()) {
    const { place, count } = all(some);
    const width = needed[i]! + spare;
    columns.push({ place, left, width });
    const { at, width: taken } = arrange(as, { place, count }, unit, room.height);
    for (let nth = 0; nth < count; nth += 1) {
      blocks.push({
        as,
        place,
        wanting: nth >= some.count,
        x: left + (width - taken) / 2 + at(nth).x,
        y: at(nth).y,
        unit,
      });
    }
    left += width;
  }
  return { columns, blocks };
}
