import { describe, expect, test } from "vitest";
import type { Stroke } from "@/core/scene/pen";
import type { Anchors } from "./anchors";
import { anchorsFrom, layerOrigin } from "./layer-origin";

const stroke = (number: string, tool: Stroke["tool"] = "pen"): Stroke => ({
  id: `s${number}`,
  view: "line",
  number,
  ink: "sea",
  tool,
  points: [0, 0, 10, 10],
});
/** A line on which a number stands 10 pixels from the next one, with 1 to 100 in sight. */
const slidBy = (shift: number): Anchors => ({
  at: ({ x }) => String(Math.round((x - shift) / 10)),
  of: (number) => {
    const x = Number(number) * 10 + shift;
    return x < 0 || x > 1000 ? null : { x, y: 200, unit: 44 };
  },
});

describe("The layer of what is drawn by hand", () => {
  const strokes = [stroke("3"), stroke("40"), stroke("41")];

  test("has its origin at the first number in sight", () => {
    expect(layerOrigin(strokes, slidBy(0))).toEqual({ x: 30, y: 200 });
    expect(layerOrigin(strokes, slidBy(-300))).toEqual({ x: 100, y: 200 });
    expect(layerOrigin([stroke("300")], slidBy(0))).toBeNull();
  });

  test("holds every stroke at the same place while the line slides, so that only the layer moves", () => {
    const places = [0, 17.3, 250.9].map((shift) => {
      const anchors = slidBy(shift);
      const seen = anchorsFrom(anchors, layerOrigin(strokes, anchors)!);
      return strokes.map(({ number }) => Math.round(seen.of(number)!.x * 100));
    });
    expect(places[0]).toEqual([0, 37000, 38000]);
    expect(places[1]).toEqual(places[0]);
    expect(places[2]).toEqual(places[0]);
  });

  test("finds the same number under a point", () => {
    const anchors = slidBy(5);
    expect(anchorsFrom(anchors, { x: 30, y: 200 }).at({ x: 45, y: 0 })).toBe(anchors.at({ x: 75, y: 200 }));
  });

  test("is none where a highlighter lets through what lies under it", () => {
    expect(layerOrigin([...strokes, stroke("5", "highlighter")], slidBy(0))).toBeNull();
  });
});
