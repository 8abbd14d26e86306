import { describe, expect, test } from "vitest";
import { fold } from "../scene/fold";
import type { Move } from "../scene/move";
import { EMPTY_SCENE, inksAt, isCoveredAt } from "../scene/scene";
import { numberOf, type Target } from "../surface/cell-key";
import { startingChart } from "../surface/starting-charts";
import { NEW_TIMES } from "../surface/times-grid";
import { act, backToStep, openBoard, sceneOf } from "./board-state";
import { boardWith } from "./board-with";
import { withMain } from "./edit-views";
import { isPuzzle, openAmong } from "./fill";
import { newBoard } from "./new-lesson";
import { puzzleBeat, verdictOn } from "./put-puzzle";
import { boardCells, boardHolds, boardNumbers, puzzleOf, timesOf } from "./views-of";

const board = withMain(newBoard("b", "Board", startingChart("1-100")), NEW_TIMES);

describe("marks and covers on a times grid", () => {
  test("on a value they are wherever it lives, on a place only there; a place may differ from its value", () => {
    const scene = fold(EMPTY_SCENE, [
      { do: "mark", ink: "sun", numbers: ["24"] },
      { do: "mark", ink: "sea", numbers: ["r3c8"] },
      { do: "unmark", ink: "sun", numbers: ["r4c6"] },
      { do: "cover", numbers: ["24"] },
      { do: "lift", numbers: ["r8c3"] },
    ]);
    const at = (...cells: Target[]) => cells.map((cell) => inksAt(scene, cell));
    expect(at("r3c8", "r8c3", "r4c6", "r6c4", "r1c24", "r5c5")).toEqual([0b101, 0b1, 0, 0b1, 0b1, 0]);
    expect(["r3c8", "r8c3", "r2c12"].map((cell) => isCoveredAt(scene, cell))).toEqual([true, false, true]);
  });

  test("a rule holds the places of its numbers, and takes what was done to single places away", () => {
    const moves: Move[] = [
      { do: "mark", ink: "kelp", numbers: ["r2c3", "r2c5"] },
      {
        do: "mark",
        ink: "kelp",
        numbers: { join: "and", conditions: [{ kind: "multiples", not: false, of: "6" }] },
      },
    ];
    const scene = fold(EMPTY_SCENE, moves);
    expect(["r2c3", "r2c5", "r3c4", "r5c5"].map((cell) => inksAt(scene, cell))).toEqual([8, 8, 8, 0]);
    expect(scene.laid.touched.has("r2c3")).toBe(false);
    expect(scene.laid.touched.has("r2c5")).toBe(true);
  });

  test("its places and numbers are those of the window, where it has slid to", () => {
    const slid = fold(EMPTY_SCENE, [{ do: "slide", view: "times", row: 12, column: 7 }]);
    expect(boardCells(board, slid)[0]).toBe("r12c7");
    expect(boardCells(board, slid)).toHaveLength(100);
    expect(boardNumbers(board, EMPTY_SCENE)).toHaveLength(42);
    expect([boardHolds(board)("7919"), boardHolds(board)("0"), boardHolds(board)("2.5")]).toEqual([
      true,
      false,
      false,
    ]);
  });
});

describe("a puzzle on a board", () => {
  const puzzled = (seed: number) => {
    const state = act(openBoard(board), [puzzleBeat(board, "times", EMPTY_SCENE, seed)!]);
    const scene = sceneOf(state);
    return { state, scene, shown: boardWith(state.board, scene.settings) };
  };

  test("is one act: few numbers show, one square is asked for, and it has one answer", () => {
    for (let seed = 0; seed < 20; seed += 1) {
      const { scene, shown } = puzzled(seed);
      const cells = boardCells(shown, scene);
      expect(timesOf(shown)).toMatchObject({ rows: 4, columns: 6, rowNames: "absent" });
      expect(cells.length - openAmong(scene, cells).length).toBeGreaterThanOrEqual(3);
      expect(openAmong(scene, cells)).toContain(scene.asked?.number);
      expect(verdictOn(shown, scene)).toEqual({ kind: "one", answer: Number(numberOf(scene.asked!.number)) });
    }
  });

  test("changes nothing that was prepared: as prepared the grid and how it is filled are as before", () => {
    const { state, scene, shown } = puzzled(7);
    expect(state.board).toBe(board);
    expect(shown.fill.by).toBe("home");
    const back = backToStep(state);
    expect(boardWith(back.board, sceneOf(back).settings)).toBe(board);
    expect(scene.settings.views?.times).toBeDefined();
  });

  test("another one asks for another square", () => {
    for (let seed = 0; seed < 40; seed += 1) {
      const { scene, shown } = puzzled(seed);
      const next = fold(scene, puzzleBeat(shown, "times", scene, seed)!);
      expect(next.asked?.number).not.toBe(scene.asked?.number);
    }
  });

  test("the verdict changes with what shows: nothing, too little, or names that tell anyhow", () => {
    const { scene, shown } = puzzled(1);
    const verdict = (...moves: Move[]) => verdictOn(shown, fold(scene, moves));
    expect(verdict({ do: "cover", numbers: [...boardCells(shown, scene)] })).toEqual({ kind: "no-clue" });
    expect(verdict({ do: "ask", number: null, as: "place" })).toBeNull();
    const named = withMain(shown, { ...timesOf(shown)!, rowNames: "shown", columnNames: "shown" });
    expect(verdictOn(named, scene)).toBeNull();
  });

  test("of two times grids the one made a puzzle has the verdict", () => {
    const other = { ...timesOf(board)!, id: "other" };
    const two = { ...board, views: [other, ...board.views] };
    for (const view of ["other", "times"]) {
      const state = act(openBoard(two), [puzzleBeat(two, view, EMPTY_SCENE, 3)!]);
      const scene = sceneOf(state);
      const shown = boardWith(state.board, scene.settings);
      expect(puzzleOf(shown)?.id).toBe(view);
      expect(isPuzzle(shown)).toBe(true);
      expect(verdictOn(shown, scene)).toEqual({ kind: "one", answer: Number(numberOf(scene.asked!.number)) });
    }
  });

  test("a board without a times grid has none", () => {
    const chart = newBoard("c", "Chart", startingChart("1-24"));
    expect(puzzleBeat(chart, "times", EMPTY_SCENE, 1)).toBeNull();
    expect(verdictOn(chart, EMPTY_SCENE)).toBeNull();
  });
});
