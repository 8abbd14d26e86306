import { expect, test } from "vitest";
import { randomOf } from "./draw";
import { drawNumber } from "./draw-number";
import { DRAWN, ZEROS } from "./drawn-numbers";

const SIZES = { tens: 2, hundreds: 3, thousands: 4, "hundred-thousands": 6, millions: 7 } as const;

test("numbers are as large as asked, with zeros as asked, and no two alike in a row", () => {
  for (const draws of DRAWN) {
    for (const zeros of ZEROS) {
      let before: string | null = null;
      for (let nth = 0; nth < 200; nth += 1) {
        const number = drawNumber({ draws, zeros }, randomOf(7, nth), before);
        if (draws === "none") {
          expect(number).toBeNull();
          break;
        }
        expect(number).not.toBe(before);
        before = number;
        if (draws === "teens") {
          expect(Number(number)).toBeGreaterThanOrEqual(11);
          expect(Number(number)).toBeLessThanOrEqual(19);
          continue;
        }
        expect(number).toHaveLength(SIZES[draws]);
        expect(number![0]).not.toBe("0");
        if (zeros !== "may") expect([draws, number!.includes("0")]).toEqual([draws, zeros === "some"]);
      }
    }
  }
});

test("every teen is drawn, and the same board draws the same", () => {
  const drawn = Array.from({ length: 200 }, (_, nth) =>
    drawNumber({ draws: "teens", zeros: "may" }, randomOf(11, nth), null),
  );
  expect([...new Set(drawn)].sort()).toEqual(["11", "12", "13", "14", "15", "16", "17", "18", "19"]);
  expect(drawNumber({ draws: "teens", zeros: "may" }, randomOf(11, 5), null)).toBe(drawn[5]);
});
