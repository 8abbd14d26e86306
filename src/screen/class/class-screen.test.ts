import fc from "fast-check";
import { afterEach, beforeEach, describe, expect, test, vi } from "vitest";
import { pointsOf } from "@/core/scene/pen";
import type { ViewId } from "@/core/views/view-id";
import { anyMove } from "../../../tests/support/any-move";
import { cover, openStore, step } from "../../../tests/support/open-store";
import { seen } from "../../../tests/support/seen";
import { boardNow, classScene, sceneNow } from "../store/on-show";
import type { ClassKeeper } from "./class-kept";
import { linkClass } from "./class-link";
import { hear, type Known, NOTHING_KNOWN, viewOf } from "./class-memory";
import { FromTeacher } from "./class-messages";
import { spotAt } from "./pointing";

/** A channel between two windows: what is posted is copied, as a browser would. */
function wire() {
  const channel = {
    postMessage: (_: unknown) => {},
    onmessage: null as null | ((event: { data: unknown }) => void),
  };
  const said: unknown[] = [];
  let known: Known = NOTHING_KNOWN;
  let isOpen = true;
  const toTeacher = (kind: string) => channel.onmessage?.({ data: { kind } });
  channel.postMessage = (message) => {
    said.push(structuredClone(message));
    if (!isOpen) return;
    const [next, answer] = hear(known, FromTeacher.parse(structuredClone(message)));
    known = next;
    if (answer) toTeacher(answer);
  };
  return {
    channel: channel as unknown as BroadcastChannel,
    said,
    view: () => viewOf(known),
    open: () => {
      [known, isOpen] = [NOTHING_KNOWN, true];
      toTeacher("hello");
    },
    shut: () => {
      isOpen = false;
      toTeacher("gone");
    },
    /** It answers no more, and says nothing of it. */
    fail: () => {
      isOpen = false;
    },
  };
}

const STAIR = [
  step("one", cover("54"), [{ do: "mark", ink: "sun", numbers: ["48"] }]),
  step("two", cover("60")),
];

/** What a window keeps over a reload, as text. */
function memory(): ClassKeeper {
  let text = "null";
  return {
    read: () => JSON.parse(text),
    write: (kept) => {
      text = JSON.stringify(kept);
    },
  };
}

function teach(between = wire(), keeper = memory(), prepares = false) {
  const { store, touch } = openStore(...STAIR);
  if (prepares) store.getState().prepare(true);
  const { link, close, refresh } = linkClass(between.channel, store, () => false, keeper);
  const same = () => {
    vi.advanceTimersByTime(20);
    const state = store.getState();
    expect(seen(between.view()!.moment.scene)).toEqual(seen(classScene(state)));
    expect(between.view()!.moment.board).toMatchObject({
      id: boardNow(state).id,
      views: boardNow(state).views,
    });
  };
  return { store, touch, link, close, refresh, ...between, same };
}

beforeEach(() => {
  vi.useFakeTimers();
  vi.stubGlobal("requestAnimationFrame", (run: () => void) => setTimeout(run, 16));
  vi.stubGlobal("cancelAnimationFrame", (timer: number) => clearTimeout(timer));
});
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

describe("the class screen", () => {
  test("shows what the teacher's window shows, whatever is done there, and catches up when it opens late", () => {
    const doing = fc.oneof(
      fc.array(anyMove, { minLength: 1, maxLength: 3 }).map((beat) => ({ do: "act" as const, beat })),
      fc.constantFrom("climb", "down", "back", "again", "grow", "count", "shut", "open").map((what) => ({
        do: what as "climb" | "down" | "back" | "again" | "grow" | "count" | "shut" | "open",
        beat: [],
      })),
    );
    fc.assert(
      fc.property(fc.array(doing, { maxLength: 30 }), (all) => {
        const there = teach();
        there.open();
        let isOpen = true;
        for (const { do: what, beat } of all) {
          const now = there.store.getState();
          if (what === "act") now.act([beat]);
          if (what === "climb") now.climb();
          if (what === "down") now.stepDown();
          if (what === "back") now.takeBack();
          if (what === "again") now.doAgain();
          if (what === "grow") now.grow("walk", [{ do: "jump", by: "6" }]);
          if (what === "count") now.oneOn();
          if (what === "shut" && isOpen) there.shut();
          if (what === "open" && !isOpen) there.open();
          if (what === "shut" || what === "open") isOpen = what === "open";
          if (isOpen) there.same();
        }
        if (!isOpen) there.open();
        there.same();
        there.close();
      }),
      { numRuns: 200, seed: 3 },
    );
  });

  test("is sent one beat of a count at a time", () => {
    const there = teach();
    there.open();
    for (let i = 0; i < 80; i += 1) {
      there.store.getState().grow("walk", [{ do: "jump", by: "6" }]);
      there.same();
      const live = [{ level: 0, from: 0, kept: i, acts: [[[{ do: "jump", by: "6" }]]] }];
      expect(there.said.at(-1)).toMatchObject({ live });
    }
    there.close();
  });

  test("is sent no words of steps but the question that is asked, and the answer once it is shown", () => {
    const there = teach();
    there.open();
    there.store.getState().climb();
    there.store.getState().climb();
    vi.advanceTimersByTime(20);
    expect(there.view()).toMatchObject({ question: "What comes next?", answer: null });
    const words = () => JSON.stringify(there.said);
    expect(words()).not.toContain('"answer":"54"');
    expect(words()).not.toContain('"title":"one"');
    there.store.getState().showAnswer(true);
    vi.advanceTimersByTime(20);
    expect(there.view()!.answer).toBe("54");
    there.close();
  });

  test("stays as it is while it is held and while the board is prepared, also when it is opened anew", () => {
    const there = teach();
    there.open();
    there.touch("6");
    there.same();
    const before = there.view()!.moment.scene;
    there.link.getState().hold(true);
    there.touch("7");
    vi.advanceTimersByTime(20);
    expect(there.view()!.moment.scene).toEqual(before);
    there.shut();
    there.open();
    expect(there.view()!.moment.scene).toEqual(before);
    there.link.getState().hold(false);
    there.same();
    const held = there.view()!.moment.scene;
    there.store.getState().prepare(true);
    there.store.getState().act([[{ do: "cover", numbers: ["9"] }]]);
    vi.advanceTimersByTime(20);
    expect(there.view()!.moment.scene).toEqual(held);
    there.store.getState().prepare(false);
    there.same();
    there.close();
  });

  test.each(["held", "blank", "prepared"] as const)(
    "is shown nothing new when the teacher's window is loaded anew while it is %s",
    (how) => {
      const [between, keeper] = [wire(), memory()];
      const there = teach(between, keeper);
      there.open();
      there.touch("6");
      there.same();
      if (how === "held") there.link.getState().hold(true);
      if (how === "blank") there.link.getState().setBlank(true);
      if (how === "prepared") there.store.getState().prepare(true);
      there.touch("7");
      vi.advanceTimersByTime(20);
      const before = between.view()!;
      there.close();
      const again = teach(between, keeper, how === "prepared");
      vi.advanceTimersByTime(5_000);
      const { held, blank } = again.link.getState();
      expect([held !== null, blank]).toEqual([how === "held", how === "blank"]);
      if (how === "blank") expect(between.view()!.blank).toBe(true);
      else expect(between.view()!.moment.scene).toEqual(before.moment.scene);
      again.link.getState().hold(false);
      again.link.getState().setBlank(false);
      if (how === "prepared") again.store.getState().prepare(false);
      again.same();
      expect(keeper.read()).toBeNull();
      again.close();
    },
  );

  test("is blank when it is blanked, and follows no longer once it does not answer", () => {
    const there = teach();
    there.open();
    expect(there.link.getState().follows).toBe(true);
    there.link.getState().setBlank(true);
    expect(there.view()!.blank).toBe(true);
    there.link.getState().setBlank(false);
    expect(there.view()!.blank).toBe(false);
    vi.advanceTimersByTime(30_000);
    expect(there.link.getState().follows).toBe(true);
    there.shut();
    expect(there.link.getState().follows).toBe(false);
    there.close();
  });

  test("is missed when it fails, even if the clock of the computer is set back meanwhile", () => {
    const there = teach();
    there.open();
    vi.advanceTimersByTime(10_000);
    there.fail();
    vi.setSystemTime(Date.now() - 24 * 60 * 60_000);
    vi.advanceTimersByTime(30_000);
    expect(there.link.getState().follows).toBe(false);
    there.close();
  });

  test("tells a number no sooner than a silent count that walks", () => {
    const there = teach();
    there.open();
    there.store.setState({ counting: true });
    there.store
      .getState()
      .setTo({ of: "count", is: { ...boardNow(there.store.getState()).count, silent: true } });
    there.store.getState().grow("walk", [{ do: "start", number: "0" }]);
    there.store.getState().grow("walk", [{ do: "jump", by: "6" }]);
    vi.advanceTimersByTime(20);
    expect(sceneNow(there.store.getState()).hushed).toBe(there.view()!.moment.scene.hushed);
    there.same();
    there.close();
  });

  test("shows no board before it is told how that stands", () => {
    const there = teach();
    there.open();
    there.touch("6");
    there.same();
    const board = there.said.findLast((one) => (one as { kind: string }).kind === "board");
    const [known] = hear(NOTHING_KNOWN, FromTeacher.parse(board));
    expect(viewOf(known)).toBeNull();
    there.close();
  });

  test("shows what is pointed at as a ring round its number, until it is no more or another board comes", () => {
    const there = teach();
    there.open();
    there.touch("6");
    const said = there.said.map((message) => FromTeacher.parse(message));
    const last = said.findLast(({ kind }) => kind === "show")!;
    const board = said.findLast(({ kind }) => kind === "board")!;
    const heard = (...messages: FromTeacher[]) =>
      viewOf(messages.reduce<Known>((known, message) => hear(known, message)[0], NOTHING_KNOWN));
    const spot = spotAt("chart" as ViewId, "24", { x: 0.1, y: -0.2 });
    const before = heard(board, last)!.moment.scene.strokes;
    const { strokes } = heard(board, last, { kind: "point", at: spot })!.moment.scene;
    expect(strokes).toHaveLength(before.length + 1);
    expect(strokes.at(-1)).toMatchObject({ view: "chart", number: "24" });
    const points = pointsOf(strokes.at(-1)!);
    for (const { x, y } of points) expect(Math.hypot(x - 0.1, y + 0.2)).toBeCloseTo(0.52, 2);
    expect(
      heard(board, last, { kind: "point", at: spot }, { kind: "point", at: null })!.moment.scene.strokes,
    ).toEqual(before);
    expect(heard(board, last, { kind: "point", at: spot }, board, last)!.pointed).toBeNull();
    there.close();
  });

  test("takes no message that is none", () => {
    for (const bad of [
      null,
      7,
      {},
      { kind: "show" },
      { kind: "board", board: {} },
      { kind: "show", board: "b", climbed: 1e9 },
      { kind: "point", at: { view: "chart", number: "24", x: 1e12, y: 0 } },
    ])
      expect(FromTeacher.safeParse(bad).success).toBe(false);
  });
});
