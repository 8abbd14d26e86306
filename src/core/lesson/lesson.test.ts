import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { anyMove } from "../../../tests/support/any-move";
import { demoFiles } from "../../../tests/support/demo-files";
import { NEW_COUNT } from "../count/count-settings";
import { numberSentence } from "../count/number-sentence";
import { seedOf } from "../puzzle/draw";
import { overlapsOf, overlapWords } from "../scene/overlap";
import { markedAmong } from "../scene/scene";
import { numberOf } from "../surface/cell-key";
import { startingChart } from "../surface/starting-charts";
import { KINDS } from "../views/kinds";
import { openBoard, sceneOf, standOn } from "./board-state";
import { FORMAT, VERSION } from "./bounds";
import { addView, withView } from "./edit-views";
import type { Lesson } from "./lesson";
import { newBoard, newLesson } from "./new-lesson";
import { verdictOn } from "./put-puzzle";
import { readLesson, upgrade } from "./read-lesson";
import { boardHolds, boardNumbers, chartOf, trailOf } from "./views-of";
import { writeLessonFile } from "./write-lesson";

const words = fc
  .string({ minLength: 1, maxLength: 40 })
  .map((text) => text.trim())
  .filter((text) => text !== "");
const anyLesson: fc.Arbitrary<Lesson> = fc
  .record({
    title: words,
    forClass: fc.constantFrom("", "Heron class", "Tern class"),
    boards: fc.array(
      fc.record({
        title: words,
        start: fc.constantFrom("1-100", "0-99", "1-120", "1-24"),
        opening: fc.array(anyMove, { maxLength: 5 }),
        beats: fc.array(fc.array(fc.array(anyMove, { minLength: 1, maxLength: 3 }), { maxLength: 5 }), {
          maxLength: 5,
        }),
      }),
      { minLength: 1, maxLength: 3 },
    ),
  })
  .map(({ boards, ...words }) => ({
    ...newLesson(words, newBoard("x", "x", startingChart("1-100"))),
    boards: boards.map(({ title, start, opening, beats }, b) => ({
      ...newBoard(`b${b}`, title, startingChart(start)),
      opening,
      stair: beats.map((moves, s) => ({
        id: `s${s}`,
        title: "Step",
        question: "Why?",
        answer: "",
        beats: moves,
      })),
    })),
  }));

const file = (change: (lesson: Record<string, unknown>) => unknown) =>
  change(
    structuredClone(
      newLesson({ title: "Posts", forClass: "" }, newBoard("b", "Board", startingChart("1-24"))),
    ) as never,
  );

const NEW_TRAIL = KINDS.trail.starts;

describe("the lesson file", () => {
  test("survives a round trip", () => {
    fc.assert(
      fc.property(anyLesson, (lesson) => {
        expect(readLesson(JSON.parse(writeLessonFile("x", lesson)))).toEqual({ ok: true, lesson });
      }),
    );
  });

  test.each([
    ["nothing", null, /not a Yellow Stair lesson/],
    ["another file", { format: "a picture" }, /not a Yellow Stair lesson/],
    ["a newer lesson", file((l) => ({ ...l, version: 99 })), /newer Yellow Stair/],
    ["no title", file((l) => ({ ...l, title: " " })), /In title: Give the lesson a title/],
    ["no boards", file((l) => ({ ...l, boards: [] })), /This lesson cannot be read. A lesson needs a board/],
    [
      "a view that is none",
      file((l) => ({ ...l, boards: [{ ...(l.boards as object[])[0]!, views: [{ kind: "clock" }] }] })),
      /This lesson cannot be read. In board 1, view 1: “clock” is not a view that this Yellow Stair knows/,
    ],
    [
      "far too many boards",
      file((l) => ({ ...l, boards: Array(41).fill((l.boards as never[])[0]) })),
      /room for 40 boards/,
    ],
  ])("refuses %s with what is wrong", (_, value, message) => {
    const read = readLesson(value);
    expect(!read.ok && read.message).toMatch(message);
  });

  test("nothing read throws", () => {
    fc.assert(
      fc.property(fc.anything(), (value) => {
        expect(readLesson(value).ok).toBe(false);
      }),
    );
  });

  test("numbers in moves are brought to their one text", () => {
    const lesson = file((l) => ({
      ...l,
      boards: [{ ...(l.boards as object[])[0]!, opening: [{ do: "cover", numbers: ["3/4", "007"] }] }],
    }));
    const read = readLesson(lesson);
    expect(read.ok && read.lesson.boards[0]!.opening).toEqual([{ do: "cover", numbers: ["0.75", "7"] }]);
  });

  test("older versions are brought up to date one version at a time", () => {
    const upgrades = {
      1: (old: Record<string, unknown>) => ({ ...old, name: old.title }),
      2: (old: Record<string, unknown>) => ({ ...old, name: `${old.name}!` }),
    };
    expect(upgrade({ format: FORMAT, version: 1, title: "Posts" }, 3, upgrades)).toMatchObject({
      version: 3,
      name: "Posts!",
    });
    expect(upgrade({ version: 3 }, 3, upgrades)).toEqual({ version: 3 });
    expect(() => upgrade({ version: 1 }, 3, { 1: upgrades[1] })).toThrow("No upgrade from lesson version 2.");
  });
});

describe("the views of a board", () => {
  const board = newBoard("b", "Board", startingChart("1-24"));
  test("are found by their kind and replaced in place", () => {
    expect(chartOf(board)).toEqual({ ...startingChart("1-24"), id: "chart" });
    expect(trailOf(board)?.sentence).toBe(true);
    const other = { ...startingChart("0-99"), id: "chart" };
    expect(chartOf(withView(board, other))).toEqual(other);
    const bare = { ...board, views: [other] };
    expect(addView(bare, { ...NEW_TRAIL, sentence: false, ones: false }).views).toHaveLength(2);
  });

  test("hold the numbers of their chart", () => {
    expect(["1", "24", "25", "0", "1.5"].map(boardHolds(board))).toEqual([true, true, false, false, false]);
  });
});

describe("the demo lessons", () => {
  const demos = demoFiles().map(({ file, text }) => ({ name: file, text }));

  test("are at least three, and all can be read", () => {
    expect(demos.length).toBeGreaterThanOrEqual(3);
    for (const { name, text } of demos) expect([name, readLesson(JSON.parse(text)).ok]).toEqual([name, true]);
  });

  test("Lamps on the jetty has three boards, each with five steps or more, asked and answered", () => {
    const read = readLesson(JSON.parse(demos.find(({ name }) => name.includes("lamps"))!.text));
    const boards = read.ok ? read.lesson.boards : [];
    expect(boards).toHaveLength(3);
    for (const board of boards) {
      expect(board.stair.length).toBeGreaterThanOrEqual(5);
      const asked = board.stair.filter(({ question, answer }) => question && answer);
      expect(asked.length).toBeGreaterThanOrEqual(5);
    }
  });

  test("mark, cover and count only what their charts hold", () => {
    for (const { name, text } of demos) {
      const read = readLesson(JSON.parse(text));
      for (const board of read.ok ? read.lesson.boards : []) {
        const top = sceneOf(standOn(openBoard(board), board.stair.length));
        const named = [...top.laid.touched.keys(), ...top.written.keys(), ...(top.focus ? [top.focus] : [])];
        expect([name, named.filter((number) => !boardHolds(board)(numberOf(number)))]).toEqual([name, []]);
      }
    }
  });

  const demo = (part: string) => {
    const read = readLesson(JSON.parse(demos.find(({ name }) => name.includes(part))!.text));
    if (!read.ok) throw new Error(read.message);
    return read.lesson;
  };

  test("Two patterns: what it says of lamps and rings is what its rules hold", () => {
    const board = demo("two-patterns").boards[0]!;
    const scene = sceneOf(standOn(openBoard(board), 2));
    const numbers = boardNumbers(board, scene);
    expect(overlapsOf(scene, numbers).map(overlapWords)).toEqual([
      "24, 54 and 84 have both marks, sun and sea.",
    ]);
    expect(numbers.length - markedAmong(scene, numbers).length).toBe(77);
  });

  test("Arrows on the jetty: the sentence of each route is its answer", () => {
    for (const board of demo("arrows").boards) {
      const trail = sceneOf(standOn(openBoard(board), 4)).trail!;
      const said = numberSentence(trail)!.map(({ text }) => text);
      expect(said.join(" ")).toBe(board.stair[2]!.answer);
      expect(trail.end).toBe(board.stair[1]!.answer);
    }
  });

  test("Crates in the hold: each puzzle has one answer, the one that its step gives", () => {
    const board = demo("crates-in-the-hold").boards[1]!;
    const asked = board.stair.flatMap(({ answer }, i) => {
      const verdict = verdictOn(board, sceneOf(standOn(openBoard(board), i + 1)));
      return verdict ? [[answer, verdict]] : [];
    });
    expect(asked).toEqual([
      ["48", { kind: "one", answer: 48 }],
      ["40", { kind: "one", answer: 40 }],
    ]);
  });
});

describe("a lesson of the first version", () => {
  test("is brought up to date: its charts keep their rows, and its boards get a seed", () => {
    const chart = { kind: "chart", first: "1", difference: "1", columns: 10, rows: 12 };
    const trail = { kind: "trail", numbers: true, sentence: false, ones: true };
    const count = { by: "6", from: "0", way: "back", every: 2 };
    const board = {
      id: "b",
      title: "Posts",
      views: [chart, trail],
      count,
      climbEvery: 0.8,
      opening: [],
      stair: [],
    };
    const read = readLesson({ format: FORMAT, version: 1, title: "Old", forClass: "", boards: [board] });
    expect(read.ok && read.lesson).toMatchObject({
      version: VERSION,
      boards: [
        {
          views: [{ ...startingChart("1-120") }, { ...NEW_TRAIL, sentence: false }],
          count: { ...NEW_COUNT, ...count },
          fill: { by: "keypad" },
          seed: seedOf("b"),
        },
      ],
    });
  });

  test("that is broken is refused, and does not throw", () => {
    for (const boards of [null, "none", [null], [{ views: "no" }], [{ views: [null], count: 7 }]]) {
      expect(readLesson({ format: FORMAT, version: 1, title: "Old", forClass: "", boards }).ok).toBe(false);
    }
  });
});
