import { expect, test } from "vitest";
import { TILE_GAP, tileSize } from "./tile-size";

test("as many arrows as a route takes lie in the height of two rows, and few are large", () => {
  // The narrowest place is that of a window of 1024 px.
  for (const width of [9.5, 14.6, 20]) {
    const high = (count: number) => {
      const size = tileSize(count, width);
      const inRow = Math.floor((width + TILE_GAP) / (size + TILE_GAP));
      return Math.ceil(count / inRow) * (size + TILE_GAP) - TILE_GAP;
    };
    for (let count = 1; count <= 20; count += 1) expect(high(count)).toBeLessThanOrEqual(5.875);
    expect(tileSize(3, width)).toBe(2.75);
  }
  expect(tileSize(8, 14.6)).toBe(2.75);
  expect(tileSize(9, 14.6)).toBe(2);
});
