import { expect, test } from "vitest";
import { whereWords } from "../core/lesson/where-words";
import { openDatabase } from "./database";
import { endSitting, keepSitting, lastStood, sittingsOf } from "./sittings";

const at = (minute: number) => new Date(2026, 8, 1, 9, minute);
const stood = (forClass: string, climbed: number) => ({
  forClass,
  board: "b2",
  climbed,
  whereabouts: JSON.stringify({ at: "b2", climbed }),
});

test("a class has one sitting of a lesson, and each class its own", async () => {
  const db = await openDatabase("file::memory:");
  await keepSitting(db, "lesson", stood("Heron class", 2), at(1));
  await keepSitting(db, "lesson", stood("Tern class", 5), at(2));
  await keepSitting(db, "other", stood("Heron class", 7), at(3));
  await keepSitting(db, "lesson", stood("Heron class", 4), at(4));
  const told = (await sittingsOf(db, "lesson")).map(({ forClass, climbed }) => [forClass, climbed]);
  expect(told).toEqual([
    ["Heron class", 4],
    ["Tern class", 5],
  ]);
  expect((await lastStood(db, ["lesson", "other"])).get("lesson")).toMatchObject({
    forClass: "Heron class",
    climbed: 4,
    changedAt: at(4),
  });
  await endSitting(db, "lesson", "Heron class");
  expect((await sittingsOf(db, "lesson")).map(({ forClass }) => forClass)).toEqual(["Tern class"]);
  expect((await lastStood(db, ["lesson", "other"])).get("other")?.climbed).toBe(7);
});

test("where a lesson stands is said by board and step, as far as they are still there", () => {
  const board = (id: string, steps: number) => ({ id, stair: Array.from({ length: steps }, () => ({})) });
  const lesson = { boards: [board("b1", 3), board("b2", 2)] } as never;
  expect(whereWords(lesson, "b2", 1)).toBe("step 1 of board 2");
  expect(whereWords(lesson, "b2", 9)).toBe("step 2 of board 2");
  expect(whereWords(lesson, "b1", 0)).toBe("the start of board 1");
  expect(whereWords(lesson, "gone", 1)).toBeNull();
  expect(whereWords({ boards: [board("b1", 3)] } as never, "b1", 3)).toBe("step 3");
});
