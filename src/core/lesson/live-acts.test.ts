import { describe, expect, test } from "vitest";
import { MAX_JUMPS } from "../count/trail";
import type { Act } from "../scene/move";
import { startingChart } from "../surface/starting-charts";
import * as z from "../zod";
import { act, extendAct, openBoard, sceneOf } from "./board-state";
import { MAX } from "./bounds";
import { LiveActs } from "./live-acts";
import { newBoard } from "./new-lesson";

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

  test("can be kept where one run of a count is as long as a trail may be", () => {
    let state = act(openBoard(board), [[{ do: "start", number: "0" }]]);
    for (let i = 0; i < MAX_JUMPS + 1; i += 1) state = extendAct(state, [[{ do: "jump", by: "1" }]]);
    expect(state.live[0]).toHaveLength(1);
    expect(isKept(state.live)).toBe(true);
  });
});
