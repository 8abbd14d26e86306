import { describe, expect, test } from "vitest";
import { descriptionLength } from "./description-length";
import { type Condition, ruleOf } from "./rule";

describe("how long a rule takes to say", () => {
  const bits = (condition: Record<string, unknown>) =>
    descriptionLength(ruleOf({ not: false, ...condition } as Condition));

  // From the lines of the docstring, worked out by hand.
  test("is what its docstring says", () => {
    expect(bits({ kind: "even" })).toBe(2);
    expect(bits({ kind: "even", not: true })).toBe(4);
    expect(bits({ kind: "multiples", of: "7" })).toBe(5);
    expect(bits({ kind: "digit", place: "ones", digit: 4 })).toBeCloseTo(3 + Math.log2(3) + Math.log2(10));
    expect(bits({ kind: "picked", numbers: ["3", "7"] })).toBe(4 + (1 + 2) + (1 + 3));
    expect(bits({ kind: "multiples", of: "1/3" })).toBe(2 + 1 + 2);
    const [three, five] = ["3", "7"].map((of): Condition => ({ kind: "multiples", not: false, of }));
    expect(descriptionLength({ join: "or", conditions: [three!, five!] })).toBe(4 + 5 + 3 - 1);
    expect(descriptionLength({ join: "and", conditions: [three!], first: { many: 7, from: "1" } })).toBe(
      4 + 4 + 3,
    );
  });

  test("puts what a class says first before what it rarely says", () => {
    const order = [
      { kind: "even" },
      { kind: "multiples", of: "2" },
      { kind: "square" },
      { kind: "multiples", of: "10" },
      { kind: "digit", place: "ones", digit: 0 },
      { kind: "remainder", more: "3", of: "5" },
      { kind: "picked", numbers: ["3", "17"] },
    ].map(bits);
    expect(order).toEqual([...order].sort((a, b) => a - b));
  });
});
