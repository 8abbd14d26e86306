import fc from "fast-check";
import { expect, test } from "vitest";
import { KINDS } from "@/core/views/kinds";
import { DIGIT } from "../chart/chart-layout";
import { layOutTimes } from "./times-layout";

test("no two column numbers meet, and no row number is wider than its strip, however small the room", () => {
  const size = fc.integer({ min: 160, max: 2000 });
  const index = fc.integer({ min: 1, max: 1000 });
  fc.assert(
    fc.property(size, size, index, index, fc.boolean(), (width, height, row, column, strong) => {
      const { rows, columns } = KINDS.times.starts;
      const laid = layOutTimes(KINDS.times.starts, { row, column }, { width, height }, strong);
      const wide = (last: number) => String(last).length * DIGIT * laid.name;
      expect(wide(column + columns - 1)).toBeLessThan(laid.cellWidth * 0.9);
      expect(wide(row + rows - 1)).toBeLessThan(laid.strips.rowNames);
    }),
  );
});
