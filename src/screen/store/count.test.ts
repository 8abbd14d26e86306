import { beforeAll, describe, expect, test, vi } from "vitest";
import { NEW_COUNT } from "@/core/count/count-settings";
import { watchMarks } from "@/core/count/watch";
import { liveHere } from "@/core/lesson/board-state";
import { marksByHand } from "@/core/scene/marks-by-hand";
import { isCoveredAt } from "@/core/scene/scene";
import { cover, openStore, step } from "../../../tests/support/open-store";
import { marked } from "../../../tests/support/seen";
import { recognising } from "../tools/mark";
import { createBoardStore } from "./board-store";
import { lessonOf } from "./lesson-of";
import { boardNow, boardStateOf, sceneNow } from "./on-show";

vi.mock("@/kit/messages", () => ({ say: vi.fn() }));

describe("the count", () => {
  test("walks to the end of the chart and stops; the whole walk is taken back in one", () => {
    const { store, scene } = openStore();
    store.getState().startCount();
    let walked = 1;
    while (store.getState().walkOn()) walked += 1;
    expect([walked, scene().trail?.end, store.getState().counting]).toEqual([16, "96", false]);
    store.getState().takeBack();
    expect(scene().trail).toBeNull();
  });

  test("begins again once it is at its end", () => {
    const { store, scene } = openStore();
    store.getState().startCount();
    while (store.getState().walkOn());
    store.getState().startCount();
    expect(scene().trail?.end).toBe("6");
  });

  test("turned round at its end goes on, and both are taken back in one", () => {
    const { store, scene } = openStore();
    store.getState().startCount();
    while (store.getState().walkOn());
    const { count } = boardNow(store.getState());
    store.getState().countOn({ ...count, way: "back" }, true);
    expect(store.getState().counting).toBe(true);
    store.getState().walkOn();
    expect(scene().trail?.end).toBe("84");
    store.getState().takeBack();
    expect([scene().trail?.end, boardNow(store.getState()).count.way]).toEqual(["96", "forwards"]);
  });

  test("goes on while a hand marks, and each is taken back by itself", () => {
    const { store, scene, touch, live } = openStore();
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
    const { store, scene } = openStore();
    store.getState().oneOn();
    store.getState().oneOn();
    store.getState().oneBack();
    expect(scene().trail?.end).toBe("6");
    for (let i = 0; i < 4; i += 1) store.getState().oneBack();
    expect(scene().trail).toBeNull();
  });

  test("climbing pauses it", () => {
    const { store } = openStore(step("s", cover("1")));
    store.getState().startCount();
    store.getState().climb();
    expect(store.getState().counting).toBe(false);
  });
});

describe("a count by touch, before the code that recognises it is there", () => {
  test("marks, and is counted whole by the first touch after that", async () => {
    const { touch, scene } = openStore();
    for (const number of ["5", "10", "15"]) touch(number);
    expect([marked(scene()), scene().trail]).toEqual([["5", "10", "15"], null]);
    await recognising.bring();
    touch("20");
    expect([marked(scene()).length, scene().trail?.end, scene().trail?.jumps.length]).toEqual([4, "20", 4]);
  });
});

describe("a count by touch", () => {
  beforeAll(() => recognising.bring());

  const numbers = (store: ReturnType<typeof openStore>["store"]) => {
    const { trail } = sceneNow(store.getState());
    const { by, from } = boardNow(store.getState()).count;
    const slip = watchMarks(marksByHand(liveHere(boardStateOf(store.getState())), "sun"), { by, from });
    return `${by} from ${from}: ${trail ? `${trail.start} to ${trail.end} in ${trail.jumps.length}` : "none"}${slip ? `, ${slip.numbers}` : ""}`;
  };
  const twos = () => {
    const made = openStore();
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
    const { store, touch } = openStore();
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
    const { store } = openStore();
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
      const { store } = openStore(step("a", cover("90")));
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

test("a count that walks stops when a view is touched that keeps its own", () => {
  const lesson = lessonOf(openStore().store.getState());
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
