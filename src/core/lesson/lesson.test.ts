import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { anyMove } from "../../../tests/support/any-move";
import { startingChart } from "../surface/starting-charts";
import { openBoard, sceneOf, standOn } from "./board-state";
import { FORMAT, type Lesson } from "./lesson";
import { newBoard, newLesson } from "./new-lesson";
import { readLesson, upgrade, writeLesson } from "./read-lesson";
import { boardHolds, chartOf, trailOf, withView } from "./views-of";

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
        start: fc.constantFrom("1-100", "0-99", "1-120", "1-20"),
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
      newLesson({ title: "Posts", forClass: "" }, newBoard("b", "Board", startingChart("1-20"))),
    ) as never,
  );

describe("the lesson file", () => {
  test("survives a round trip", () => {
    fc.assert(
      fc.property(anyLesson, (lesson) => {
        expect(readLesson(JSON.parse(writeLesson(lesson)))).toEqual({ ok: true, lesson });
      }),
    );
  });

  test.each([
    ["nothing", null, /not a Yellow Stair lesson/],
    ["another file", { format: "a picture" }, /not a Yellow Stair lesson/],
    ["a newer lesson", file((l) => ({ ...l, version: 99 })), /newer Yellow Stair/],
    ["no title", file((l) => ({ ...l, title: " " })), /at title. Give the lesson a title/],
    ["no boards", file((l) => ({ ...l, boards: [] })), /at boards. A lesson needs a board/],
    [
      "a view that is none",
      file((l) => ({ ...l, boards: [{ ...(l.boards as object[])[0]!, views: [{ kind: "clock" }] }] })),
      /boards › 1 › views › 1/,
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
  const board = newBoard("b", "Board", startingChart("1-20"));
  test("are found by their kind and replaced in place", () => {
    expect(chartOf(board)).toEqual(startingChart("1-20"));
    expect(trailOf(board)?.sentence).toBe(true);
    expect(chartOf(withView(board, startingChart("0-99")))).toEqual(startingChart("0-99"));
    const bare = { ...board, views: [startingChart("1-20")] };
    expect(withView(bare, { kind: "trail", numbers: true, sentence: false, ones: false }).views).toHaveLength(
      2,
    );
  });

  test("hold the numbers of their chart", () => {
    expect(["1", "20", "21", "0", "1.5"].map(boardHolds(board))).toEqual([true, true, false, false, false]);
  });
});

describe("the demo lessons", () => {
  const folder = join(process.cwd(), "demo");
  const demos = readdirSync(folder).map((name) => ({ name, text: readFileSync(join(folder, name), "utf8") }));

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
      for (const { question, answer } of board.stair) expect([question, answer].every(Boolean)).toBe(true);
    }
  });

  test("mark, cover and count only what their charts hold", () => {
    for (const { name, text } of demos) {
      const read = readLesson(JSON.parse(text));
      for (const board of read.ok ? read.lesson.boards : []) {
        const top = sceneOf(standOn(openBoard(board), board.stair.length));
        const named = [...top.marks.keys(), ...top.covers, ...(top.focus ? [top.focus] : [])];
        expect([name, named.filter((number) => !boardHolds(board)(number))]).toEqual([name, []]);
      }
    }
  });
});
