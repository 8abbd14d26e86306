import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { anyMove } from "../../../tests/support/any-move";
import { demoFiles } from "../../../tests/support/demo-files";
import { seen } from "../../../tests/support/seen";
import type { Move } from "../scene/move";
import { startingChart } from "../surface/starting-charts";
import { KINDS } from "../views/kinds";
import * as z from "../zod";
import { Board } from "./board";
import { type BoardState, openBoard, paceOf, sceneOf, standOn } from "./board-state";
import {
  changeBeats,
  duplicateStep,
  insertStep,
  joinSteps,
  keepAsStep,
  moveStep,
  paceStep,
  putStepAt,
  recordOver,
  removeStep,
  rewordStep,
  splitStep,
  timeQuestion,
} from "./edit-stair";
import { withView } from "./edit-views";
import type { Lesson } from "./lesson";
import { momentWords, stepWords } from "./move-words";
import { newBoard } from "./new-lesson";
import { RECIPE_NAMES, type RecipeInputs, recipeOf } from "./recipes/any";
import { faultsOf, mended } from "./stair-faults";
import { chartOf } from "./views-of";
import { recipeBoard } from "./write-recipe";

const WORDS = { title: "Step", question: "Why?", answer: "So" };
const beat = fc.array(anyMove, { minLength: 1, maxLength: 3 });
const anyBoard = fc.array(fc.array(beat, { maxLength: 5 }), { minLength: 1, maxLength: 6 }).map((steps) => ({
  ...newBoard("b", "Board", startingChart("1-100")),
  stair: steps.map((beats, i) => ({ id: `s${i}`, ...WORDS, beats })),
}));
const top = (board: BoardState["board"]) => seen(sceneOf(standOn(openBoard(board), board.stair.length)));

describe("the stair as a workshop", () => {
  test("any sequence of edits leaves a stair that folds, and that a lesson keeps", () => {
    const edit = fc.record({
      what: fc.nat(13),
      level: fc.nat(7),
      other: fc.nat(7),
      beats: fc.array(beat, { maxLength: 3 }),
    });
    fc.assert(
      fc.property(anyBoard, fc.array(edit, { maxLength: 20 }), (board, edits) => {
        let names = 0;
        const id = () => `n${names++}`;
        let state = openBoard(board);
        for (const { what, level, other, beats } of edits) {
          const live = {
            ...state,
            live: [...state.live.slice(0, state.climbed), beats.length > 0 ? [beats] : []],
          };
          const after: BoardState[] = [
            insertStep(state, level, WORDS, id()),
            duplicateStep(state, level, id()),
            removeStep(state, level),
            moveStep(state, level, 1),
            putStepAt(
              state,
              Math.min(level, state.board.stair.length) || 1,
              Math.min(other, state.board.stair.length) || 1,
            ),
            splitStep(state, level, other, id()),
            joinSteps(state, level),
            changeBeats(state, level, beats),
            paceStep(state, level, other % 2 === 0 ? "by-press" : null),
            rewordStep(state, level, { ...WORDS, note: "Count together." }),
            timeQuestion(state, level, other % 2 === 0 ? "first" : undefined),
            standOn(state, level),
            keepAsStep(live, WORDS, id()),
            recordOver(live, state.climbed + 1),
          ];
          state = after[what]!;
          expect(state.climbed).toBeGreaterThanOrEqual(0);
          expect(state.climbed).toBeLessThanOrEqual(state.board.stair.length);
          expect(() => sceneOf(state)).not.toThrow();
          expect(new Set(state.board.stair.map((step) => step.id)).size).toBe(state.board.stair.length);
        }
        expect(Board(z).safeParse(state.board).error?.issues[0]).toBeUndefined();
      }),
      { numRuns: 300 },
    );
  });

  test("splitting and joining change no scene above; joined again, a split step does what it did", () => {
    fc.assert(
      fc.property(
        anyBoard,
        fc.integer({ min: 1, max: 6 }),
        fc.integer({ min: 1, max: 4 }),
        (board, level, at) => {
          fc.pre(level <= board.stair.length && at < board.stair[level - 1]!.beats.length);
          const split = splitStep(openBoard(board), level, at, "second").board;
          expect(split.stair).toHaveLength(board.stair.length + 1);
          expect(split.stair[level - 1]).toMatchObject({ question: "", answer: "" });
          expect(split.stair[level]).toMatchObject(WORDS);
          expect(top(split)).toEqual(top(board));
          const joined = joinSteps(openBoard(split), level).board;
          expect(joined).toEqual(board);
          // The half that asks is the one that asks first.
          const first = timeQuestion(openBoard(board), level, "first");
          const halves = splitStep(first, level, at, "second");
          expect(halves.board.stair.slice(level - 1, level + 1).map(({ asks }) => asks)).toEqual([
            undefined,
            "first",
          ]);
          expect(joinSteps(halves, level).board).toEqual(first.board);
        },
      ),
    );
  });

  test("a step is climbed at its own pace, else as its board says", () => {
    const board = {
      ...newBoard("b", "Board", startingChart("1-100")),
      stair: [{ id: "s", ...WORDS, beats: [] }],
    };
    const on = (climbEvery: number, pace?: "by-press" | "at-once") =>
      paceOf(standOn(paceStep(openBoard({ ...board, climbEvery }), 1, pace ?? null), 1));
    expect([on(0.8), on(0), on(0.8, "at-once"), on(0, "by-press")]).toEqual([
      "paced",
      "at-once",
      "at-once",
      "by-press",
    ]);
  });
});

describe("what a step does, in words", () => {
  test("tells what is alike together, in the words of the board", () => {
    expect(
      stepWords([
        [
          { do: "mark", ink: "sun", numbers: ["6"] },
          { do: "jump", by: "6" },
        ],
        [
          { do: "mark", ink: "sun", numbers: ["12"] },
          { do: "jump", by: "6" },
        ],
        [
          { do: "mark", ink: "sun", numbers: ["18"] },
          { do: "jump", by: "6" },
        ],
        [
          { do: "cover", numbers: ["24"] },
          { do: "focus", number: "18" },
        ],
      ]),
    ).toBe("marks 6, 12 and 18 in sun; jumps 6, 3 times; covers 24");
    expect(stepWords([[{ do: "focus", number: "1000" }]])).toBe("talks about 1,000");
    expect(momentWords([{ do: "lift", numbers: ["r3c4"] }])).toBe("lifts row 3, column 4");
    expect(stepWords([])).toBe("");
  });

  test.each([
    [{ do: "write", number: "24", says: "24" }, "writes 24"],
    [{ do: "write", number: "24", says: "42" }, "writes 42 at 24"],
    [{ do: "lay", arrows: ["down"] }, "lays 1 arrow"],
    [{ do: "groups", view: "groups", groups: 1, laid: 6 }, "1 group, 6 counters laid"],
    [{ do: "cover-part", view: "stops", part: "exchange-2", on: true }, "covers the exchange at stop 2"],
    [{ do: "cover-part", view: "place-value", part: "tens", on: false }, "shows the tens digit"],
    [{ do: "cover-part", view: "groups", part: "in-all", on: true }, "covers the number in all"],
  ] as const)("%o", (move, words) => {
    expect(momentWords([move as unknown as Move])).toBe(words);
  });

  test("has words for every move there is, and never a name of the code", () => {
    fc.assert(
      fc.property(anyMove, (move) => {
        const words = momentWords([move]);
        expect(words).not.toBe("");
        expect(words).not.toMatch(/undefined|\[object|NaN|null/);
        expect(words.length).toBeLessThan(600);
      }),
      { numRuns: 2_000 },
    );
  });
});

describe("moves that no longer make sense", () => {
  test("there are none in the demo lessons, nor in what recipes write", () => {
    for (const { file, text } of demoFiles()) {
      for (const board of (JSON.parse(text) as Lesson).boards)
        expect([file, board.title, faultsOf(board)]).toEqual([file, board.title, []]);
    }
    for (const kind of RECIPE_NAMES) {
      const board = recipeBoard("b", recipeOf({ kind } as RecipeInputs).starts as never, () => "s");
      expect([kind, faultsOf(board)]).toEqual([kind, []]);
    }
  });

  test("a number that the chart has no longer is pointed out at its step, and left out when that is wished", () => {
    const board = {
      ...newBoard("b", "Board", startingChart("1-100")),
      stair: [
        {
          id: "a",
          ...WORDS,
          beats: [[{ do: "mark", ink: "sun", numbers: ["6", "66"] }]] as Board["stair"][0]["beats"],
        },
        {
          id: "b",
          ...WORDS,
          beats: [
            [{ do: "cover", numbers: ["72"] }],
            [{ do: "hide", view: "gone" }],
          ] as Board["stair"][0]["beats"],
        },
      ],
    } as Board;
    expect(faultsOf(board).map(({ level, beat, message }) => [level, beat, message])).toEqual([
      [2, 1, "The view that this is about is no longer on the board."],
    ]);
    const shorter = withView(board, { ...chartOf(board)!, until: { by: "rows", rows: 5 } });
    const faults = faultsOf(shorter);
    expect(faults.map(({ level, message }) => [level, message])).toEqual([
      [1, "66 is not on the board any more."],
      [2, "72 is not on the board any more."],
      [2, "The view that this is about is no longer on the board."],
    ]);
    const better = mended(shorter, faults);
    expect(faultsOf(better)).toEqual([]);
    expect(better.stair.map(({ beats }) => beats)).toEqual([
      [[{ do: "mark", ink: "sun", numbers: ["6"] }]],
      [],
    ]);
  });

  test("a problem, a card and a number to be put in order that are gone are pointed out", () => {
    const beats = (...moves: Move[]) => moves.map((move) => [move]);
    const { problems, cards, order } = KINDS;
    const board = {
      ...newBoard("b", "Board", startingChart("1-100")),
      views: [
        { ...problems.starts, id: "problems" },
        { ...cards.starts, id: "cards" },
        { ...order.starts, id: "order", numbers: ["12", "21", "102"] },
      ],
      stair: [
        {
          id: "a",
          ...WORDS,
          beats: beats(
            { do: "answer", view: "problems", problem: 3, says: "8" },
            { do: "sort-card", view: "cards", card: 1, family: 1 },
            { do: "tell-card", view: "cards", card: 2, on: true },
            { do: "put-in-order", view: "order", order: [2, 1, 0] },
            { do: "sign-between", view: "order", at: 1, sign: "<" },
          ),
        },
      ],
    } as Board;
    expect(faultsOf(board)).toEqual([]);
    const less = {
      ...board,
      views: [
        { ...problems.starts, id: "problems", items: problems.starts.items.slice(0, 3) },
        { ...cards.starts, id: "cards", families: 1, cards: cards.starts.cards.filter(({ id }) => id !== 2) },
        { ...order.starts, id: "order", numbers: ["12", "21"] },
      ],
    } as Board;
    const fewer = "There are more or fewer numbers to put in order now.";
    expect(faultsOf(less).map(({ beat, message }) => [beat, message])).toEqual([
      [0, "The problem that this is about is no longer on the board."],
      [1, "The family that this is about is no longer on the board."],
      [2, "The card that this is about is no longer on the board."],
      [3, fewer],
      [4, fewer],
    ]);
    expect(faultsOf(mended(less, faultsOf(less)))).toEqual([]);
  });

  test("whatever is left out, what is left makes sense", () => {
    fc.assert(
      fc.property(anyBoard, fc.integer({ min: 1, max: 4 }), (board, rows) => {
        const shorter = withView(board, { ...chartOf(board)!, until: { by: "rows", rows } });
        expect(faultsOf(mended(shorter, faultsOf(shorter)))).toEqual([]);
      }),
    );
  });
});
