import { expect, test } from "vitest";
import { cellHeight, layGeometry } from "./line-geometry";

test("a strip in the lowest room has room for a jump and its size, and all of its squares are seen", () => {
  for (const height of [86, 102, 118, 129]) {
    for (const below of [false, true]) {
      const strip = layGeometry("strip", { width: 1180, height }, { width: 30, height: 22 }, 21, below);
      const lift = strip.point(0.5, strip.headroom).y;
      expect(lift).toBeGreaterThanOrEqual(below ? 8 : 22);
      const cell = cellHeight(strip.length / 21, height);
      expect(strip.point(0.5, 0).y + cell / 2 + (below ? 22 : 0)).toBeLessThan(height);
    }
  }
});
