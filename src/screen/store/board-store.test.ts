import { describe, expect, test, vi } from "vitest";
import { watchMarks } from "@/core/count/watch";
import { liveHere, sceneOf } from "@/core/lesson/board-state";
import { VERSION } from "@/core/lesson/lesson";
import { NEW_COUNT, newBoard, newLesson } from "@/core/lesson/new-lesson";
import { marksByHand } from "@/core/scene/marks-by-hand";
import type { Beat } from "@/core/scene/move";
import { inksAt, isCoveredAt } from "@/core/scene/scene";
import { startingChart } from "@/core/surface/starting-charts";
import { say } from "@/kit/messages";
import { covered, marked, seen } from "../../../tests/support/seen";
import { createBoardStore } from "./board-store";
import { lessonOf, sameLesson } from "./lesson-of";
import { boardNow, boardStateOf, sceneNow } from "./on-show";
import { sayDone } from "./say-done";

vi.mock("@/kit/messages", () => ({ say: vi.fn() }));

const cover = (...numbers: string[]): Beat => [{ do: "cover", numbers }];
const step = (id: string, ...beats: Beat[]) => ({
  id,
  title: id,
  question: "What comes next?",
  answer: "54",
  beats,
});

function open(...stair: ReturnType<typeof step>[]) {
  const board = {
    ...newBoard("b", "Board", startingChart("1-100")),
    count: { ...NEW_COUNT, by: "6" },
    stair,
  };
  const store = createBoardStore(newLesson({ title: "Lamps", forClass: "" }, board), null);
  const scene = () => sceneNow(store.getState());
  const touch = (...numbers: string[]) => {
    store.getState().beginRun(numbers[0]!, 1);
    for (const number of numbers.slice(1)) store.getState().runOver(number, 1);
    store.getState().endRun(1);
  };
  return { store, scene, touch, live: () => liveHere(boardStateOf(store.getState())) };
}

describe("the hand on the board", () => {
  test("counting by touch marks, and the trail goes along", () => {
    const { scene, touch } = open();
    for (const number of ["6", "12", "18", "20", "24"]) touch(number);
    expect(marked(scene())).toEqual(["6", "12", "18", "20", "24"]);
    expect(scene().trail?.end).toBe("24");
    expect(scene().focus).toBe("24");
  });

  test("a second touch takes the mark off, and the count goes back with it", () => {
    const { scene, touch } = open();
    for (const number of ["6", "12", "12"]) touch(number);
    expect([marked(scene()), scene().trail?.end]).toEqual([["6"], "6"]);
  });

  test("a drag is taken back in one, and lays or takes off as it began", () => {
    const { store, scene, touch } = open();
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
    const { store, scene, touch, live } = open();
    store.getState().choose("cover");
    touch("7", "8");
    store.getState().choose("lift");
    touch("6", "7", "8");
    expect([covered(scene()).length, live().length]).toEqual([0, 2]);
    store.getState().takeBack();
    expect(covered(scene())).toEqual(["7", "8"]);
  });

  test("two fingers at once each do their own, one laying and one taking off", () => {
    const { store, scene, touch } = open();
    touch("50", "51", "52");
    const { beginRun, runOver, endRun } = store.getState();
    beginRun("1", 1);
    beginRun("50", 2);
    runOver("2", 1);
    runOver("51", 2);
    endRun(2);
    runOver("3", 1);
    runOver("52", 2);
    expect(marked(scene())).toEqual(["1", "2", "3", "52"]);
  });

  test("inks are chosen with the hand that marks", () => {
    const { store, scene, touch } = open();
    store.getState().choose("cover");
    store.getState().choose("mark", "plum");
    touch("9");
    expect(inksAt(scene(), "9")).toBe(0b10000);
  });
});

describe("the stair", () => {
  test("is climbed beat by beat, and finished by a second touch", () => {
    const { store, scene } = open(step("s", cover("1"), cover("2"), cover("3")));
    const { climb, playBeat } = store.getState();
    climb();
    expect(covered(scene()).length).toBe(1);
    playBeat();
    expect(covered(scene()).length).toBe(2);
    climb();
    expect([covered(scene()).length, store.getState().played]).toEqual([3, null]);
  });

  test("an accidental climb is taken back like anything else", () => {
    const { store, touch } = open(step("s", cover("1")));
    touch("5");
    store.getState().climb();
    store.getState().takeBack();
    expect(boardStateOf(store.getState()).climbed).toBe(0);
  });

  test("the step as prepared comes back in one touch, and so does what was done by hand", () => {
    const { store, scene, touch } = open(step("s", cover("1")));
    store.getState().climb();
    touch("5");
    store.getState().backToStep();
    expect([marked(scene()).length, covered(scene()).length]).toEqual([0, 1]);
    store.getState().takeBack();
    expect(marked(scene()).length).toBe(1);
  });

  test("an answer is covered again when the step changes", () => {
    const { store } = open(step("s"), step("t"));
    store.getState().climb();
    store.getState().showAnswer(true);
    store.getState().climb();
    expect(store.getState().answerShown).toBe(false);
  });
});

describe("the count", () => {
  test("walks to the end of the chart and stops; the whole walk is taken back in one", () => {
    const { store, scene } = open();
    store.getState().startCount();
    let walked = 1;
    while (store.getState().walkOn()) walked += 1;
    expect([walked, scene().trail?.end, store.getState().counting]).toEqual([16, "96", false]);
    store.getState().takeBack();
    expect(scene().trail).toBeNull();
  });

  test("begins again once it is at its end", () => {
    const { store, scene } = open();
    store.getState().startCount();
    while (store.getState().walkOn());
    store.getState().startCount();
    expect(scene().trail?.end).toBe("6");
  });

  test("goes on while a hand marks, and each is taken back by itself", () => {
    const { store, scene, touch, live } = open();
    store.getState().startCount();
    touch("50");
    expect(store.getState().counting).toBe(true);
    store.getState().walkOn();
    store.getState().walkOn();
    expect(live()).toHaveLength(3);
    store.getState().takeBack();
    expect([scene().trail?.end, marked(scene()).includes("50")]).toEqual(["6", true]);
  });

  test("one on and one back, to nothing said and no further", () => {
    const { store, scene } = open();
    store.getState().oneOn();
    store.getState().oneOn();
    store.getState().oneBack();
    expect(scene().trail?.end).toBe("6");
    for (let i = 0; i < 4; i += 1) store.getState().oneBack();
    expect(scene().trail).toBeNull();
  });

  test("climbing pauses it", () => {
    const { store } = open(step("s", cover("1")));
    store.getState().startCount();
    store.getState().climb();
    expect(store.getState().counting).toBe(false);
  });
});

describe("a count by touch", () => {
  const numbers = (store: ReturnType<typeof open>["store"]) => {
    const { trail } = sceneNow(store.getState());
    const { by, from } = boardNow(store.getState()).count;
    const slip = watchMarks(marksByHand(liveHere(boardStateOf(store.getState())), "sun"), { by, from });
    return `${by} from ${from}: ${trail ? `${trail.start} to ${trail.end} in ${trail.jumps.length}` : "none"}${slip ? `, ${slip.numbers}` : ""}`;
  };
  const twos = () => {
    const made = open();
    made.store.getState().setTo({ of: "count", is: { ...NEW_COUNT, by: "2", from: "0" } });
    return {
      ...made,
      touch: (...numbers: string[]) => {
        for (const number of numbers) made.touch(number);
      },
    };
  };

  test("goes on over what is marked once a slip is mended, and to the right next number", () => {
    const { store, touch } = twos();
    touch("2", "4", "8");
    expect(numbers(store)).toBe("2 from 0: 0 to 4 in 2, 6");
    touch("6");
    expect(numbers(store)).toBe("2 from 0: 0 to 8 in 4");
    touch("10", "12", "14");
    expect(numbers(store)).toBe("2 from 0: 0 to 14 in 7");
    store.getState().oneOn();
    expect(sceneNow(store.getState()).trail?.end).toBe("16");
  });

  test("in another size than the set one is the count from its third number on; as prepared it is the set one", () => {
    for (const [touched, said] of [
      [["5", "10", "15"], "5 from 0: 0 to 15 in 3"],
      [["2", "5", "8", "11"], "3 from 2: 2 to 11 in 3"],
      [["90", "80", "70"], "10 from 90: 90 to 70 in 2"],
      [["7", "14", "21", "35", "28"], "7 from 0: 0 to 35 in 5"],
    ] as const) {
      const { store, touch } = twos();
      touch(...touched);
      expect(numbers(store)).toBe(said);
      store.getState().backToStep();
      expect(boardNow(store.getState()).count.by).toBe("6");
    }
  });

  test("is not what is coloured in one stroke", () => {
    const { store, touch } = open();
    touch("11", "12", "13", "14", "15");
    touch("16");
    expect([boardNow(store.getState()).count.by, sceneNow(store.getState()).trail]).toEqual(["6", null]);
  });

  test("goes back to before a number that is no longer marked", () => {
    const { store, touch } = twos();
    touch("2", "4", "6", "8", "10");
    touch("6");
    expect(numbers(store)).toBe("2 from 0: 0 to 4 in 2, 6");
    store.getState().takeBack();
    expect(numbers(store)).toBe("2 from 0: 0 to 10 in 5");
  });

  test("turns where it stands: on to 31, then back to 30", () => {
    const { store } = open();
    const count = { ...NEW_COUNT, by: "1", from: "26" };
    store.getState().setTo({ of: "count", is: count });
    for (let i = 0; i < 6; i += 1) store.getState().oneOn();
    expect(sceneNow(store.getState()).trail?.end).toBe("31");
    store.getState().setTo({ of: "count", is: { ...count, way: "back" } });
    store.getState().oneOn();
    expect(sceneNow(store.getState()).trail?.end).toBe("30");
  });

  test("begins anew when the marks are cleared, in one touch; a trail that was not marked stays", () => {
    const { store, touch, scene } = twos();
    touch("2", "4", "6");
    store.getState().clearMarks("sun");
    expect([scene().trail, scene().focus]).toEqual([null, null]);
    store.getState().takeBack();
    expect(scene().trail?.end).toBe("6");
    store.getState().clearMarks("sea");
    expect(scene().trail?.end).toBe("6");
  });
});

describe("a silent count", () => {
  test("hides the number it stands on, and shows it again however it ends", () => {
    const ends = ["pauseCount", "climb", "takeBack"] as const;
    for (const end of ends) {
      const { store } = open(step("a", cover("90")));
      const hides = () => sceneNow(store.getState()).hushed;
      store.getState().setTo({ of: "count", is: { ...NEW_COUNT, by: "6", silent: true } });
      store.getState().startCount();
      store.getState().walkOn();
      expect([end, hides(), isCoveredAt(sceneNow(store.getState()), "12")]).toEqual([end, true, true]);
      store.getState()[end]();
      expect([end, hides(), isCoveredAt(sceneNow(store.getState()), "12")]).toEqual([end, false, false]);
    }
  });
});

describe("the scene on show", () => {
  test("is what folding all of it would give, however it was come to", () => {
    const { store, touch } = open(step("a", cover("7"), cover("8")), step("b"));
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
  test("is untouched by what is done by hand, and is another lesson once the board changes", () => {
    const { store, touch } = open(step("s"));
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
    store.getState().setTo({ of: "count", is: count });
    expect(sameLesson(before, store.getState())).toBe(false);
    expect(lessonOf(store.getState()).boards[0]?.count.by).toBe("4");
    expect(lessonOf(store.getState())).toMatchObject({ title: "Lamps", version: VERSION });
  });

  test("a window opens where it was, or as near as the lesson still allows", () => {
    const lesson = lessonOf(open(step("s")).store.getState());
    const [board] = lesson.boards;
    const was = { climbed: 9, live: [[], [[cover("3")]]] };
    const where = { at: "gone", boards: { [board!.id]: was } };
    const store = createBoardStore(lesson, where);
    expect([store.getState().at, boardStateOf(store.getState()).climbed]).toEqual([0, 1]);
    expect(covered(sceneNow(store.getState()))).toEqual(["3"]);
    // A board that another one was put before is still the one it was.
    const moved = { ...lesson, boards: [{ ...board!, id: "first" }, board!] };
    const again = createBoardStore(moved, { at: board!.id, boards: { [board!.id]: was } });
    expect(again.getState().at).toBe(1);
    expect(covered(sceneNow(again.getState()))).toEqual(["3"]);
  });
});

test("a count that walks stops when a view is touched that keeps its own", () => {
  const lesson = lessonOf(open().store.getState());
  const [board] = lesson.boards;
  const chart = { ...board!.views[0]!, id: "chart-2" };
  const withTwo = (own?: true) =>
    createBoardStore(
      { ...lesson, boards: [{ ...board!, views: [...board!.views, { ...chart, own }] }] },
      null,
    );
  for (const [own, goesOn] of [
    [true, false],
    [undefined, true],
  ] as const) {
    const store = withTwo(own);
    store.getState().startCount();
    expect(store.getState().counting).toBe(true);
    store.getState().hold("chart-2");
    expect(store.getState().counting).toBe(goesOn);
  }
});

describe("a message with a way back", () => {
  const back = () => vi.mocked(say).mock.lastCall![1]!.run();

  test("takes back what it is about", () => {
    const { store, scene, touch } = open();
    touch("5");
    sayDone(store, "5 marked.");
    back();
    expect(marked(scene()).length).toBe(0);
  });

  test("takes nothing else back once other things were done", () => {
    const { store, scene, touch } = open();
    touch("5");
    sayDone(store, "5 marked.");
    touch("6");
    back();
    expect(marked(scene()).length).toBe(2);
    expect(vi.mocked(say).mock.lastCall![0]).toMatch(/You have done other things since/);
  });
});
