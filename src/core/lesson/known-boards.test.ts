import fc from "fast-check";
import { expect, test } from "vitest";
import { demoFiles } from "../../../tests/support/demo-files";
import { readLesson } from "./read-lesson";

const memory = () => {
  const texts = new Set<string>();
  return { texts, has: (text: string) => texts.has(text), add: (text: string) => void texts.add(text) };
};
type Written = { title: unknown; boards: Record<string, unknown>[] };
const demos = demoFiles().map(({ text }) => text);
const demo = (at: number): Written => JSON.parse(demos[at]!);

/** How a board may change between two saves. */
const CHANGES: readonly ((board: Record<string, unknown>) => unknown)[] = [
  (board) => board,
  (board) => ({ ...board, title: "Another title" }),
  (board) => ({ ...board, title: " Spaces around it " }),
  (board) => ({ ...board, title: "" }),
  (board) => ({ ...board, views: [] }),
  (board) => ({ ...board, unheard: "of" }),
  (board) => Object.fromEntries(Object.entries(board).reverse()),
  (board) => ({ ...board, stair: [{ title: "A step", question: "", answer: "", id: "new", beats: [] }] }),
  () => null,
  () => "a board",
];
const change = fc.constantFrom(...CHANGES);

test("what is known of a lesson's boards changes nothing of how it is read, save after save", () => {
  const saves = fc.array(fc.record({ board: fc.nat(), change, title: fc.constantFrom("Posts", "", 7) }), {
    minLength: 1,
    maxLength: 6,
  });
  fc.assert(
    fc.property(fc.nat({ max: demos.length - 1 }), saves, (at, all) => {
      const known = memory();
      let lesson = demo(at);
      for (const { board, change, title } of all) {
        const boards = lesson.boards.map((one, i) =>
          i === board % lesson.boards.length ? change(one) : one,
        );
        const save = JSON.stringify({ ...lesson, title, boards });
        const read = readLesson(JSON.parse(save), known);
        expect(read).toEqual(readLesson(JSON.parse(save)));
        if (read.ok) lesson = read.lesson as unknown as Written;
      }
    }),
  );
});

test("a board is checked once, and again when it has changed", () => {
  const known = memory();
  const first = readLesson(demo(0), known);
  if (!first.ok) throw new Error(first.message);
  const { lesson } = first;
  const checked: string[] = [];
  const counting = { has: known.has, add: (text: string) => void checked.push(JSON.parse(text).id) };
  expect(readLesson(structuredClone(lesson), counting).ok).toBe(true);
  // If all are known, only the first is checked, along with the rest of the lesson.
  expect(checked).toEqual([lesson.boards[0]!.id]);
  checked.length = 0;
  const last = lesson.boards.length - 1;
  const changed = lesson.boards.map((board, i) => (i === last ? { ...board, title: "Changed" } : board));
  expect(readLesson({ ...lesson, boards: changed }, counting).ok).toBe(true);
  expect(checked).toEqual([lesson.boards[last]!.id]);
});

test("what a board must not hold is left out each time, and never taken as known", () => {
  const known = memory();
  const lesson = demo(0);
  const odd = { ...lesson, boards: lesson.boards.map((board) => ({ ...board, unheard: "of" })) };
  for (let time = 0; time < 3; time += 1) {
    const read = readLesson(structuredClone(odd), known);
    expect(JSON.stringify(read)).not.toContain("unheard");
  }
  expect([...known.texts].join()).not.toContain("unheard");
});
