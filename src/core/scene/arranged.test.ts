import { expect, test } from "vitest";
import { exact } from "../number/exact";
import { exchangePieces, piecesOf } from "../number/pieces";
import { KINDS } from "../views/kinds";
import { arrangedPieces, gatheredIn } from "./arranged";
import { fold } from "./fold";
import type { Move } from "./move";
import { EMPTY_SCENE } from "./scene";

const at = (moves: Move[], exchange: "at-once" | "by-touch" = "by-touch") => {
  const scene = fold(EMPTY_SCENE, moves);
  const view = { ...KINDS["place-value"].starts, id: "place-value", exchange };
  return arrangedPieces(scene, view, scene.focus ?? "0")!.map(({ place, count }) => [place, count]);
};
const jump = (from: string, by: string): Move[] => [
  { do: "start", number: from },
  { do: "jump", by },
];

test("exchanges that wait for a touch leave the pieces of the jump beside the others", () => {
  const waiting = [
    [2, 2],
    [1, 9],
    [0, 10],
  ];
  expect(at(jump("299", "1"))).toEqual(waiting);
  expect(at(jump("299", "1"), "at-once")).toEqual([
    [2, 3],
    [1, 0],
    [0, 0],
  ]);
  // Ten ones are exchanged by hand, and now ten tens lie together.
  const ones = piecesOf(exact("299"))!.map((some) => (some.place === 0 ? { place: 0, count: 10 } : some));
  const tens = exchangePieces(ones, 0, "made")!;
  expect(gatheredIn(ones)).toEqual([0]);
  expect(gatheredIn(tens)).toEqual([1]);
  const done = [...jump("299", "1"), { do: "build", view: "place-value", pieces: tens } as Move];
  expect(at(done)).toEqual([
    [2, 2],
    [1, 10],
    [0, 0],
  ]);
  // The count goes on: the pieces are those of its next number.
  expect(at([...done, { do: "jump", by: "1" }])).toEqual([
    [2, 3],
    [1, 0],
    [0, 1],
  ]);
  // Another view has its own.
  expect(at([...jump("299", "1"), { do: "build", view: "another", pieces: tens }])).toEqual(waiting);
});

test("what is built is the number talked about, and pieces that are worth too much are refused", () => {
  const scene = fold(EMPTY_SCENE, [
    {
      do: "build",
      view: "place-value",
      pieces: [
        { place: 1, count: 2 },
        { place: 0, count: 13 },
      ],
    },
  ]);
  expect(scene.focus).toBe("33");
});
