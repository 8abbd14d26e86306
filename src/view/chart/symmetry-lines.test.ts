import fc from "fast-check";
import { expect, test } from "vitest";
import { MIRRORS } from "@/core/set/symmetry/symmetry";
import { HUNDRED_CHART } from "@/core/surface/chart";
import { DIGIT, layOutChart, textIn } from "./chart-layout";
import { mirrorLine } from "./symmetry-lines";

const THICK = 5;

/** The dashes of a line, as parts of its length in pixels. */
function dashesOf(line: ReturnType<typeof mirrorLine>): { from: number; to: number }[] {
  const [dash, gap] = line.dashes.strokeDasharray.split(" ").map(Number) as [number, number];
  const length = Math.hypot(line.x2 - line.x1, line.y2 - line.y1);
  const dashes: { from: number; to: number }[] = [];
  for (let from = -(line.dashes.strokeDashoffset ?? 0); from < length; from += dash + gap)
    if (from + dash > 0) dashes.push({ from: Math.max(0, from), to: Math.min(length, from + dash) });
  return dashes;
}

test("a mirror line strikes no numeral through that has room beside it", () => {
  fc.assert(
    fc.property(
      fc.record({
        columns: fc.integer({ min: 1, max: 12 }),
        rows: fc.integer({ min: 1, max: 12 }),
        first: fc.constantFrom("0", "1", "95", "-30"),
        mirror: fc.constantFrom(...MIRRORS),
        width: fc.integer({ min: 300, max: 1800 }),
        strong: fc.boolean(),
      }),
      ({ columns, rows, first, mirror, width, strong }) => {
        // Only a square has diagonal mirrors.
        const high = mirror.startsWith("down") ? columns : rows;
        const chart = { ...HUNDRED_CHART, first, columns, until: { by: "rows", rows: high } as const };
        const layout = layOutChart(chart, { width, height: 700 }, strong);
        const line = mirrorLine(layout, mirror, THICK);
        const length = Math.hypot(line.x2 - line.x1, line.y2 - line.y1);
        const at = (t: number) => ({
          x: line.x1 + ((line.x2 - line.x1) * t) / length,
          y: line.y1 + ((line.y2 - line.y1) * t) / length,
        });
        const dashes = dashesOf(line);
        expect(dashes.length).toBeGreaterThan(0);
        const struck: string[] = [];
        for (const [i, number] of layout.numbers.entries()) {
          const middle = {
            x: ((i % columns) + 0.5) * layout.cellWidth,
            y: (Math.floor(i / columns) + 0.5) * layout.cellHeight,
          };
          const half = {
            x: (textIn(layout, number!).length * DIGIT * layout.numeral) / 2,
            y: layout.numeral * 0.36,
          };
          // Large numerals leave a line little room: its dashes may be short, but are there.
          const roomy = half.x < 0.3 * layout.cellWidth && half.y < 0.3 * layout.cellHeight;
          if (!roomy) continue;
          for (const { from, to } of dashes)
            for (let t = from; t <= to; t += 2) {
              const { x, y } = at(t);
              if (Math.abs(x - middle.x) < half.x && Math.abs(y - middle.y) < half.y)
                struck.push(`${number} at ${t}`);
            }
        }
        expect(struck).toEqual([]);
      },
    ),
    { numRuns: 100 },
  );
});
