/** The sizes of a tile from the largest, and the room between two, in rem. */
const SIZES = [2.75, 2, 1.625, 1.125] as const;
export const TILE_GAP = 0.375;
/** Tiles take no more height than two rows of the largest, so that the keys below them keep their place. */
const HIGHEST = 2 * SIZES[0] + TILE_GAP;

/**
 * How large the tiles of a row of arrows are, in rem.
 * @param width of the place where they lie, in rem
 */
export function tileSize(count: number, width: number): number {
  const fits = (size: number) => {
    const inRow = Math.max(1, Math.floor((width + TILE_GAP) / (size + TILE_GAP)));
    return Math.ceil(count / inRow) * (size + TILE_GAP) - TILE_GAP <= HIGHEST;
  };
  return SIZES.find(fits) ?? SIZES.at(-1)!;
}
