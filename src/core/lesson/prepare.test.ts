import { describe, expect, test } from "vitest";
import { NEW_COUNT } from "../count/count-settings";
import type { Move } from "../scene/move";
import { startingChart } from "../surface/starting-charts";
import { startingLine } from "../surface/starting-lines";
import type { View } from "../views/view";
import type { Board } from "./board";
import { act, backToStep, openBoard, sceneOf } from "./board-state";
import { boardWith } from "./board-with";
import { keepAsOpening, keepAsStep } from "./edit-stair";
import { withMain, withView } from "./edit-views";
import { newBoard } from "./new-lesson";
import { prepareSetting, prepareView } from "./prepare";
import { lookOf } from "./views-of";

const board = newBoard("b", "Board", startingChart("1-100"));
const threes = { ...NEW_COUNT, by: "3" };
const set: Move = { do: "set", setting: { of: "count", is: threes } };
const live = (on: Board, ...moves: Move[]) => act(openBoard(on), [moves]);
const countOf = (state: ReturnType<typeof openBoard>) =>
  boardWith(state.board, sceneOf(state).settings).count.by;

describe("what is set in class", () => {
  test("is live: the board as prepared is untouched, and comes back", () => {
    const state = live(board, set);
    expect([state.board, countOf(state), countOf(backToStep(state))]).toEqual([board, "3", "2"]);
  });

  test("is kept where it is kept: in a step, or as what the board is set to", () => {
    const step = keepAsStep(live(board, set), { title: "Threes", question: "", answer: "" }, "s");
    expect([step.board.count.by, countOf(step), countOf({ ...step, climbed: 0 })]).toEqual(["2", "3", "2"]);
    const opened = keepAsOpening(live(board, set, { do: "mark", ink: "sun", numbers: ["3"] }));
    expect([opened.board.count.by, opened.board.opening.length, countOf(opened)]).toEqual(["3", 1, "3"]);
  });

  test("gives way to what is prepared after it; a step that sets the same is set over", () => {
    const sixes = { of: "count", is: { ...NEW_COUNT, by: "6" } } as const;
    const prepared = prepareSetting(live(board, set), sixes);
    expect([prepared.board.count.by, countOf(prepared), prepared.live.flat()]).toEqual(["6", "6", []]);
    const step = keepAsStep(live(board, set), { title: "Threes", question: "", answer: "" }, "s");
    const over = prepareSetting(step, sixes);
    expect([over.board.count.by, countOf(over), countOf({ ...over, climbed: 0 })]).toEqual(["2", "6", "2"]);
  });
});

describe("a view set up anew", () => {
  const line = { ...startingLine("0-100"), id: "line" };
  const onLine = withMain(board, line);
  const span = (state: ReturnType<typeof openBoard>) => {
    const view = state.board.views.find((one) => one.kind === "line");
    if (view?.kind !== "line") throw new Error("There is no line.");
    const { from, to } = lookOf(view, sceneOf(state));
    return [from.valueOf(), to.valueOf()];
  };
  const slid: Move = { do: "look", view: "line", from: "30", to: "130" };

  test("a line that was slid shows its new ends, and stays slid where its ends are the same", () => {
    const tens = { ...startingLine("-10-10"), id: "line" };
    expect(span(prepareView(live(onLine, slid), tens))).toEqual([-10, 10]);
    expect(span(prepareView(live(onLine, slid), { ...line, unit: "m" }))).toEqual([30, 130]);
    const inStep = keepAsStep(live(onLine, slid), { title: "On", question: "", answer: "" }, "s");
    expect(span(prepareView(inStep, tens))).toEqual([-10, 10]);
  });

  test("two numbers of which one is another have no sign between them", () => {
    const compare: View = { id: "compare", kind: "compare", a: "25", b: "12" };
    const state = live(withView(board, compare), { do: "compare", view: "compare", sign: ">" });
    expect(sceneOf(prepareView(state, { ...compare, a: "12", b: "25" })).signs.compare ?? null).toBeNull();
    expect(sceneOf(prepareView(state, { ...compare, a: "25.0" })).signs.compare).toBe(">");
  });

  test("a problem that is another has no answer yet; the others keep theirs", () => {
    const problems: View = {
      id: "problems",
      kind: "problems",
      items: ["8 − 3 = ?", "6 + 7 = ?"],
      check: "at-once",
    };
    const answer = (problem: number, says: string): Move => ({
      do: "answer",
      view: "problems",
      problem,
      says,
    });
    const state = live(withView(board, problems), answer(0, "5"), answer(1, "13"));
    const next = prepareView(state, { ...problems, items: ["9 − 3 = ?", "6 + 7 = ?"] });
    expect([...sceneOf(next).work.problems!.done.keys()]).toEqual([1]);
  });
});
