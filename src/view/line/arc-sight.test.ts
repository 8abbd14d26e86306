import { describe, expect, test } from "vitest";
import { jumpOn, startTrail, type Trail } from "@/core/count/trail";
import { type AnyLine, wholeSpan } from "@/core/surface/line";
import { KINDS } from "@/core/views/kinds";
import { arcLabels } from "./arc-labels";
import { arcsOf } from "./arc-shape";
import { layOutLine } from "./line-layout";

const ROOM = { width: 1200, height: 320 };
const trail = (start: string, ...jumps: string[]): Trail =>
  jumps.reduce((so, by) => jumpOn(so, by), startTrail(start));

const labelsOn = (line: AnyLine, of: Trail, room = ROOM) => {
  const marks = { states: {}, ranks: {}, focus: null, start: of.start, trail: of, aside: null, brackets: [] };
  const layout = layOutLine(line, wholeSpan(line), marks, room, false);
  return arcLabels(layout, of, arcsOf(layout, { trail: of, aside: null }).trail);
};

describe("the sizes of jumps, in sight and out of it", () => {
  test.each([
    ["a line", KINDS.line.starts, trail("50", "20", "20", "20", "20", "30"), [0, 1, 2]],
    ["a strip", KINDS.strip.starts, trail("0", "6", "6", "6", "6", "6"), [0, 1, 2, 3]],
  ])(
    "on %s: one that goes out of sight has its size in sight, one that is out of it has not",
    (_, line, of, seen) => {
      const inSight = labelsOn(line, of).filter(({ x, width }) => x - width / 2 < ROOM.width);
      expect(inSight.flatMap(({ jumps }) => jumps)).toEqual(seen);
      for (const { x, width, beyond } of inSight) {
        expect(x + width / 2).toBeLessThanOrEqual(ROOM.width);
        expect(beyond).toBe(false);
      }
      for (const { jumps, beyond } of labelsOn(line, of)) expect(beyond).toBe(!seen.includes(jumps[0]!));
    },
  );

  test("are said in signs beside an upright line where the words would be cut off", () => {
    const said = (width: number) =>
      labelsOn({ ...KINDS.line.starts, shape: "upright" }, trail("10", "2", "2", "2", "2"), {
        width,
        height: 420,
      }).map(({ text }) => text);
    expect(said(700)).toEqual(["4 jumps of 2"]);
    expect(said(240)).toEqual(["4 × 2"]);
  });
});
