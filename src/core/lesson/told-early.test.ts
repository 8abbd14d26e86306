import { describe, expect, test } from "vitest";
import { numbersInText } from "../number/numbers-in-text";
import type { Beat } from "../scene/move";
import { ALL } from "../set/rule";
import { startingChart } from "../surface/starting-charts";
import type { ViewId } from "../views/view-id";
import type { Board, Step } from "./board";
import { newBoard } from "./new-lesson";
import { toldEarly } from "./told-early";

const chart = newBoard("b", "Board", startingChart("1-100"));
const told = (beats: Beat[], words: Partial<Step> = {}, board: Board = chart) => {
  const step = { id: "s", title: "A step", question: "27 + 8 = ?", answer: "35", ...words };
  return toldEarly({ ...board, stair: [{ ...step, beats: beats as Step["beats"] }] }, 1);
};
const jumped: Beat[] = [[{ do: "start", number: "27" }], [{ do: "jump", by: "8" }]];

describe("what a step tells before the class has answered", () => {
  test("a landing, a mark, and a number that is lifted or written", () => {
    expect(told(jumped)).toEqual(["35"]);
    expect(told([[{ do: "mark", ink: "sun", numbers: ["35"] }]])).toEqual(["35"]);
    expect(told([[{ do: "write", number: "35", says: "35" }]])).toEqual(["35"]);
    const covered: Board = { ...chart, opening: [{ do: "cover", numbers: ["35"] }] };
    expect(told([[{ do: "lift", numbers: ["35"] }]], {}, covered)).toEqual(["35"]);
  });

  test("nothing, where it asks first, asks nothing, or has another answer", () => {
    expect(told(jumped, { asks: "first" })).toEqual([]);
    expect(told(jumped, { question: "" })).toEqual([]);
    expect(told(jumped, { question: "Read the number that we landed on." })).toEqual([]);
    expect(told(jumped, { answer: "7 more" })).toEqual([]);
    expect(told(jumped, { answer: "35, since 30 + 5 = 35" })).toEqual([]);
    expect(told(jumped, { question: "27 + 8 = 35. Is it right?", answer: "Yes, 35" })).toEqual([]);
  });

  test("how long a jump is and how many there are, where a view says it", () => {
    const many: Beat[] = [
      [{ do: "start", number: "0" }],
      [{ do: "jump", by: "5" }],
      [{ do: "jump", by: "5" }],
      [{ do: "jump", by: "5" }],
    ];
    const asks = { question: "How many fives make 15?", answer: "3" };
    expect(told(many, asks)).toEqual(["3"]);
    expect(told([[{ do: "hide", view: "trail" as ViewId }], ...many], asks)).toEqual([]);
    expect(told(jumped, { question: "How far is it from 27 to 35?", answer: "8" })).toEqual(["8"]);
    // Jumps of the step before are there already.
    const words = { title: "A step", question: "", answer: "" };
    const stair = [
      { ...words, id: "one", beats: many as Step["beats"] },
      {
        ...words,
        ...asks,
        id: "two",
        beats: [[{ do: "mark", ink: "sun", numbers: ["7"] }]] as Step["beats"],
      },
    ];
    expect(toldEarly({ ...chart, stair }, 2)).toEqual([]);
  });

  test("nothing that stays covered, and no number among many", () => {
    const covered: Board = { ...chart, opening: [{ do: "cover", numbers: ["35"] }] };
    expect(told(jumped, {}, covered)).toEqual([]);
    expect(told([[{ do: "mark", ink: "sun", numbers: ALL }]])).toEqual([]);
  });

  test("every number of a longer answer has to be told", () => {
    const sixes = told([[{ do: "mark", ink: "sun", numbers: ["6", "12", "18"] }]], {
      question: "Which posts have a lamp?",
      answer: "6, 12 and 18",
    });
    expect(sixes).toEqual(["6", "12", "18"]);
  });

  test("numbers are found in a text as they are typed", () => {
    expect([...numbersInText("−3.5 metres, 1¼ or 5,000: 8 × 6 = 48.")].sort()).toEqual(
      ["1.25", "3.5", "48", "5000", "6", "8"].sort(),
    );
    expect([...numbersInText("No number")]).toEqual([]);
  });
});
