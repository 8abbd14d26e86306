import fc from "fast-check";
import { expect, test } from "vitest";
import { anyMove } from "../../../tests/support/any-move";
import { cellKey, numberOf, type Target } from "../surface/cell-key";
import { cellState } from "./cell-state";
import { changedCells } from "./changed-cells";
import { fold } from "./fold";
import type { Move } from "./move";
import { EMPTY_SCENE } from "./scene";

const cells: Target[] = [3, 4, 6].flatMap((row) => [2, 4, 5].map((column) => cellKey(row, column)));
const targets: Target[] = [...Array.from({ length: 40 }, (_, i) => String(i)), ...cells];
const some = fc.subarray(cells, { minLength: 1 });
const onCells = fc.oneof<fc.Arbitrary<Move>[]>(
  fc.record({ do: fc.constantFrom("mark", "unmark"), ink: fc.constant("sea"), numbers: some }),
  fc.record({ do: fc.constantFrom("cover", "lift"), numbers: some }),
);
const check: fc.Arbitrary<Move> = fc.constant({ do: "check" });

test("of all that is said otherwise of a number or a place, nothing is left out, also in a silent count", () => {
  const moves = fc.array(fc.oneof({ weight: 8, arbitrary: anyMove }, onCells, check), { maxLength: 12 });
  fc.assert(
    fc.property(moves, moves, fc.boolean(), fc.boolean(), (first, then, hushed, hushedThen) => {
      const before = { ...fold(EMPTY_SCENE, first), hushed };
      const after = { ...fold(before, then), hushed: hushedThen };
      const changed = changedCells(before, after);
      for (const target of targets)
        if (changed && cellState(before, target) !== cellState(after, target))
          expect(changed.has(target) || changed.has(numberOf(target))).toBe(true);
    }),
    { numRuns: 500 },
  );
});

test("one touch among many marks is about the number touched, and where the talk was and is", () => {
  const many = Array.from({ length: 1000 }, (_, i) => String(i));
  const before = fold(EMPTY_SCENE, [
    { do: "mark", ink: "sun", numbers: many },
    { do: "focus", number: "7" },
  ]);
  const after = fold(before, [
    { do: "mark", ink: "sea", numbers: ["48"] },
    { do: "focus", number: "48" },
  ]);
  expect(changedCells(before, after)).toEqual(new Set(["48", "7"]));
  expect(changedCells(after, after)).toEqual(new Set());
});

test("a rule may change any place", () => {
  const all = fold(EMPTY_SCENE, [
    { do: "cover", numbers: { join: "and", conditions: [{ kind: "all", not: false }] } },
  ]);
  expect(changedCells(EMPTY_SCENE, all)).toBeNull();
});
