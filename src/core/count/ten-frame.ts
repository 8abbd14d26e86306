/** Cells of one frame. */
export const IN_FRAME = 10;
/** Maximum number of frames. */
export const MAX_FRAMES = 10;

/** The contents of a cell: a counter of the first or the second number, or the outline that a moved counter left. */
export type InCell = { readonly of: "first" | "second"; readonly left: boolean; readonly moved: boolean };

export type Framed = {
  readonly first: number;
  readonly second: number;
  /** How many counters of the second number have moved to fill the frames of the first. */
  readonly moved: number;
};

/** How many counters fill the last frame of a number: 2 of 8, 0 of 10 and of 0. */
export const toFill = (first: number): number => (IN_FRAME - (first % IN_FRAME)) % IN_FRAME;

/**
 * How a sum goes through a whole ten: 8 and 6 are 8 and 2 and 4. Null where the second number does not reach beyond it, or
 * the first one is a whole ten.
 */
export function throughTen(first: number, second: number): { fill: number; rest: number } | null {
  const fill = toFill(first);
  return fill === 0 || second < fill ? null : { fill, rest: second - fill };
}

/**
 * The cell in which the second number begins: a frame of its own where there is one, else right after the first number.
 * @param frames how many there are
 */
export function secondFrom({ first, second }: Pick<Framed, "first" | "second">, frames: number): number {
  const own = Math.max(1, Math.ceil(first / IN_FRAME)) * IN_FRAME;
  return own + second <= frames * IN_FRAME ? own : first;
}

/**
 * What lies in the cells of frames, from the first cell on; null in an empty one. Counters of the second number that went to
 * fill the first leave an outline each, the last ones first.
 */
export function cellsOf(framed: Framed, frames: number): (InCell | null)[] {
  const { first, second } = framed;
  const from = secondFrom(framed, frames);
  const moved = from === first ? 0 : Math.min(framed.moved, second, toFill(first));
  return Array.from({ length: frames * IN_FRAME }, (_, cell) => {
    if (cell < first) return { of: "first", left: false, moved: false };
    if (cell < first + moved) return { of: "second", left: false, moved: true };
    if (cell < from || cell >= from + second) return null;
    return { of: "second", left: cell >= from + second - moved, moved: false };
  });
}

/** The pairs of whole numbers that make a number, all of them: for 6 it is 0 and 6, 1 and 5, up to 6 and 0. */
export const pairsThatMake = (whole: number): (readonly [number, number])[] =>
  Array.from({ length: whole + 1 }, (_, first) => [first, whole - first] as const);
