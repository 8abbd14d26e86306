import { describe, expect, test } from "vitest";
import { lineMarks } from "@/core/scene/line-marks";
import { EMPTY_SCENE } from "@/core/scene/scene";
import { type LineSettings, plainLine, wholeSpan } from "@/core/surface/line";
import { startingLine } from "@/core/surface/starting-lines";
import { OF_FRACTION } from "../chart/chart-layout";
import { type LineLayout, layOutLine } from "./line-layout";

const ROOM = { width: 1200, height: 320 };
const lay = (line: LineSettings, room = ROOM, strong = false) => {
  const span = wholeSpan(line);
  return layOutLine(line, span, lineMarks(line, span, EMPTY_SCENE), room, strong);
};
const keys = ({ labels }: LineLayout) => labels.map(({ key }) => key);

describe("for the back of the room", () => {
  const lines = [
    ...(["0-20", "0-100"] as const).map((name) => startingLine(name)),
    plainLine("-5", "5", "1", 2, {}),
    { ...plainLine("-5", "5", "1", 2, {}), shape: "upright" as const },
    { ...plainLine("0", "60", "5", 1, {}), shape: "ring" as const },
    plainLine("0", "1", "1/4", 1, { numbers: "mixed" }),
    plainLine("200", "400", "10", 10, {}),
  ];
  test.each(lines)("no label is taken away, and numerals are larger: %o", (line) => {
    for (const room of [
      ROOM,
      { width: 1200, height: 480 },
      { width: 620, height: 420 },
      { width: 380, height: 300 },
    ]) {
      const [plain, strong] = [lay(line, room), lay(line, room, true)];
      expect(keys(strong)).toEqual(expect.arrayContaining(keys(plain)));
      expect(strong.numeral).toBeGreaterThan(plain.numeral * 0.999);
      expect(strong.heavy).toBeGreaterThan(plain.heavy);
    }
    const [plain, strong] = [lay(line), lay(line, ROOM, true)];
    expect(strong.numeral).toBeGreaterThan(plain.numeral);
  });
});

test("the numerals of a narrow line are as large as on an ordinary one, where that takes no label away", () => {
  const tens = plainLine("0", "100", "10");
  const quarters = plainLine("0", "3", "1/4", 1, { numbers: "mixed" });
  const narrow = (line: LineSettings, width: number, height = 120) => {
    const layout = lay(line, { width, height });
    return [layout.numeral, keys(layout).length];
  };
  expect([320, 350, 380, 410].map((width) => narrow(tens, width))).toEqual([
    [22, 3],
    [20, 6],
    [22, 6],
    [22, 6],
  ]);
  expect([320, 350, 380].map((width) => narrow(quarters, width))).toEqual([
    [20, 7],
    [22, 7],
    [22, 7],
  ]);
  // A row of larger ones would not fit in so low a room.
  expect(narrow(tens, 410, 70)).toEqual([18, 6]);
});

test("the smaller numbers of a fraction are as large as an ordinary numeral, where there is room for a second row", () => {
  const quarters = plainLine("0", "3", "1/4", 1, { numbers: "mixed" });
  expect(lay(quarters, { width: 518, height: 220 }).numeral * OF_FRACTION).toBeGreaterThan(21.6);
  expect(lay(quarters, { width: 518, height: 120 }).numeral).toBeLessThan(24);
});
