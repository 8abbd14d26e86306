import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { anyMove } from "../../../tests/support/any-move";
import { covered, marked, seen as seenIn } from "../../../tests/support/seen";
import type { Act, Move } from "../scene/move";
import { startingChart } from "../surface/starting-charts";
import {
  act,
  type BoardState,
  backToStep,
  climb,
  currentStep,
  extendAct,
  hasLive,
  isAsking,
  liveHere,
  openBoard,
  sceneOf,
  standOn,
  stepAsked,
  stepDown,
} from "./board-state";
import { boardWith } from "./board-with";
import {
  duplicateStep,
  keepAsOpening,
  keepAsStep,
  moveStep,
  recordOver,
  removeStep,
  rewordStep,
  whyNotKept,
} from "./edit-stair";
import { doAgain, historyOf, MAX_TAKEN_BACK, record, takeBack } from "./history";
import { newBoard } from "./new-lesson";

const WORDS = { title: "A step", question: "What comes next?", answer: "54" };
const anyAct: fc.Arbitrary<Act> = fc.array(fc.array(anyMove, { minLength: 1, maxLength: 3 }), {
  minLength: 1,
  maxLength: 4,
});
const anyBoard = fc
  .record({
    opening: fc.array(anyMove, { maxLength: 4 }),
    stair: fc.array(fc.tuple(anyAct, fc.boolean()), { maxLength: 6 }),
  })
  .map(({ opening, stair }) => ({
    ...newBoard("b", "Board", startingChart("1-100")),
    opening,
    stair: stair.map(([beats, first], i) => ({
      ...WORDS,
      ...(first ? { asks: "first" as const } : {}),
      id: `s${i}`,
      beats: beats.map((beat) => [...beat]),
    })),
  }));

/** A board with live acts on several steps, climbed up and down. */
const anyState = fc
  .tuple(
    anyBoard,
    fc.array(fc.oneof(anyAct, fc.constantFrom("up" as const, "down" as const)), { maxLength: 14 }),
  )
  .map(([board, doings]) =>
    doings.reduce<BoardState>(
      (state, doing) =>
        doing === "up" ? climb(state) : doing === "down" ? stepDown(state) : act(state, doing),
      openBoard(board),
    ),
  );

const seen = (state: BoardState, scene = sceneOf(state)) => {
  const { count, fill, layout, views } = boardWith(state.board, scene.settings);
  return { ...seenIn(scene), settings: { count, fill, layout, views } };
};

describe("a board and its stair", () => {
  test("climbing and stepping down again is the identity", () => {
    fc.assert(
      fc.property(anyState, (state) => {
        if (state.climbed < state.board.stair.length) expect(stepDown(climb(state))).toEqual(state);
        else expect(climb(state)).toBe(state);
      }),
    );
  });

  test("a step that asks first takes two climbs: its question stands, then its moves are made", () => {
    const jump: Act = [[{ do: "start", number: "27" }], [{ do: "jump", by: "8" }]];
    const board = {
      ...newBoard("b", "Board", startingChart("1-100")),
      stair: [{ ...WORDS, id: "one", asks: "first" as const, beats: [...jump] as Move[][] }],
    };
    const asking = climb(openBoard(board));
    expect([asking.climbed, isAsking(asking), stepAsked(asking)?.id]).toEqual([0, true, "one"]);
    expect(sceneOf(asking).trail).toBeNull();
    // What the class does meanwhile comes before the moves, and is taken back on the step below.
    const tried = act(asking, [[{ do: "mark", ink: "sun", numbers: ["36"] }]]);
    expect([isAsking(tried), tried.live[0]?.length]).toEqual([true, 1]);
    const climbed = climb(tried);
    expect([climbed.climbed, isAsking(climbed), sceneOf(climbed).trail?.end]).toEqual([1, false, "35"]);
    expect([isAsking(stepDown(climbed)), stepDown(stepDown(climbed)).asked]).toEqual([true, undefined]);
    expect(isAsking(standOn(asking, 0))).toBe(false);
    // Without a question or moves there is nothing to wait for.
    for (const change of [{ question: "" }, { beats: [] }]) {
      const bare = { ...board, stair: board.stair.map((step) => ({ ...step, ...change })) };
      expect(climb(openBoard(bare)).climbed).toBe(1);
    }
  });

  test("the step as prepared is the opening and the steps, whatever was done by hand", () => {
    fc.assert(
      fc.property(anyState, (state) => {
        const prepared = backToStep(state);
        expect(seen(prepared)).toEqual(seen(standOn(openBoard(state.board), state.climbed)));
        expect(hasLive(prepared)).toBe(false);
        expect(prepared.board).toBe(state.board);
      }),
    );
  });

  test("what is done by hand never changes the stair", () => {
    fc.assert(
      fc.property(anyState, anyAct, (state, done) => {
        expect(act(state, done).board).toBe(state.board);
      }),
    );
  });

  test("keeping as a step changes nothing that is seen, and leaves nothing done by hand on it", () => {
    fc.assert(
      fc.property(anyState, (state) => {
        const kept = keepAsStep(state, WORDS, "new");
        expect(seen(kept)).toEqual(seen(state));
        expect(liveHere(kept)).toEqual([]);
        expect(currentStep(kept)).toMatchObject({ ...WORDS, id: "new" });
        expect(kept.board.stair.filter(({ id }) => id !== "new")).toEqual(state.board.stair);
      }),
    );
  });

  test("more than a step or a stair has room for is not kept, and says so", () => {
    const board = newBoard("b", "Board", startingChart("1-100"));
    const cover: Move[] = [{ do: "cover", numbers: ["1"] }];
    const much = act(openBoard(board), Array(1201).fill(cover));
    expect(whyNotKept(much)).toMatch(/more than one step can hold/);
    expect(whyNotKept(act(openBoard(board), Array(1200).fill(cover)))).toBeNull();
    const stair = Array.from({ length: 60 }, (_, i) => ({ ...WORDS, id: `s${i}`, beats: [] }));
    expect(whyNotKept(openBoard({ ...board, stair }))).toBe("A stair has room for 60 steps.");
  });

  test("keeping as the opening changes nothing that is seen", () => {
    fc.assert(
      fc.property(anyBoard, fc.array(anyAct, { minLength: 1, maxLength: 4 }), (board, acts) => {
        const state = acts.reduce<BoardState>(act, openBoard(board));
        expect(seen(keepAsOpening(state))).toEqual(seen(state));
        expect(hasLive(keepAsOpening(state))).toBe(false);
      }),
    );
  });

  test("a step is played beat by beat: none, some, all", () => {
    fc.assert(
      fc.property(anyBoard, (board) => {
        for (let level = 1; level <= board.stair.length; level += 1) {
          const state = standOn(openBoard(board), level);
          const beats = board.stair[level - 1]!.beats.length;
          expect(seen(state, sceneOf(state, 0))).toEqual(seen(stepDown(state)));
          expect(seen(state, sceneOf(state, beats))).toEqual(seen(state));
        }
      }),
    );
  });

  test("what was done by hand on a step is there again when the step is climbed again", () => {
    const board = {
      ...newBoard("b", "Board", startingChart("1-100")),
      stair: [{ ...WORDS, id: "s", beats: [] }],
    };
    const mark: Move = { do: "mark", ink: "sun", numbers: ["6"] };
    const state = act(climb(openBoard(board)), [[mark]]);
    expect(marked(sceneOf(stepDown(state))).length).toBe(0);
    expect(marked(sceneOf(climb(stepDown(state)))).length).toBe(1);
  });

  test("what was done by hand before a step is covered by the step after it", () => {
    const step = { ...WORDS, id: "s", beats: [[{ do: "cover" as const, numbers: ["54"] }]] };
    const board = { ...newBoard("b", "Board", startingChart("1-100")), stair: [step] };
    const lifted = act(openBoard(board), [[{ do: "lift", numbers: ["54"] }]]);
    expect(covered(sceneOf(climb(lifted))).includes("54")).toBe(true);
  });

  test("a drag is one act, however many numbers it meets", () => {
    const state = act(openBoard(newBoard("b", "Board", startingChart("1-100"))), [
      [{ do: "cover", numbers: ["1"] }],
    ]);
    const dragged = extendAct(extendAct(state, [[{ do: "cover", numbers: ["2"] }]]), [
      [{ do: "cover", numbers: ["3"] }],
    ]);
    expect(liveHere(dragged)).toHaveLength(1);
    expect(covered(sceneOf(dragged))).toEqual(["1", "2", "3"]);
  });

  test("removing, rewording and moving steps keeps the others", () => {
    fc.assert(
      fc.property(anyState, fc.nat(6), (state, n) => {
        const level = n + 1;
        const without = removeStep(state, level);
        expect(without.board.stair.map(({ id }) => id)).toEqual(
          state.board.stair.map(({ id }) => id).filter((_, i) => i !== level - 1),
        );
        expect(without.climbed).toBeLessThanOrEqual(without.board.stair.length);
        expect(moveStep(moveStep(state, level, 1), level + 1, -1).board).toEqual(state.board);
        const reworded = rewordStep(state, level, { ...WORDS, title: "Other" });
        expect(reworded.board.stair.map(({ beats }) => beats)).toEqual(
          state.board.stair.map(({ beats }) => beats),
        );
      }),
    );
  });
});

describe("taking back and doing again", () => {
  test("taking back every change and doing all again ends where it was", () => {
    fc.assert(
      fc.property(fc.array(fc.integer(), { maxLength: 50 }), (changes) => {
        const done = changes.reduce(record, historyOf(-1));
        const back = changes.reduce(takeBack, done);
        expect(back.present).toBe(-1);
        expect(changes.reduce(doAgain, back).present).toBe(done.present);
      }),
    );
  });

  test("a change after taking back forgets what was taken back; a change that is none leaves no trace", () => {
    const changed = record(takeBack(record(historyOf(1), 2)), 3);
    expect(doAgain(changed)).toBe(changed);
    expect(record(changed, 3)).toBe(changed);
    expect(takeBack(historyOf(1)).present).toBe(1);
  });

  test("the past is bounded", () => {
    const long = Array.from({ length: MAX_TAKEN_BACK + 50 }, (_, i) => i + 1).reduce(record, historyOf(0));
    expect(long.past).toHaveLength(MAX_TAKEN_BACK);
    expect(takeBack(long).present).toBe(MAX_TAKEN_BACK + 49);
  });
});

describe("a step that is changed", () => {
  test("does what was done by hand below it, with its words; the scene is the same, and the steps above stay", () => {
    fc.assert(
      fc.property(anyState, anyAct, (state, done) => {
        fc.pre(state.climbed < state.board.stair.length);
        const level = state.climbed + 1;
        const before = act(state, done);
        const after = recordOver(before, level);
        const [was, now] = [before.board.stair[level - 1]!, after.board.stair[level - 1]!];
        expect({ ...now, beats: [] }).toEqual({ ...was, beats: [] });
        expect(after.board.stair.toSpliced(level - 1, 1)).toEqual(before.board.stair.toSpliced(level - 1, 1));
        expect([after.climbed, liveHere(after)]).toEqual([level, []]);
        expect(seen(after)).toEqual(seen(before));
      }),
    );
  });

  test("stays as it is where nothing was done by hand, or the board stands elsewhere", () => {
    fc.assert(
      fc.property(anyState, fc.integer({ min: 0, max: 8 }), (state, level) => {
        fc.pre(state.climbed !== level - 1 || liveHere(state).length === 0);
        expect(recordOver(state, level)).toBe(state);
      }),
    );
  });

  test("is there twice when it is duplicated, and the board stands on the step it stood on", () => {
    fc.assert(
      fc.property(anyState, fc.integer({ min: 1, max: 6 }), (state, level) => {
        fc.pre(level <= state.board.stair.length);
        const after = duplicateStep(state, level, "copy");
        expect(after.board.stair[level]).toEqual({ ...state.board.stair[level - 1], id: "copy" });
        expect(after.board.stair).toHaveLength(state.board.stair.length + 1);
        expect(currentStep(after)?.id).toBe(currentStep(state)?.id);
        expect(liveHere(after)).toEqual(liveHere(state));
      }),
    );
  });
});
