import { describe, expect, test } from "vitest";
import { fold } from "@/core/scene/fold";
import { lineMarks } from "@/core/scene/line-marks";
import { EMPTY_SCENE } from "@/core/scene/scene";
import { plainLine, wholeSpan } from "@/core/surface/line";
import { layOutLine } from "./line-layout";

const LINES = [
  plainLine("0", "100", "10", 10),
  plainLine("0", "1000", "100", 10),
  plainLine("-5", "5", "1", 20),
  plainLine("0", "3", "1/4", 6),
];

/** How far apart the ticks of a line are, in pixels, the nearest first. */
function apart(line: (typeof LINES)[number], width: number, strong: boolean): number[] {
  const marks = lineMarks(line, wholeSpan(line), fold(EMPTY_SCENE, []));
  const { ticks } = layOutLine(line, wholeSpan(line), marks, { width, height: 240 }, strong);
  const at = [...(ticks.large + ticks.small).matchAll(/M(\S+) /g)].map(([, x]) => Number(x));
  const places = at.toSorted((a, b) => a - b);
  return places.slice(1).map((x, i) => x - places[i]!);
}

describe("the ticks of a line", () => {
  test.each([270, 400, 700, 1240])("are never a bar, %i pixels wide", (width) => {
    for (const line of LINES) {
      expect(Math.min(...apart(line, width, false))).toBeGreaterThanOrEqual(3.9);
      expect(Math.min(...apart(line, width, true))).toBeGreaterThanOrEqual(4.9);
    }
  });

  test("are all there where they can be told apart, and equally far from each other", () => {
    for (const strong of [false, true]) {
      const gaps = apart(LINES[0]!, 1240, strong);
      expect(gaps).toHaveLength(100);
      expect(Math.max(...gaps) - Math.min(...gaps)).toBeLessThan(0.1);
    }
  });
});
