import { describe, expect, test } from "vitest";
import { filesIn } from "../../../tests/support/demo-files";
import { kindOfView } from "../views/view";
import type { Board } from "./board";
import { openBoard, sceneOf, standOn } from "./board-state";
import { boardWith } from "./board-with";
import { readLesson } from "./read-lesson";
import { boardNumbers, placedOf } from "./views-of";
import { writeLessonFile } from "./write-lesson";

const filesOf = (folder: string) =>
  filesIn(folder).map(({ file, text }) => ({ file, document: JSON.parse(text) as Record<string, unknown> }));
const opened = (document: unknown) => {
  const read = readLesson(document);
  if (!read.ok) throw new Error(read.message);
  return read.lesson;
};

const countedInTens = (board: Board): Board => ({ ...board, count: { ...board.count, by: "10" } });
const gathered = (board: Board): Board => ({
  ...board,
  views: board.views.map((view) => (view.kind === "sentence" ? { ...view, form: "gathered" } : view)),
});
/** Boards that have been changed since, as they were. */
const WERE: Readonly<Record<string, (board: Board) => Board>> = {
  "How the chart is built": countedInTens,
  "Numbers grow down": countedInTens,
  "Numbers grow up": countedInTens,
  "Above and below": gathered,
};

describe("lessons of older versions, as their files were", () => {
  test.each([1, 2, 3, 4])(
    "those of version %i open, step by step, and are written as they are now",
    (version) => {
      const files = filesOf(`tests/fixtures/version-${version}`);
      expect(files.length).toBeGreaterThanOrEqual(3);
      for (const { file, document } of files) {
        expect([file, document.version]).toEqual([file, version]);
        const lesson = opened(document);
        expect(opened(JSON.parse(writeLessonFile("x", lesson)))).toEqual(lesson);
        for (const board of lesson.boards) {
          for (let level = 0; level <= board.stair.length; level += 1) {
            const scene = sceneOf(standOn(openBoard(board), level));
            const shown = boardWith(board, scene.settings);
            expect(placedOf(shown).length).toBeGreaterThan(0);
            const laidOut = shown.views.some((view) => kindOfView(view).surface !== undefined);
            if (laidOut) expect(boardNumbers(shown, scene).length).toBeGreaterThan(0);
          }
        }
      }
    },
  );

  test("the demo lessons are those of version 3, their views named", () => {
    for (const { file, document } of filesOf("tests/fixtures/version-3")) {
      const { document: now } = filesOf("demo").find((demo) => demo.file === file)!;
      // Sheets came later, and boards that recipes wrote.
      const { sheets: _, boards, ...then } = opened(now);
      const before = boards
        .filter(({ recipe }) => !recipe)
        .map((board) => WERE[board.title]?.(board) ?? board);
      expect(opened(document)).toEqual({ ...then, boards: before });
    }
  });

  test("what is about a view of version 3 names it afterwards, also in boards that were removed", () => {
    const { document } = filesOf("tests/fixtures/version-3").find(({ file }) => file.startsWith("9-"))!;
    const [first] = document.boards as object[];
    const moves = [
      { do: "slide", row: 3, column: 1 },
      { do: "wonder", side: "right" },
      { do: "work", problem: 0, by: "3" },
      { do: "cover-far", on: true },
      { do: "compare", sign: "<" },
      { do: "set", setting: { of: "arrows", is: { kind: "arrows", layFirst: true } } },
      { do: "look", view: "line", from: "0", to: "10" },
      { do: "draw" },
    ];
    const board = { ...first, opening: moves };
    const lesson = opened({ ...document, boards: [board], removed: [{ ...board, id: "gone" }] });
    const expected = [
      { view: "times", do: "slide", row: 3, column: 1 },
      { view: "times", do: "wonder", side: "right" },
      { view: "problems", do: "work", problem: 0, by: "3" },
      { view: "pairs", do: "cover-far", on: true },
      { view: "compare", do: "compare", sign: "<" },
      { do: "set", setting: { of: "view", is: { id: "arrows", kind: "arrows", layFirst: true } } },
      { do: "look", view: "line", from: "0", to: "10" },
      { do: "draw" },
    ];
    expect(lesson.boards[0]!.opening).toEqual(expected);
    expect(lesson.removed![0]!.opening).toEqual(expected);
    expect(lesson.boards[0]!.views.map(({ id, kind }) => [id, kind])).toEqual([
      ["times", "times"],
      ["trail", "trail"],
    ]);
  });
});
