import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { anyMove } from "../../../tests/support/any-move";
import { exact, keyOf } from "../number/exact";
import { fold } from "../scene/fold";
import { lineMarks } from "../scene/line-marks";
import { EMPTY_SCENE, isCoveredAt } from "../scene/scene";
import { numberOf } from "../surface/cell-key";
import { partOf, plainLine } from "../surface/line";
import { startingChart } from "../surface/starting-charts";
import { startingLine } from "../surface/starting-lines";
import type { Board } from "./board";
import { addView, exchangeView, swapViews, withMain, withoutView, withView } from "./edit-views";
import { followBeat, followBeats } from "./follow";
import { newBoard } from "./new-lesson";
import {
  boardAround,
  boardCells,
  boardHolds,
  boardNumbers,
  linesOf,
  lookOf,
  placedOf,
  viewName,
} from "./views-of";

const chartBoard = newBoard("b", "Board", startingChart("1-100"));

/** A line as it stands on the board. */
const LINE = { ...startingLine("0-20"), id: "line" };
const board: Board = withView(chartBoard, LINE);
const kinds = (of: Board) => placedOf(of).map(({ kind }) => kind);

describe("a line on a board", () => {
  test("slides on by itself so that the focus is seen; other views' touches lead it too", () => {
    const beat = followBeat(board, EMPTY_SCENE, [{ do: "focus", number: "47" }]);
    expect(beat).toHaveLength(2);
    const scene = fold(EMPTY_SCENE, beat);
    const span = lookOf(LINE, scene);
    expect(partOf(span, exact(47))).toBeGreaterThan(0.5);
    expect(partOf(span, exact(47))).toBeLessThanOrEqual(1);
    expect(followBeat(board, EMPTY_SCENE, [{ do: "focus", number: "7" }])).toHaveLength(1);
    expect(followBeat(chartBoard, EMPTY_SCENE, [{ do: "focus", number: "47" }])).toHaveLength(1);
    const pinned = withView(board, { ...LINE, pinned: true });
    expect(followBeat(pinned, EMPTY_SCENE, [{ do: "focus", number: "47" }])).toHaveLength(1);
  });

  test("whatever is done, the focus is seen afterwards; and only slides and covers were added", () => {
    fc.assert(
      fc.property(fc.array(fc.array(anyMove, { minLength: 1, maxLength: 2 }), { maxLength: 12 }), (beats) => {
        const followed = followBeats(board, EMPTY_SCENE, beats);
        followed.forEach((beat, i) => {
          expect(beat.slice(0, beats[i]!.length)).toEqual(beats[i]);
          expect(beat.slice(beats[i]!.length).every((move) => move.do === "look")).toBe(true);
        });
        // A line that is slid by hand goes where the hand has it; only a focus that moves is followed.
        fc.pre(!beats.flat().some((move) => move.do === "look"));
        const scene = fold(EMPTY_SCENE, followed.flat());
        if (scene.focus === null) return;
        const part = partOf(lookOf(LINE, scene), exact(numberOf(scene.focus)));
        expect(part).toBeGreaterThanOrEqual(0);
        expect(part).toBeLessThanOrEqual(1);
      }),
    );
  });

  test("a pointer that is to be covered covers the numbers it comes to, and they can be lifted", () => {
    const covered = withView(board, { ...LINE, pointer: "covered" });
    const scene = fold(EMPTY_SCENE, followBeat(covered, EMPTY_SCENE, [{ do: "start", number: "5" }]));
    expect(isCoveredAt(scene, "5")).toBe(true);
    expect(isCoveredAt(fold(scene, [{ do: "lift", numbers: ["5"] }]), "5")).toBe(false);
  });

  test("holds the numbers that a count comes to, and lists those at its ticks", () => {
    const alone = withMain(chartBoard, plainLine("-2", "2", "1", 2));
    expect(kinds(alone)).toEqual(["line", "trail"]);
    expect(boardCells(alone, EMPTY_SCENE)).toEqual(["-2", "-1.5", "-1", "-0.5", "0", "0.5", "1", "1.5", "2"]);
    expect(boardNumbers(alone, EMPTY_SCENE)).toHaveLength(9);
    expect(boardHolds(alone)("17")).toBe(true);
    expect(boardHolds(withMain(alone, plainLine("-2", "2", "1", 2, { pinned: true })))("17")).toBe(false);
  });

  test("what a scene says of it: marks by touch and by rule, the stops of the trail, the numbers it talks of", () => {
    const scene = fold(EMPTY_SCENE, [
      {
        do: "mark",
        ink: "sun",
        numbers: { join: "and", conditions: [{ kind: "multiples", not: false, of: "5" }] },
      },
      { do: "cover", numbers: ["3"] },
      { do: "start", number: "2" },
      { do: "jump", by: "6" },
      { do: "jump", by: "40" },
    ]);
    const marks = lineMarks(LINE, lookOf(LINE, scene), scene);
    expect(Object.keys(marks.states).sort()).toEqual(["0", "10", "15", "20", "3", "5"]);
    expect(marks.ranks).toMatchObject({ "2": 3, "8": 2, "3": 1, "5": 1 });
    expect(marks.ranks["48"]).toBeUndefined();
  });
});

describe("the views of a board", () => {
  test("are exchanged, swapped, added and taken away; the last one stays", () => {
    expect(kinds(board)).toEqual(["chart", "trail", "line"]);
    expect(kinds(swapViews(board, "line", "chart"))).toEqual(["line", "trail", "chart"]);
    expect(kinds(exchangeView(board, "trail", { kind: "way" }))).toEqual(["chart", "way", "line"]);
    const two = exchangeView(board, "chart", startingLine("0-10"));
    expect(kinds(two)).toEqual(["line", "trail", "line"]);
    expect(two.views.map(({ id }) => id)).toEqual(["line-2", "trail", "line"]);
    expect(exchangeView(board, "line", startingLine("0-10")).views.at(-1)!.id).toBe("line");
    const one = withoutView(withoutView(board, "chart"), "trail");
    expect(kinds(one)).toEqual(["line"]);
    expect(withoutView(one, "line")).toBe(one);
  });

  test("two of a kind have names of their own, are told apart, and are slid each for itself", () => {
    const two = addView(board, startingLine("0-10"));
    expect(two.views.map(({ id }) => id)).toEqual(["chart", "trail", "line", "line-2"]);
    expect(two.views.map((view) => viewName(two, view))).toEqual([
      "Chart",
      "The count so far",
      "Number line",
      "Number line 2",
    ]);
    const scene = fold(EMPTY_SCENE, [{ do: "look", view: "line-2", from: "50", to: "60" }]);
    const [one, other] = linesOf(two).map((line) => keyOf(lookOf(line, scene).from));
    expect([one, other]).toEqual(["0", "50"]);
    // The focus leads both of them.
    const beat = followBeat(two, EMPTY_SCENE, [{ do: "focus", number: "47" }]);
    expect(beat.flatMap((move) => (move.do === "look" ? [move.view] : []))).toEqual(["line", "line-2"]);
    // Two charts list the numbers of both, each once.
    const charts = addView(chartBoard, startingChart("101-200"));
    expect(boardCells(charts, EMPTY_SCENE)).toHaveLength(200);
    expect([boardHolds(charts)("200"), boardHolds(chartBoard)("200")]).toEqual([true, false]);
  });

  test("are, around one that keeps its own, those that read it; around one that shares, those that share", () => {
    const two = addView(chartBoard, startingChart("101-200"));
    const own = withView(two, { ...two.views.find(({ id }) => id === "chart-2")!, own: true });
    const [shares, , keeps] = own.views;
    expect(boardAround(own, keeps).views.map(({ id }) => id)).toEqual(["trail", "chart-2"]);
    expect(boardAround(own, shares).views.map(({ id }) => id)).toEqual(["chart", "trail"]);
    expect(boardAround(own, keeps)).toBe(boardAround(own, keeps));
    expect(boardAround(two, shares)).toBe(two);
    expect([boardHolds(boardAround(own, keeps))("7"), boardHolds(boardAround(own, shares))("107")]).toEqual([
      false,
      false,
    ]);
  });

  test("without a chart there are no arrow moves", () => {
    const arrows = addView(board, { kind: "arrows", layFirst: false });
    expect(withoutView(arrows, "chart").views.some(({ kind }) => kind === "arrows")).toBe(false);
  });

  test("what is slid and hidden is taken back by folding one move fewer", () => {
    const scene = fold(EMPTY_SCENE, [
      { do: "look", view: "line", from: "10", to: "30" },
      { do: "hide", view: "trail" },
    ]);
    expect(keyOf(lookOf(LINE, scene).from)).toBe("10");
    expect(scene.hidden).toEqual(["trail"]);
    expect(fold(scene, [{ do: "show", view: "trail" }]).hidden).toEqual([]);
  });
});
