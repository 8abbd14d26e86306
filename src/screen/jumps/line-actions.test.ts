import { describe, expect, test, vi } from "vitest";
import { withMain, withView } from "@/core/lesson/edit-views";
import { newBoard, newLesson } from "@/core/lesson/new-lesson";
import { type LineView, lookOf } from "@/core/lesson/views-of";
import { keyOf } from "@/core/number/exact";
import type { LineSettings } from "@/core/surface/line";
import { startingChart } from "@/core/surface/starting-charts";
import { startingLine } from "@/core/surface/starting-lines";
import { createBoardStore } from "../store/board-store";
import { boardStateOf, sceneNow } from "../store/on-show";
import { lineActionsOf } from "./line-actions";

const said = vi.hoisted(() => ({ words: [] as string[] }));
vi.mock("@/kit/messages", () => ({ say: (words: string) => said.words.push(words) }));

function storeWith(line: LineSettings) {
  said.words.length = 0;
  const board = withMain(newBoard("b", "Board", startingChart("1-100")), line);
  const store = createBoardStore(newLesson({ title: "Jetty", forClass: "" }, board), null);
  const run = () => ({ ...store.getState(), ...lineActionsOf(store) });
  const trail = () => {
    const { trail: now } = sceneNow(run());
    return now && `${now.start}: ${now.jumps.join(" ")}`;
  };
  const ends = () => {
    const { from, to } = lookOf({ ...line, id: "line" } as LineView, sceneNow(run()));
    return [keyOf(from), keyOf(to)];
  };
  return { store, run, trail, ends };
}

describe("jumps on a line", () => {
  test("begin where they are drawn, and go on from where they landed", () => {
    const { run, trail } = storeWith(startingLine("0-100"));
    run().jumpBetween("20", "50");
    run().jumpBetween("50", "45");
    expect(trail()).toBe("20: 30 -5");
    run().jumpBetween("10", "12");
    expect(trail()).toBe("10: 2");
    run().takeBack();
    expect(trail()).toBe("20: 30 -5");
  });

  test("in a size, so many times, again, to a target, and from a sentence; each is taken back with one touch", () => {
    const { run, trail } = storeWith(startingLine("0-100"));
    run().jumpAgain();
    expect(said.words).toEqual(["Make a jump first."]);
    run().startAt("27");
    run().setJump({ by: "5", times: 3 });
    run().jumpSet(1);
    expect(trail()).toBe("27: 5 5 5");
    run().jumpAgain();
    run().takeBack();
    expect(trail()).toBe("27: 5 5 5");
    run().takeBack();
    run().setJump({ target: "70", way: "gathered" });
    run().goToTarget();
    expect(trail()).toBe("27: 3 40");
    expect(run().drawSentence("52 - 17", "one")).toBeNull();
    expect(trail()).toBe("52: -17");
    expect(run().drawSentence("52 -", "one")).toBe("A number is missing at the end of the sentence.");
    expect(trail()).toBe("52: -17");
    run().setJump({ target: "35" });
    run().goToTarget();
    expect(said.words.at(-1)).toBe("The jumps begin there already. Write another number.");
  });

  test("off the end the line slides to follow; a pinned one says that it ends, and nothing is lost", () => {
    const { run, trail, ends } = storeWith(startingLine("0-20"));
    run().startAt("15");
    run().setJump({ by: "10" });
    run().jumpSet(1);
    expect(trail()).toBe("15: 10");
    expect(ends()).toEqual(["10", "30"]);
    run().takeBack();
    expect(ends()).toEqual(["0", "20"]);

    const pinned = storeWith({ ...startingLine("0-20"), pinned: true });
    pinned.run().startAt("15");
    pinned.run().jumpSet(1);
    expect(pinned.trail()).toBe("15: ");
    expect(said.words.at(-1)).toBe("The line ends before 25. Let it slide, or make a shorter jump.");
    expect(pinned.run().drawSentence("15 + 10", "one")).toMatch(/^The line does not reach 25/);
  });

  test("are covered with the cover in hand, lifted with lift, and left alone otherwise", () => {
    const { run } = storeWith(startingLine("0-100"));
    run().drawSentence("20 + 30 + 4", "one");
    const covers = () => sceneNow(run()).trail?.covers.map(({ size }) => size === true);
    expect(run().touchJump([0], "size")).toBe(false);
    run().choose("cover");
    expect(run().touchJump([0], "size")).toBe(true);
    expect(covers()).toEqual([true, false]);
    run().coverAllJumps("size", true);
    run().choose("lift");
    run().touchJump([1], "size");
    expect(covers()).toEqual([true, false]);
    run().takeBack();
    expect(covers()).toEqual([true, true]);
  });

  test("a trail is set aside in the ink in hand, and another one begins beside it, always in another ink", () => {
    const { run, trail } = storeWith(startingLine("0-100"));
    const inks = () => {
      const { aside } = sceneNow(run());
      return [aside?.beside, aside?.ink];
    };
    run().setAside();
    expect(said.words).toEqual(["Make a jump first."]);
    run().drawSentence("45 + 39", "one");
    run().choose("jump", "kelp");
    run().setAside();
    run().drawSentence("45 + 39", "over-and-back");
    expect(sceneNow(run()).aside).toMatchObject({ ink: "kelp", trail: { jumps: ["39"] } });
    expect(trail()).toBe("45: 40 -1");
    expect(inks()).toEqual(["plum", "kelp"]);
    run().trailInk("trail", "sea");
    expect(inks()).toEqual(["sea", "kelp"]);
    // An ink that the other one wears is exchanged for it.
    run().trailInk("trail", "kelp");
    expect(inks()).toEqual(["kelp", "sea"]);
    run().trailInk("aside", "kelp");
    expect(inks()).toEqual(["sea", "kelp"]);
    // The trail keeps its ink when it steps aside in its turn.
    run().setAside();
    expect(inks()).toEqual(["kelp", "sea"]);
    expect(sceneNow(run()).aside?.trail.jumps).toEqual(["40", "-1"]);
    run().takeBack();
    run().takeBack();
    expect(inks()).toEqual(["kelp", "sea"]);
  });
});

describe("a line in hand", () => {
  test("slides in a row are one act; the pointer drawn along too", () => {
    const { run, ends } = storeWith(startingLine("0-20"));
    for (const by of [1, 2, 3]) {
      const { from, to } = lookOf({ ...startingLine("0-20"), id: "line" }, sceneNow(run()));
      run().lookAt("line", { from: from.add(by), to: to.add(by) });
    }
    expect(ends()).toEqual(["6", "26"]);
    run().takeBack();
    expect(ends()).toEqual(["0", "20"]);
    for (const to of ["3", "4", "5"]) run().pointTo(to);
    expect(sceneNow(run()).focus).toBe("5");
    run().takeBack();
    expect(sceneNow(run()).focus).toBeNull();
  });

  test("a tick is read: asked for at random, another one the next time, then shown", () => {
    const { run } = storeWith(startingLine("0-100"));
    run().readScale("line");
    const first = sceneNow(run()).asked?.number;
    expect(Number(first) % 10).not.toBe(0);
    run().readScale("line");
    const second = sceneNow(run()).asked?.number;
    expect(second).not.toBe(first);
    run().showAsked();
    expect([sceneNow(run()).asked, sceneNow(run()).focus]).toEqual([null, second]);
  });

  test("a sign that does not belong is told, and changes nothing", () => {
    const { run, store } = storeWith(startingLine("0-100"));
    run().change((state) => ({
      ...state,
      board: withView(state.board, { id: "compare", kind: "compare", a: "1/2", b: "0.5" }),
    }));
    expect(run().chooseSign("compare", "<")).toMatch(/^Look again/);
    expect(sceneNow(run()).signs).toEqual({});
    expect(run().chooseSign("compare", "=")).toBeNull();
    expect(sceneNow(store.getState()).signs).toEqual({ compare: "=" });
    expect(boardStateOf(run()).board.views).toHaveLength(3);
  });
});
