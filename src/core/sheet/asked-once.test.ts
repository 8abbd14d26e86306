import fc from "fast-check";
import { expect, test } from "vitest";
import { randomOf } from "../puzzle/draw";
import { SHEET_KINDS } from "./kinds";
import { kindOfPart, type PartSettings } from "./sheet";

const seeds = fc.nat({ max: 2 ** 31 - 1 });

test("nothing is asked twice on a page, as long as there is something else to ask", () => {
  const parts = [
    ["pieces", { numbers: "teens", count: 8 }],
    ["pieces", { numbers: "tens", count: 12 }],
    ["frames", { ask: "count", most: "10", count: 8 }],
    ["frames", { ask: "draw", most: "20", count: 12 }],
    ["frames", { ask: "through-ten", count: 12 }],
    ["arrows", { last: "50", arrows: 1, count: 20 }],
    ["problems", { within: "10", count: 12 }],
    ["shading", { level: "puzzling", count: 4 }],
    ["times-puzzle", { rows: 1, level: 1, climbs: "no", count: 8 }],
  ] as const;
  fc.assert(
    fc.property(seeds, fc.constantFrom(...parts), (seed, [kind, settings]) => {
      const of = { ...SHEET_KINDS[kind].starts, ...settings } as PartSettings;
      const { tasks } = kindOfPart(of).make(of, randomOf(seed));
      expect(tasks).toHaveLength(settings.count);
      // The blank counts: 3 + ? = 7 and 3 + 4 = ? are two questions.
      expect(new Set(tasks.map((task) => JSON.stringify(task))).size).toBe(tasks.length);
    }),
    { seed: 9, numRuns: 400 },
  );
});
