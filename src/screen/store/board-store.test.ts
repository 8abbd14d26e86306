import { describe, expect, test, vi } from "vitest";
import { NEW_COUNT } from "@/core/count/count-settings";
import { sceneOf, stepAsked } from "@/core/lesson/board-state";
import { VERSION } from "@/core/lesson/bounds";
import { inksAt } from "@/core/scene/scene";
import { say } from "@/kit/messages";
import { cover, openStore, step } from "../../../tests/support/open-store";
import { covered, marked, seen } from "../../../tests/support/seen";
import { createBoardStore } from "./board-store";
import { lessonOf, sameLesson } from "./lesson-of";
import { boardNow, boardStateOf, sceneNow } from "./on-show";
import { sayDone } from "./say-done";
import { settingUp } from "./setting-up";

vi.mock("@/kit/messages", () => ({ say: vi.fn() }));

describe("the hand on the board", () => {
  test("counting by touch marks, and the trail goes along", () => {
    const { scene, touch } = openStore();
    for (const number of ["6", "12", "18", "20", "24"]) touch(number);
    expect(marked(scene())).toEqual(["6", "12", "18", "20", "24"]);
    expect(scene().trail?.end).toBe("24");
    expect(scene().focus).toBe("24");
  });

  test("a second touch takes the mark off, and the count goes back with it", () => {
    const { scene, touch } = openStore();
    for (const number of ["6", "12", "12"]) touch(number);
    expect([marked(scene()), scene().trail?.end]).toEqual([["6"], "6"]);
  });

  test("a drag is taken back in one, and lays or takes off as it began", () => {
    const { store, scene, touch } = openStore();
    touch("3", "4", "5");
    expect(marked(scene()).length).toBe(3);
    touch("4", "5", "6");
    expect(marked(scene())).toEqual(["3"]);
    store.getState().takeBack();
    store.getState().takeBack();
    expect(marked(scene()).length).toBe(0);
    store.getState().doAgain();
    expect(marked(scene()).length).toBe(3);
  });

  test("a drag that begins where nothing is to lift is still one act of its own", () => {
    const { store, scene, touch, live } = openStore();
    store.getState().choose("cover");
    touch("7", "8");
    store.getState().choose("lift");
    touch("6", "7", "8");
    expect([covered(scene()).length, live().length]).toEqual([0, 2]);
    store.getState().takeBack();
    expect(covered(scene())).toEqual(["7", "8"]);
  });

  test("two fingers at once each do their own, one laying and one taking off", () => {
    const { store, scene, touch } = openStore();
    touch("50", "51", "52");
    const { beginSweep, sweepOver, endSweep } = store.getState();
    beginSweep("1", 1);
    beginSweep("50", 2);
    sweepOver("2", 1);
    sweepOver("51", 2);
    endSweep(2);
    sweepOver("3", 1);
    sweepOver("52", 2);
    expect(marked(scene())).toEqual(["1", "2", "3", "52"]);
  });

  test("slides of one view are taken back as one, those of another by themselves", () => {
    const { store, scene } = openStore();
    const slide = (view: string, row: number) => store.getState().slideTo(view, { row, column: 1 });
    slide("near", 2);
    slide("near", 3);
    slide("far", 5);
    slide("far", 6);
    const row = { column: 1 };
    expect(scene().windows).toEqual({ near: { row: 3, ...row }, far: { row: 6, ...row } });
    store.getState().takeBack();
    expect(scene().windows).toEqual({ near: { row: 3, ...row } });
    store.getState().takeBack();
    expect(scene().windows).toEqual({});
  });

  test("inks are chosen with the hand that marks", () => {
    const { store, scene, touch } = openStore();
    store.getState().choose("cover");
    store.getState().choose("mark", "plum");
    touch("9");
    expect(inksAt(scene(), "9")).toBe(0b10000);
  });
});

describe("the stair", () => {
  test("is climbed beat by beat, and finished by a second touch", () => {
    const { store, scene } = openStore(step("s", cover("1"), cover("2"), cover("3")));
    const { climb, playBeat } = store.getState();
    climb();
    expect(covered(scene()).length).toBe(1);
    playBeat();
    expect(covered(scene()).length).toBe(2);
    climb();
    expect([covered(scene()).length, store.getState().played]).toEqual([3, null]);
  });

  test("an accidental climb is taken back like anything else", () => {
    const { store, touch } = openStore(step("s", cover("1")));
    touch("5");
    store.getState().climb();
    store.getState().takeBack();
    expect(boardStateOf(store.getState()).climbed).toBe(0);
  });

  test("the step as prepared comes back in one touch, and so does what was done by hand", () => {
    const { store, scene, touch } = openStore(step("s", cover("1")));
    store.getState().climb();
    touch("5");
    store.getState().backToStep();
    expect([marked(scene()).length, covered(scene()).length]).toEqual([0, 1]);
    store.getState().takeBack();
    expect(marked(scene()).length).toBe(1);
  });

  test("a question that stands before its moves: they wait, and its answer stays when they come", () => {
    const { store, scene, touch } = openStore(
      { ...step("one", cover("54")), asks: "first" },
      step("two", cover("60")),
    );
    const state = () => boardStateOf(store.getState());
    store.getState().climb();
    expect([stepAsked(state())?.id, covered(scene())]).toEqual(["one", []]);
    // A touch meanwhile brings nothing of them.
    touch("30");
    store.getState().showAnswer(true);
    expect([state().climbed, covered(scene()), marked(scene())]).toEqual([0, [], ["30"]]);
    store.getState().climb();
    expect([state().climbed, covered(scene()), store.getState().answerShown]).toEqual([1, ["54"], true]);
    store.getState().climb();
    expect(store.getState().answerShown).toBe(false);
    // Down again the question stands alone; each climb is taken back by itself.
    store.getState().stepDown();
    store.getState().stepDown();
    expect([stepAsked(state())?.id, state().climbed, covered(scene())]).toEqual(["one", 0, []]);
    for (let i = 0; i < 5; i += 1) store.getState().takeBack();
    expect([stepAsked(state())?.id, marked(scene())]).toEqual(["one", []]);
    store.getState().takeBack();
    expect(stepAsked(state())).toBeUndefined();
  });

  test("an answer is covered again when the step changes, also by taking back", () => {
    const { store, touch } = openStore(step("s"), step("t"));
    store.getState().climb();
    store.getState().showAnswer(true);
    store.getState().climb();
    expect(store.getState().answerShown).toBe(false);
    store.getState().showAnswer(true);
    touch("7");
    store.getState().takeBack();
    expect(store.getState().answerShown).toBe(true);
    store.getState().takeBack();
    expect(store.getState().answerShown).toBe(false);
  });
});

describe("the scene on show", () => {
  test("is what folding all of it would give, however it was come to", () => {
    const { store, touch } = openStore(step("a", cover("7"), cover("8")), step("b"));
    const same = () =>
      expect(seen(sceneNow(store.getState()))).toEqual(seen(sceneOf(boardStateOf(store.getState()))));
    const state = () => store.getState();
    touch("6", "12", "18");
    same();
    state().climb();
    touch("24");
    same();
    state().choose("lift");
    touch("7");
    same();
    state().oneOn();
    state().oneOn();
    same();
    state().takeBack();
    same();
    state().showGuides();
    state().climb();
    state().oneBack();
    same();
    state().doAgain();
    state().touchLine(["1", "2", "3"]);
    same();
    state().stepDown();
    same();
  });
});

describe("what is saved", () => {
  test("is untouched by what is done by hand, and is another lesson once the board changes", async () => {
    const { store, touch } = openStore(step("s"));
    const before = store.getState();
    touch("5");
    store.getState().climb();
    expect(sameLesson(before, store.getState())).toBe(true);
    const count = { ...NEW_COUNT, by: "4", way: "back", every: 1 } as const;
    store.getState().setTo({ of: "count", is: count });
    expect([sameLesson(before, store.getState()), boardNow(store.getState()).count.by]).toEqual([true, "4"]);
    store.getState().backToStep();
    expect(boardNow(store.getState()).count.by).toBe("6");
    store.getState().prepare(true);
    await settingUp.bring();
    store.getState().setTo({ of: "count", is: count });
    expect(sameLesson(before, store.getState())).toBe(false);
    expect(lessonOf(store.getState()).boards[0]?.count.by).toBe("4");
    expect(lessonOf(store.getState())).toMatchObject({ title: "Lamps", version: VERSION });
  });

  test("a window opens where it was, or as near as the lesson still allows", () => {
    const lesson = lessonOf(openStore(step("s")).store.getState());
    const [board] = lesson.boards;
    const was = { climbed: 9, live: [[], [[cover("3")]]] };
    const where = { at: "gone", boards: { [board!.id]: was } };
    const store = createBoardStore(lesson, where);
    expect([store.getState().at, boardStateOf(store.getState()).climbed]).toEqual([0, 1]);
    expect(covered(sceneNow(store.getState()))).toEqual(["3"]);
    // A board keeps its identity when another one is inserted before it.
    const moved = { ...lesson, boards: [{ ...board!, id: "first" }, board!] };
    const again = createBoardStore(moved, { at: board!.id, boards: { [board!.id]: was } });
    expect(again.getState().at).toBe(1);
    expect(covered(sceneNow(again.getState()))).toEqual(["3"]);
  });
});

describe("a message with a way back", () => {
  const back = () => vi.mocked(say).mock.lastCall![1]!.run();

  test("takes back what it is about", () => {
    const { store, scene, touch } = openStore();
    touch("5");
    sayDone(store, "5 marked.");
    back();
    expect(marked(scene()).length).toBe(0);
  });

  test("takes nothing else back once other things were done", () => {
    const { store, scene, touch } = openStore();
    touch("5");
    sayDone(store, "5 marked.");
    touch("6");
    back();
    expect(marked(scene()).length).toBe(2);
    expect(vi.mocked(say).mock.lastCall![0]).toMatch(/You have done other things since/);
  });
});
