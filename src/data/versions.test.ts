import fc from "fast-check";
import { beforeEach, describe, expect, test, vi } from "vitest";
import { newBoard, newLesson } from "../core/lesson/new-lesson";
import { MAX_VERSIONS, thinned } from "../core/lesson/thin";
import { startingChart } from "../core/surface/starting-charts";
import { type Database, openDatabase } from "./database";
import { addLesson, findLesson, saveLesson, setRemoved } from "./lessons";
import { findVersion, restoreVersion, versionsOf } from "./versions";

const lesson = (title: string) =>
  newLesson({ title, forClass: "" }, newBoard("b", "Board 1", startingChart("1-24")));
const MINUTE = 60_000;
const DAY = 24 * 60 * MINUTE;

let db: Database;
let revision: number;
beforeEach(async () => {
  db = await openDatabase("file::memory:");
  vi.useFakeTimers({ now: Date.UTC(2026, 8, 1, 17), toFake: ["Date"] });
  await addLesson(db, "a", lesson("As it was made"), new Date());
  revision = 1;
  return () => vi.useRealTimers();
});

async function save(title: string, minutesLater: number) {
  vi.setSystemTime(Date.now() + minutesLater * MINUTE);
  const answer = await saveLesson(db, "a", { basedOn: revision, saveName: title, lesson: lesson(title) });
  expect(answer.kind).toBe("saved");
  revision += 1;
}
const titles = async () => {
  const all = await versionsOf(db, "a");
  const read = await Promise.all(all.map(({ id }) => findVersion(db, "a", id)));
  return read.map((one) => (one?.ok ? one.lesson.title : null));
};
const title = async () => {
  const kept = await findLesson(db, "a");
  return kept?.read.ok ? kept.read.lesson.title : null;
};

describe("versions", () => {
  test("a clock that was wrong, years behind or ahead, loses none", async () => {
    await save("The clock was right", 24 * 60);
    await save("The clock is years behind", -24 * 365 * 24 * 60);
    await save("The clock is years ahead", 34 * 365 * 24 * 60);
    await save("Saved once more", 1);
    await save("The clock is right again", -10 * 365 * 24 * 60);
    expect((await titles()).toSorted()).toEqual([
      "As it was made",
      "Saved once more",
      "The clock is years behind",
      "The clock was right",
    ]);
  });

  test("each time of preparing leaves one, however often it was saved meanwhile", async () => {
    await save("First evening, begun", 1);
    await save("First evening, done", 20);
    await save("Second evening, begun", 24 * 60);
    await save("Second evening, done", 5);
    expect(await titles()).toEqual(["First evening, done", "As it was made"]);
    await save("Third evening", 7 * 24 * 60);
    expect(await titles()).toEqual(["Second evening, done", "First evening, done", "As it was made"]);
  });

  test("restoring gives that version, and can be taken back", async () => {
    await save("Better", 60);
    const { id } = (await versionsOf(db, "a"))[0]!;
    expect(await restoreVersion(db, "a", id, "window")).toBe(true);
    expect(await title()).toBe("As it was made");
    const [latest] = await versionsOf(db, "a");
    expect(await restoreVersion(db, "a", latest!.id, "window")).toBe(true);
    expect(await title()).toBe("Better");
    // A save from a window that does not know of the restored version is stale, and changes nothing.
    const answer = await saveLesson(db, "a", { basedOn: revision, saveName: "late", lesson: lesson("Late") });
    expect(answer.kind).toBe("stale");
    expect(await title()).toBe("Better");
  });

  test("of another lesson, of a removed one, or of none there is nothing to restore", async () => {
    await save("Better", 60);
    const { id } = (await versionsOf(db, "a"))[0]!;
    await addLesson(db, "b", lesson("Another"));
    expect(await restoreVersion(db, "b", id, "w")).toBe(false);
    expect(await restoreVersion(db, "a", 999, "w")).toBe(false);
    await setRemoved(db, "a", true);
    expect(await restoreVersion(db, "a", id, "w")).toBe(false);
    expect(await versionsOf(db, "b")).toEqual([]);
  });
});

test("versions are thinned with time: all of two weeks, one a day for three months, one a week after that", () => {
  const now = Date.UTC(2026, 8, 1, 17);
  fc.assert(
    fc.property(fc.array(fc.integer({ min: 0, max: 900 * 24 * 60 }), { maxLength: 300 }), (minutes) => {
      const times = [...new Set(minutes.map((ago) => now - ago * MINUTE))];
      const kept = thinned(times, now);
      expect(kept.length).toBeLessThanOrEqual(MAX_VERSIONS);
      expect(kept).toEqual(kept.toSorted((a, b) => b - a));
      // Thinning again removes nothing; the latest always stays.
      expect(thinned(kept, now)).toEqual(kept);
      if (times.length > 0) expect(kept[0]).toBe(Math.max(...times));
      const recent = times.filter((at) => now - at <= 14 * DAY);
      if (recent.length <= MAX_VERSIONS) expect(recent.every((at) => kept.includes(at))).toBe(true);
      const days = kept
        .filter((at) => now - at > 14 * DAY && now - at <= 90 * DAY)
        .map((at) => Math.floor(at / DAY));
      expect(new Set(days).size).toBe(days.length);
    }),
    { numRuns: 200 },
  );
});
