import { expect, test } from "vitest";
import { jumpOn, startTrail } from "@/core/count/trail";
import { lineMarks } from "@/core/scene/line-marks";
import { EMPTY_SCENE } from "@/core/scene/scene";
import { wholeSpan } from "@/core/surface/line";
import { KINDS } from "@/core/views/kinds";
import { labelledArcs } from "./labelled-arcs";
import { cellHeight, layGeometry } from "./line-geometry";
import { layOutLine } from "./line-layout";

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

test("over a strip in the lowest room the size of a jump is whole, and lies on no square", () => {
  const strip = { ...KINDS.strip.starts, kind: "strip", id: "strip" } as const;
  const trail = jumpOn(jumpOn(startTrail("2"), "10"), "3");
  for (const height of [70, 86, 102, 128]) {
    const marks = lineMarks(strip, wholeSpan(strip), { ...EMPTY_SCENE, trail });
    const layout = layOutLine(strip, wholeSpan(strip), marks, { width: 900, height }, false);
    const { labels, size } = labelledArcs(layout, { trail, aside: null });
    expect(labels.trail.map(({ text }) => text)).toEqual(["+10", "+3"]);
    for (const { y } of labels.trail) {
      expect(y).toBeGreaterThanOrEqual(size / 2);
      expect(y + size / 2).toBeLessThan(layout.geometry.point(0.5, 1).y);
    }
  }
});
