import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { anyMove } from "../../../tests/support/any-move";
import { fold } from "../scene/fold";
import type { Move } from "../scene/move";
import { EMPTY_SCENE, type Scene } from "../scene/scene";
import { type ChartSettings, plainChart } from "../surface/chart";
import { startingChart } from "../surface/starting-charts";
import { NEW_TIMES } from "../surface/times-grid";
import { boardLook, chartLook, type GridLook, numbersOfLook } from "./board-look";
import { newBoard } from "./new-lesson";
import { withMain } from "./views-of";

const anyChart: fc.Arbitrary<ChartSettings> = fc.record({
  kind: fc.constant("chart" as const),
  first: fc.integer({ min: -5, max: 10 }).map(String),
  difference: fc.integer({ min: 1, max: 3 }).map(String),
  columns: fc.integer({ min: 1, max: 12 }),
  until: fc.record({ by: fc.constant("last" as const), last: fc.integer({ min: 10, max: 40 }).map(String) }),
  run: fc.constantFrom("across" as const, "down" as const),
  climb: fc.constantFrom("down" as const, "up" as const),
  reads: fc.constantFrom("one-way" as const, "back-and-forth" as const),
  covers: fc.constantFrom("solid" as const, "empty" as const),
});

const byNumber = (chart: ChartSettings, scene: Scene) => {
  const look = chartLook(chart, scene);
  return new Map(
    numbersOfLook(look).flatMap((number, i) => (number === null ? [] : [[number, look.states[i]]])),
  );
};

describe("how a board looks", () => {
  test("marks, covers and what is written stay on their numbers, whatever the chart is changed to", () => {
    fc.assert(
      fc.property(anyChart, anyChart, fc.array(anyMove, { maxLength: 20 }), (before, after, moves) => {
        const scene = fold(EMPTY_SCENE, moves);
        const [a, b] = [byNumber(before, scene), byNumber(after, scene)];
        for (const [number, state] of a)
          if (b.has(number)) expect([number, b.get(number)]).toEqual([number, state]);
      }),
    );
  });

  test("leaves the gap after a short last row out", () => {
    const look = chartLook(plainChart("0", "1", 10, { by: "last", last: "12" }), EMPTY_SCENE);
    expect(look.states.filter((state) => state === null)).toHaveLength(7);
    expect(numbersOfLook(look).slice(10)).toEqual(["10", "11", "12", ...Array(7).fill(null)]);
  });

  test("is what the main view keeps for itself, where it does", () => {
    const board = newBoard("b", "Board", startingChart("1-24"));
    const [chart, trail] = board.views;
    const mark: Move = { do: "mark", ink: "sun", numbers: ["6"] };
    const look = boardLook({
      ...board,
      views: [{ ...chart!, own: true }, trail!],
      opening: [
        { do: "within", view: "chart", moves: [mark] },
        { ...mark, numbers: ["7"] },
      ],
    }) as GridLook;
    expect(look.states.flatMap((state, i) => (state === 0 ? [] : [[numbersOfLook(look)[i], state]]))).toEqual(
      [["6", 1]],
    );
  });

  test("is the window of a times grid, where the board has one, and can be sent as plain data", () => {
    const board = withMain(newBoard("b", "Board", startingChart("1-24")), {
      ...NEW_TIMES,
      row: 3,
      rows: 2,
      columns: 4,
    });
    const look = boardLook({ ...board, opening: [{ do: "cover", numbers: ["6"] }] }) as GridLook;
    expect(numbersOfLook(look)).toEqual(["3", "6", "9", "12", "4", "8", "12", "16"]);
    expect(look.states).toEqual([0, 32, 0, 0, 0, 0, 0, 0]);
    expect(JSON.parse(JSON.stringify(look))).toEqual(look);
    expect(boardLook({ ...board, views: board.views.filter(({ kind }) => kind === "trail") })).toBeNull();
  });
});
