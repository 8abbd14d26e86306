import { expect, test } from "vitest";
import { fold } from "./fold";
import { guessedOf } from "./guessed";
import { EMPTY_SCENE } from "./scene";

const view = { id: "guess", kind: "higher-lower", from: 0, to: 100, chances: "after" } as const;
const drawn = (number: string) => ({ do: "draw-next", view: "guess", number }) as const;

test("numbers that a narrower range no longer holds are drawn anew; the row of right ones goes on", () => {
  const scene = fold(EMPTY_SCENE, [
    drawn("40"),
    drawn("90"),
    { do: "guess", view: "guess", says: "higher" },
    { do: "show-next", view: "guess" },
  ]);
  expect(guessedOf(scene, view)).toMatchObject({ at: "40", next: "90", told: true, run: 1 });
  const narrow = { ...view, to: 50 };
  expect(guessedOf(scene, narrow)).toEqual({ at: null, next: null, said: null, told: false, run: 1 });
  // The first two of the new range take the places of both.
  const again = fold(scene, [drawn("7"), drawn("12")]);
  expect(guessedOf(again, narrow)).toMatchObject({ at: "7", next: "12", said: null, told: false });
});
