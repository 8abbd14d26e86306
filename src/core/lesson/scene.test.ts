import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { anyMove } from "../../../tests/support/any-move";
import { INKS } from "./ink";
import type { Move } from "./move";
import { inksIn, isCovered, isFocus, placeState } from "./place-state";
import { EMPTY_SCENE, fold, type Scene } from "./scene";

const plain = (scene: Scene) => ({
  ...scene,
  marks: [...scene.marks].sort(),
  covers: [...scene.covers].sort(),
});

describe("the fold of moves", () => {
  test("folding one move fewer takes that move back, whatever it was", () => {
    fc.assert(
      fc.property(fc.array(anyMove, { maxLength: 40 }), anyMove, (moves, last) => {
        const before = plain(fold(EMPTY_SCENE, moves));
        fold(fold(EMPTY_SCENE, moves), [last]);
        expect(plain(fold(EMPTY_SCENE, [...moves, last].slice(0, -1)))).toEqual(before);
      }),
    );
  });

  test("folding in two parts is folding at once, and the scene given stays as it was", () => {
    fc.assert(
      fc.property(fc.array(anyMove), fc.array(anyMove), (a, b) => {
        const scene = fold(EMPTY_SCENE, a);
        const before = plain(scene);
        expect(plain(fold(scene, b))).toEqual(plain(fold(EMPTY_SCENE, [...a, ...b])));
        expect(plain(scene)).toEqual(before);
        expect(EMPTY_SCENE.marks.size + EMPTY_SCENE.covers.size).toBe(0);
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
    expect([...scene.marks]).toEqual([["12", 0b101]]);
    expect([...scene.covers]).toEqual(["7"]);
  });

  test("clearing takes one ink and leaves the others, or takes all", () => {
    const marked: Move[] = INKS.map((ink) => ({ do: "mark", ink, numbers: ["24"] }));
    expect(fold(EMPTY_SCENE, [...marked, { do: "clear-marks", ink: "sea" }]).marks.get("24")).toBe(0b11011);
    expect(fold(EMPTY_SCENE, [...marked, { do: "clear-marks", ink: null }]).marks.size).toBe(0);
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
    ).toEqual({
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
    const state = placeState(scene, "5");
    expect([inksIn(state), isCovered(state), isFocus(state)]).toEqual([0b10000, true, true]);
    expect(placeState(scene, "6")).toBe(0);
  });
});
