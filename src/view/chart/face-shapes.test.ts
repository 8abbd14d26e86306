import { describe, expect, test } from "vitest";
import { cellState } from "@/core/scene/cell-state";
import { fold } from "@/core/scene/fold";
import { EMPTY_SCENE } from "@/core/scene/scene";
import { INKS } from "@/core/set/ink";
import { plainChart } from "@/core/surface/chart";
import { layOutChart } from "./chart-layout";
import { faceShapes } from "./face-shapes";

describe("The shape of a single ink and the numeral of its square", () => {
  const chart = plainChart("1", "1", 10, { by: "rows", rows: 10 });
  const rooms = [
    { width: 820, height: 460 },
    { width: 740, height: 420 },
    { width: 900, height: 560 },
    { width: 1400, height: 900 },
  ];
  const standing = (ink: (typeof INKS)[number], room: (typeof rooms)[number]) => {
    const layout = layOutChart(chart, room, false);
    const state = cellState(fold(EMPTY_SCENE, [{ do: "mark", numbers: ["36"], ink }]), "36");
    const shapes = faceShapes({ layout, x: 0, y: 0 }, "36", state);
    const numeral = shapes.find(({ tag }) => tag === "text")!;
    const foot = Number(numeral.attributes.y);
    return { layout, foot, top: foot - 0.7 * layout.numeral };
  };

  test.each(rooms)("a plum star is clear of the digits above it in a chart of $width × $height", (room) => {
    const { layout, foot, top } = standing("plum", room);
    expect(foot).toBeLessThanOrEqual(layout.cellHeight - 2.4 * layout.shape + 0.01);
    expect(top).toBeGreaterThanOrEqual(0.06 * layout.cellHeight - 0.01);
  });

  test("with any other ink the digits stand in the middle", () => {
    for (const ink of INKS.filter((other) => other !== "plum")) {
      const { layout, foot, top } = standing(ink, rooms[0]!);
      expect((foot + top) / 2).toBeCloseTo(layout.cellHeight / 2, 1);
    }
  });
});
