import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { exact } from "../number/exact";
import { indexIn, termAt } from "./sequence";

describe("arithmetic sequences", () => {
  test("a term is where it says", () => {
    fc.assert(
      fc.property(
        fc.integer(),
        fc.integer().filter((n) => n !== 0),
        fc.nat(5000),
        (first, difference, index) => {
          const sequence = { first: exact(first), difference: exact(difference) };
          expect(indexIn(sequence, termAt(sequence, index))).toBe(BigInt(index));
          expect(indexIn(sequence, sequence.first.sub(sequence.difference))).toBeNull();
        },
      ),
    );
  });
});
