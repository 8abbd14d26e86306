import { describe, expect, test } from "vitest";
import { SHEET_KINDS } from "./kinds";
import { copiesDiffer, copyName, makeCopy, newSheet, type PartSettings, SHEET_KIND_NAMES } from "./sheet";

describe("the copies of a sheet", () => {
  const sheet = newSheet("s", "Posts", 5, { id: "p", instruction: "", of: SHEET_KINDS.chart.starts });

  test("copies differ from each other, and each is the same whenever it is made", () => {
    const texts = Array.from({ length: 30 }, (_, copy) => JSON.stringify(makeCopy(sheet, copy)));
    expect(new Set(texts).size).toBe(30);
    expect(texts).toEqual(Array.from({ length: 30 }, (_, copy) => JSON.stringify(makeCopy(sheet, copy))));
    expect([0, 1, 25, 26, 59].map(copyName)).toEqual(["A", "B", "Z", "A2", "H3"]);
  });

  test("what is drawn by chance differs from copy to copy, and nothing else does", () => {
    const alike = { chart: { missing: "multiples" }, problems: { typed: "3 + ? = 7" } };
    for (const kind of SHEET_KIND_NAMES)
      for (const settings of [{}, alike[kind as keyof typeof alike] ?? {}]) {
        const of = { ...SHEET_KINDS[kind].starts, ...settings } as PartSettings;
        const one = { ...sheet, copies: 12, parts: [{ id: "part", instruction: "", of }] };
        const texts = Array.from({ length: 12 }, (_, copy) => JSON.stringify(makeCopy(one, copy)));
        expect([kind, new Set(texts).size > 1]).toEqual([kind, copiesDiffer(one)]);
      }
  });
});
