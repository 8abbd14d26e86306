import { describe, expect, test } from "vitest";
import { fold } from "../scene/fold";
import type { Move } from "../scene/move";
import { EMPTY_SCENE } from "../scene/scene";
import { HUNDRED_CHART } from "../surface/chart";
import { startingLine } from "../surface/starting-lines";
import { KINDS } from "../views/kinds";
import type { Board } from "./board";
import { newBoard } from "./new-lesson";
import { layoutOf, partsOf, standingOf } from "./views-of";

const boardOf = (...views: object[]): Board => ({
  ...newBoard("board", "Board", HUNDRED_CHART),
  views: views.map((view, at) => ({ ...view, id: `v${at}` })) as Board["views"],
});
const kinds = (board: Board, ...moves: Move[]) =>
  standingOf(board, fold(EMPTY_SCENE, moves)).map(({ kind }) => kind);

describe("the views that stand on a board in class", () => {
  const board = boardOf(startingLine("0-100"), KINDS.way.starts, KINDS.sentence.starts);

  test("those with nothing to say give their room to the others", () => {
    expect(kinds(board)).toEqual(["line"]);
    expect(kinds(board, { do: "start", number: "27" })).toEqual(["line", "way"]);
    expect(kinds(board, { do: "start", number: "27" }, { do: "jump", by: "3" })).toEqual([
      "line",
      "way",
      "sentence",
    ]);
  });

  test("the main view always stands; a hidden one does not", () => {
    expect(kinds(boardOf(KINDS.sentence.starts, startingLine("0-100")))).toEqual(["sentence", "line"]);
    expect(kinds(boardOf(HUNDRED_CHART, startingLine("0-100")), { do: "hide", view: "v1" })).toEqual([
      "chart",
    ]);
  });
});

test("a ring that is one of three is never laid above or below the others", () => {
  const ring = { ...startingLine("0-100"), shape: "ring" };
  const above = { run: "above", share: 0.5 } as const;
  const three = { ...boardOf(ring, KINDS.way.starts, KINDS.sentence.starts), layout: above };
  expect(layoutOf(three)).toEqual({ run: "beside", share: 0.5 });
  expect(layoutOf({ ...boardOf(ring, KINDS.sentence.starts), layout: above })).toEqual(above);
  const flat = { ...boardOf(startingLine("0-100"), ...three.views.slice(1)), layout: above };
  expect(layoutOf(flat)).toEqual(above);
});

test("a board in fractions says into how many parts it divides a whole", () => {
  const line = startingLine("0-100");
  const quarters = { ...HUNDRED_CHART, first: "1/4", difference: "1/4" };
  const twelfths = { ...quarters, difference: "1/3" };
  expect(partsOf(boardOf(line, HUNDRED_CHART))).toBe(1);
  expect(partsOf(boardOf(line, quarters))).toBe(4);
  expect(partsOf(boardOf(twelfths))).toBe(12);
  expect(partsOf(boardOf({ ...line, interval: "1/2", numbers: "mixed", divisions: 1 }, quarters))).toBe(2);
});
