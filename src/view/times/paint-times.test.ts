import fc from "fast-check";
import { beforeAll, expect, test } from "vitest";
import { cellState } from "@/core/scene/cell-state";
import { fold } from "@/core/scene/fold";
import { EMPTY_SCENE, type Scene } from "@/core/scene/scene";
import { numberOf } from "@/core/surface/cell-key";
import { NEW_TIMES, type TimesSettings, windowCells } from "@/core/surface/times-grid";
import { anyMove } from "../../../tests/support/any-move";
import { faceShapes } from "../chart/face-shapes";
import { paintTimes } from "./paint-times";
import { layOutTimes } from "./times-layout";

/** What is painted, one word each: the texts, and how many outlines are filled and drawn. */
type Painted = { texts: string[]; filled: number; drawn: number };

beforeAll(() => {
  // Node has no canvas: outlines are counted here, and looked at in the browser.
  globalThis.Path2D = class {
    arc() {}
    roundRect() {}
  } as unknown as typeof Path2D;
});

function paint(times: TimesSettings, scene: Scene): Painted {
  const painted: Painted = { texts: [], filled: 0, drawn: 0 };
  const context = new Proxy(
    {
      fillText: (text: string) => painted.texts.push(text),
      fill: (path?: Path2D) => {
        if (path) painted.filled += 1;
      },
      stroke: (path?: Path2D) => {
        if (path) painted.drawn += 1;
      },
    } as Record<string, unknown>,
    { get: (known, name: string) => known[name] ?? (() => {}), set: () => true },
  ) as unknown as CanvasRenderingContext2D;
  const at = { row: times.row, column: times.column };
  const layout = layOutTimes(times, at, { width: 800, height: 600 }, false);
  paintTimes(context, times, layout, scene, at, { color: (token) => token, numerals: "Andika" });
  return painted;
}

/** What the squares of the same window show at rest; the next row and column are painted ahead, out of sight. */
function atRest(times: TimesSettings, scene: Scene): Painted {
  const larger = { ...times, rows: times.rows + 1, columns: times.columns + 1 };
  const layout = layOutTimes(times, times, { width: 800, height: 600 }, false);
  const shapes = windowCells(larger, times).flatMap((cell) =>
    faceShapes({ layout, x: 0, y: 0 }, numberOf(cell), cellState(scene, cell)),
  );
  const outlines = shapes.filter(({ tag }) => tag !== "text");
  return {
    texts: shapes.flatMap(({ text }) => (text === undefined ? [] : [text])),
    filled: outlines.filter(({ attributes }) => attributes.fill !== "none").length,
    drawn: outlines.filter(({ attributes }) => attributes.stroke !== undefined).length,
  };
}

test("a times grid that moves is painted as its squares look at rest, whatever was done on it", () => {
  const times: TimesSettings = {
    ...NEW_TIMES,
    rows: 4,
    columns: 5,
    row: 30,
    column: 33,
    rowNames: "absent",
    columnNames: "absent",
  };
  const low = { ...times, row: 1, column: 1 };
  fc.assert(
    fc.property(fc.array(anyMove, { maxLength: 15 }), fc.constantFrom(times, low), (moves, grid) => {
      const scene = fold(EMPTY_SCENE, moves);
      const sorted = ({ texts, ...rest }: Painted) => ({ texts: texts.toSorted(), ...rest });
      expect(sorted(paint(grid, scene))).toEqual(sorted(atRest(grid, scene)));
    }),
  );
});
