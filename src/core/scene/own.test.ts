import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { anyMove } from "../../../tests/support/any-move";
import { marked, seen } from "../../../tests/support/seen";
import { fold } from "./fold";
import type { Move } from "./move";
import { movesMadeOn, movesOnView, sceneOfView } from "./own";
import { EMPTY_SCENE } from "./scene";

const keeps = { id: "chart-2", own: true } as const;
const shares = { id: "chart" };
const notWithin = anyMove.filter((move) => move.do !== "within");

describe("a view that keeps its own", () => {
  test("shows what would be on the board, had it been done there; and the board shows nothing of it", () => {
    fc.assert(
      fc.property(fc.array(notWithin, { maxLength: 20 }), (moves) => {
        const there = fold(EMPTY_SCENE, moves);
        const scene = fold(EMPTY_SCENE, movesOnView(keeps, moves) as Move[]);
        expect(seen({ ...sceneOfView(keeps, scene), own: {} })).toEqual(seen(there));
        const { laid, written, checked, focus, asked, guides, trail, tiles, aside } = EMPTY_SCENE;
        expect(scene).toMatchObject({ written, checked, focus, asked, guides, trail, tiles, aside });
        expect(scene.laid).toEqual(laid);
      }),
    );
  });

  test("keeps apart what is done on it, on the board, and on another one", () => {
    const mark = (number: string): Move => ({ do: "mark", ink: "sun", numbers: [number] });
    const other = { id: "chart-3", own: true } as const;
    const moves = [
      ...movesOnView(shares, [mark("2")]),
      ...movesOnView(keeps, [mark("4")]),
      ...movesOnView(other, [mark("8")]),
    ] as Move[];
    const scene = fold(EMPTY_SCENE, moves);
    expect([shares, keeps, other].map((view) => marked(sceneOfView(view, scene)))).toEqual([
      ["2"],
      ["4"],
      ["8"],
    ]);
    expect(movesMadeOn(keeps, moves)).toEqual([mark("4")]);
    expect(sceneOfView(keeps, scene)).toBe(sceneOfView(keeps, scene));
    expect(sceneOfView(shares, scene)).toBe(scene);
  });

  test("what is about views and not about numbers stays on the board", () => {
    const done: Move[] = [
      { do: "hide", view: "trail" },
      { do: "focus", number: "7" },
    ];
    expect(movesOnView(keeps, done)).toEqual([{ do: "within", view: "chart-2", moves: [done[1]] }, done[0]]);
    expect(movesOnView(keeps, [done[0]!])).toEqual([done[0]]);
  });
});
