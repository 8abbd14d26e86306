import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { anyMove } from "../../../tests/support/any-move";
import { covered, marked, seen } from "../../../tests/support/seen";
import { INKS } from "../set/ink";
import { ALL, ruleOf, UNMARKED } from "../set/rule";
import { cellState, inksIn, isCovered, isFocus, writtenIn } from "./cell-state";
import { fold } from "./fold";
import { exceptionsOf } from "./laid";
import type { Move } from "./move";
import { EMPTY_SCENE, inksAt } from "./scene";

describe("the fold of moves", () => {
  test("a move changes nothing of the scene before it, whatever it is: that scene is what taking back shows", () => {
    fc.assert(
      fc.property(fc.array(anyMove, { maxLength: 40 }), anyMove, (moves, last) => {
        const before = fold(EMPTY_SCENE, moves);
        const was = structuredClone({ ...seen(before) });
        fold(before, [last]);
        expect(seen(before)).toEqual(was);
      }),
    );
  });

  test("folding in two parts is folding at once, and the scene given stays as it was", () => {
    fc.assert(
      fc.property(fc.array(anyMove), fc.array(anyMove), (a, b) => {
        const scene = fold(EMPTY_SCENE, a);
        const before = seen(scene);
        expect(seen(fold(scene, b))).toEqual(seen(fold(EMPTY_SCENE, [...a, ...b])));
        expect(seen(scene)).toEqual(before);
        expect([marked(EMPTY_SCENE), covered(EMPTY_SCENE)]).toEqual([[], []]);
      }),
    );
  });

  test("marking twice is marking once; lifting undoes covering; nothing is kept of what carries nothing", () => {
    const scene = fold(EMPTY_SCENE, [
      { do: "mark", ink: "sun", numbers: ["6", "12"] },
      { do: "mark", ink: "sun", numbers: ["6"] },
      { do: "mark", ink: "sea", numbers: ["12"] },
      { do: "cover", numbers: ["7", "8"] },
      { do: "lift", numbers: ["8", "9"] },
      { do: "unmark", ink: "sun", numbers: ["6", "99"] },
    ]);
    expect([marked(scene), inksAt(scene, "12")]).toEqual([["12"], 0b101]);
    expect(covered(scene)).toEqual(["7"]);
    expect(scene.laid.touched.size).toBe(2);
  });

  test("clearing takes one ink and leaves the others, or takes all", () => {
    const all: Move[] = INKS.map((ink) => ({ do: "mark", ink, numbers: ["24"] }));
    expect(inksAt(fold(EMPTY_SCENE, [...all, { do: "clear-marks", ink: "sea" }]), "24")).toBe(0b11011);
    expect(marked(fold(EMPTY_SCENE, [...all, { do: "clear-marks", ink: null }]))).toEqual([]);
  });

  test("a trail moves the focus to where it lands, back again, and goes with its clearing", () => {
    const moves: Move[] = [
      { do: "start", number: "0" },
      { do: "jump", by: "6" },
      { do: "jump", by: "6" },
    ];
    expect(fold(EMPTY_SCENE, moves).focus).toBe("12");
    expect(fold(EMPTY_SCENE, [...moves, { do: "retrace" }]).focus).toBe("6");
    expect(fold(EMPTY_SCENE, [...moves, { do: "clear-trail" }])).toMatchObject({ focus: null, trail: null });
    expect(
      fold(EMPTY_SCENE, [
        { do: "focus", number: "40" },
        { do: "jump", by: "-10" },
      ]).trail,
    ).toMatchObject({
      start: "40",
      jumps: ["-10"],
      end: "30",
    });
    expect(fold(EMPTY_SCENE, [{ do: "retrace" }]).trail).toBeNull();
  });

  test("the state of a place tells all of it", () => {
    const scene = fold(EMPTY_SCENE, [
      { do: "mark", ink: "plum", numbers: ["5"] },
      { do: "cover", numbers: ["5"] },
      { do: "focus", number: "5" },
    ]);
    const state = cellState(scene, "5");
    expect([inksIn(state), isCovered(state), isFocus(state)]).toEqual([0b10000, true, true]);
    expect(cellState(scene, "6")).toBe(0);
  });

  test("a rule marks its numbers, a touch makes an exception, the rule once more takes it away", () => {
    const sixes = ruleOf({ kind: "multiples", not: false, of: "6" });
    const byRule: Move = { do: "mark", ink: "sun", numbers: sixes };
    const except: Move[] = [byRule, { do: "unmark", ink: "sun", numbers: ["24", "25"] }];
    const scene = fold(EMPTY_SCENE, except);
    expect(marked(scene)).toEqual(["0", "6", "12", "18", ...every(6, 30)]);
    expect(exceptionsOf(scene.laid, "sun", ["18", "24", "25"])).toEqual(["24"]);
    expect(marked(fold(scene, [{ do: "mark", ink: "sun", numbers: ["24"] }]))).toEqual(every(6, 0));
    expect(marked(fold(scene, [byRule]))).toEqual(every(6, 0));
    expect(fold(scene, [byRule]).laid.rules).toHaveLength(1);
  });

  test("a rule taken out of effect leaves what was done by touch; clearing leaves nothing", () => {
    const tens = ruleOf({ kind: "digit", not: false, place: "ones", digit: 0 });
    const scene = fold(EMPTY_SCENE, [
      { do: "mark", ink: "kelp", numbers: ["7"] },
      { do: "mark", ink: "kelp", numbers: tens },
    ]);
    expect(marked(fold(scene, [{ do: "drop-rule", layer: "kelp", rule: tens }]))).toEqual(["7"]);
    expect(fold(scene, [{ do: "clear-marks", ink: "kelp" }]).laid).toEqual({ rules: [], touched: new Map() });
  });

  test("the rest is what has no mark when it is said, and is not changed by later marks", () => {
    const scene = fold(EMPTY_SCENE, [
      { do: "mark", ink: "sun", numbers: ["1", "2"] },
      { do: "cover", numbers: UNMARKED },
      { do: "mark", ink: "sea", numbers: ["50"] },
    ]);
    expect(covered(scene)).toHaveLength(99);
    expect(covered(fold(scene, [{ do: "lift", numbers: ALL }]))).toEqual([]);
    const swapped = fold(scene, [
      { do: "mark", ink: "sun", numbers: UNMARKED },
      { do: "unmark", ink: "sun", numbers: ["1"] },
    ]);
    expect(marked(swapped)).toHaveLength(100);
  });

  test("what is written in a covered place goes when the cover is lifted", () => {
    const scene = fold(EMPTY_SCENE, [
      { do: "cover", numbers: ALL },
      { do: "write", number: "63", says: "63" },
      { do: "write", number: "36", says: "63" },
    ]);
    expect(writtenIn(cellState(scene, "36"))).toBe("63");
    expect([...fold(scene, [{ do: "lift", numbers: ["63"] }]).written.keys()]).toEqual(["36"]);
    expect(fold(scene, [{ do: "erase", number: null }]).written.size).toBe(0);
    expect([...fold(scene, [{ do: "erase", number: "36" }]).written.keys()]).toEqual(["63"]);
  });

  test("a number that was asked for in a place is asked for no longer once one is written there", () => {
    const scene = fold(EMPTY_SCENE, [
      { do: "cover", numbers: ALL },
      { do: "ask", number: "63", as: "place" },
    ]);
    expect(fold(scene, [{ do: "write", number: "36", says: "36" }]).asked?.number).toBe("63");
    expect(fold(scene, [{ do: "write", number: "63", says: "63" }]).asked).toBeNull();
  });
});

const every = (k: number, from: number) =>
  Array.from({ length: 101 }, (_, i) => i)
    .filter((i) => i >= from && i % k === 0)
    .map(String);
