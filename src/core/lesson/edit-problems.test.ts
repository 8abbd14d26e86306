import { describe, expect, test } from "vitest";
import type { Move } from "../scene/move";
import { startingChart } from "../surface/starting-charts";
import { KINDS } from "../views/kinds";
import { type BoardState, climb, openBoard, sceneOf } from "./board-state";
import { withoutProblem } from "./edit-problems";
import { newBoard } from "./new-lesson";
import { faultsOf } from "./stair-faults";
import { viewOf } from "./views-of";

const answer = (problem: number, says: string): Move => ({ do: "answer", view: "problems", problem, says });
const board = {
  ...newBoard("b", "Board", startingChart("1-100")),
  views: [{ ...KINDS.problems.starts, items: ["1 + 1 = ?", "2 + 2 = ?", "3 + 3 = ?"], id: "problems" }],
  opening: [answer(2, "5")],
  stair: [
    {
      id: "a",
      title: "",
      question: "",
      answer: "",
      beats: [[answer(0, "2")], [answer(1, "4"), answer(2, "6")]],
    },
  ],
} as unknown as BoardState["board"];
const items = (state: BoardState) => (viewOf(state.board, "problems") as { items: string[] }).items;
const said = (state: BoardState) =>
  Object.fromEntries(
    [...sceneOf(state).work.problems!.done].map(([at, { says }]) => [items(state)[at], says]),
  );

describe("a problem is removed", () => {
  const state = climb(openBoard(board));

  test("the ones after it keep what is done on them, in steps, at the opening and by hand", () => {
    expect(said(withoutProblem(state, "problems", 0))).toEqual({
      "2 + 2 = ?": "4",
      "3 + 3 = ?": "6",
      undefined: "2",
    });
    const live = { ...state, live: [[], [[[answer(0, "9"), answer(1, "8")]], [[answer(0, "7")]]]] };
    expect(withoutProblem(live, "problems", 0).live).toEqual([[], [[[answer(0, "8")]]]]);
  });

  test("what steps do on it is pointed out, and on no other", () => {
    for (const at of [0, 1, 2]) {
      const { board: less } = withoutProblem(state, "problems", at);
      expect(faultsOf(less).map(({ level, message }) => [level, message])).toEqual([
        ...(at === 2 ? [[0, "The problem that this is about is no longer on the board."]] : []),
        [1, "The problem that this is about is no longer on the board."],
      ]);
    }
  });

  test("one that is added later is another one", () => {
    const less = withoutProblem(state, "problems", 1);
    const view = viewOf(less.board, "problems")!;
    const more = { ...view, items: [...items(less), "4 + 4 = ?"] } as typeof view;
    const grown = { ...less, board: { ...less.board, views: [more] } };
    expect(said(grown)).toEqual({ "1 + 1 = ?": "2", "3 + 3 = ?": "6", undefined: "4" });
    expect(faultsOf(grown.board)).toHaveLength(1);
    // Moves about a removed problem still point to no problem after another one is removed.
    expect(faultsOf(withoutProblem(grown, "problems", 0).board)).toHaveLength(2);
  });

  test("the last one stays, and what is about another view", () => {
    const one = withoutProblem(withoutProblem(state, "problems", 0), "problems", 0);
    expect(items(one)).toEqual(["3 + 3 = ?"]);
    expect(withoutProblem(one, "problems", 0)).toBe(one);
    expect(withoutProblem(state, "problems", 3)).toBe(state);
    expect(withoutProblem(state, "others", 0)).toBe(state);
  });
});
