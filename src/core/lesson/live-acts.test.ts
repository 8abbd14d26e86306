import { describe, expect, test } from "vitest";
import { MAX_JUMPS } from "../count/trail";
import { fold } from "../scene/fold";
import type { Act, Move } from "../scene/move";
import { EMPTY_SCENE } from "../scene/scene";
import { INKS } from "../set/ink";
import { ruleOf } from "../set/rule";
import { HUNDRED_SQUARES } from "../set/squares";
import { startingChart } from "../surface/starting-charts";
import * as z from "../zod";
import { act, extendAct, openBoard, sceneOf } from "./board-state";
import { MAX } from "./bounds";
import { canBeJoined, joinSteps, keepAsStep, removeStep, whyNotRecorded } from "./edit-stair";
import { LiveActs } from "./live-acts";
import { newBoard } from "./new-lesson";
import { MAX_TABLE_ROWS, movesOfTable } from "./number-table";
import { widthMoves } from "./shading-of";

const board = newBoard("board", "Board", startingChart("1-100"));
const touchOn = (number: number): Act => [[{ do: "mark", ink: "sun", numbers: [`${number}`] }]];
const isKept = (live: unknown) => LiveActs(z).safeParse(live).success;

describe("what is done live", () => {
  test("can be kept however long a sitting lasts: older acts are joined, and the board shows the same", () => {
    let state = openBoard(board);
    const touches = 2 * MAX.liveActs + 700;
    for (let i = 0; i < touches; i += 1) state = act(state, touchOn((i % 100) + 1));
    expect(isKept(state.live)).toBe(true);
    expect(state.live[0]!.length).toBeLessThanOrEqual(MAX.liveActs);
    expect(state.live[0]!.flat()).toHaveLength(touches);
    // The latest are acts of their own, as they have to be to be taken back one by one.
    expect(state.live[0]!.slice(-MAX.liveActs / 2)).toSatisfy((acts: Act[]) =>
      acts.every((one) => one.length === 1),
    );
    expect(sceneOf(state).laid.touched.size).toBe(100);
  });

  test("can be kept where steps are joined or removed that both have much", () => {
    const words = { title: "Step", question: "", answer: "" };
    let state = openBoard(board);
    for (const id of ["one", "two"]) state = keepAsStep(act(state, touchOn(id.length)), words, id);
    const full = Array.from({ length: MAX.liveActs }, () => touchOn(7));
    const much = { ...state, live: [full, full, full] };
    for (const edited of [joinSteps(much, 1), removeStep(much, 1)]) {
      expect(edited.board.stair).toHaveLength(1);
      expect(isKept(edited.live)).toBe(true);
      expect(edited.live.flat(2)).toHaveLength(3 * MAX.liveActs);
    }
  });

  test("becomes a step only where the step can be saved, and what cannot is said", () => {
    const words = { title: "Step", question: "", answer: "" };
    const begun = keepAsStep(act(openBoard(board), touchOn(1)), words, "one");
    const long = (beats: number) =>
      act(
        begun,
        Array.from({ length: beats }, () => touchOn(2)[0]!),
      );
    expect(whyNotRecorded(long(MAX.beatsInStep))).toBeNull();
    expect(whyNotRecorded(long(MAX.beatsInStep + 1))).toMatch(/^This is more than one step can hold\./);
    const full = keepAsStep(long(MAX.beatsInStep), words, "two").board;
    expect([canBeJoined(full, 1), canBeJoined(begun.board, 1)]).toEqual([false, false]);
    const small = keepAsStep(long(1), words, "two").board;
    expect(canBeJoined(small, 1)).toBe(true);
  });

  test("can be kept where much is done at one moment: a large table, a chart of another width", () => {
    const numbers = Array.from({ length: MAX_TABLE_ROWS }, (_, i) => `${i + 1}`);
    const table = {
      numbers: numbers.map((number) => ({ number, marks: [...INKS], covered: true })),
      fractions: false,
      wrong: [],
    };
    const chart = { ...startingChart("1-100"), id: "chart" };
    const scene = fold(EMPTY_SCENE, [
      ...INKS.flatMap((ink) =>
        ["1", "2", "3"].map((nth): Move => {
          const lane = { kind: "lane", lane: "row", nth, on: HUNDRED_SQUARES, not: false } as const;
          return { do: "mark", ink, numbers: ruleOf(lane) };
        }),
      ),
      ...INKS.map((ink): Move => ({ do: "mark", ink, numbers: ["77"] })),
      ...INKS.map((ink): Move => ({ do: "unmark", ink, numbers: ["5"] })),
    ]);
    const wide = widthMoves(chart, scene, 9);
    expect(wide.length).toBeGreaterThan(30);
    for (const beat of [movesOfTable(table, null), wide]) expect(isKept([[[beat]]])).toBe(true);
  });

  test("can be kept where one run of a count is as long as a trail may be", () => {
    let state = act(openBoard(board), [[{ do: "start", number: "0" }]]);
    for (let i = 0; i < MAX_JUMPS + 1; i += 1) state = extendAct(state, [[{ do: "jump", by: "1" }]]);
    expect(state.live[0]).toHaveLength(1);
    expect(isKept(state.live)).toBe(true);
  });
});
