import { describe, expect, test } from "vitest";
import { fold } from "../scene/fold";
import { EMPTY_SCENE, isCoveredAt } from "../scene/scene";
import * as z from "../zod";
import { firstOnly } from "./choose-condition";
import { holdsOf } from "./holds";
import { firstOf, membersFrom } from "./members";
import { type Condition, Rule, ruleOf } from "./rule";
import { ruleWords } from "./rule-words";

const one = (condition: Record<string, unknown>): Rule =>
  Rule(z).parse(ruleOf({ not: false, ...condition } as Condition));
const next = (condition: Record<string, unknown>, from: number, many: number) =>
  membersFrom(one(condition), from, many).found;
const wholes = (to: number) => Array.from({ length: to + 1 }, (_, n) => n);

describe("only the first ones", () => {
  const first = (condition: Record<string, unknown>, many: number, from = "1") =>
    Rule(z).parse({ ...one(condition), first: { many, from } });

  test("of multiples, primes and powers", () => {
    expect(firstOf(first({ kind: "multiples", of: "7" }, 5))).toEqual([7, 14, 21, 28, 35]);
    expect(firstOf(first({ kind: "prime" }, 4, "50"))).toEqual([53, 59, 61, 67]);
    expect(firstOf(first({ kind: "powers", of: "10" }, 13)).at(-1)).toBe(1_000_000_000_000);
    const holds = holdsOf(first({ kind: "even" }, 3), () => 0);
    expect(wholes(10).filter((n) => holds(String(n)))).toEqual([2, 4, 6]);
  });

  test("as they are typed: how many, and from which one on", () => {
    expect(firstOnly({ many: "5", from: "1" })).toEqual({ ok: true, value: { many: 5, from: "1" } });
    expect(firstOnly({ many: "5" })).toEqual({ ok: true, value: { many: 5, from: "1" } });
    expect(firstOnly({ many: " ", from: "x" })).toEqual({ ok: true, value: undefined });
    expect(firstOnly({ many: "0", from: "1" })).toMatchObject({ ok: false, at: "many" });
    expect(firstOnly({ many: "5000", from: "1" })).toMatchObject({ ok: false, at: "many" });
    expect(firstOnly({ many: "5", from: "1/2" })).toMatchObject({ ok: false, at: "from" });
  });

  test("of all numbers are a few, not all", () => {
    const scene = fold(EMPTY_SCENE, [{ do: "cover", numbers: first({ kind: "all" }, 3) }]);
    expect(wholes(5).filter((n) => isCoveredAt(scene, String(n)))).toEqual([1, 2, 3]);
    const again = fold(scene, [{ do: "lift", numbers: first({ kind: "all" }, 2) }]);
    expect(wholes(5).filter((n) => isCoveredAt(again, String(n)))).toEqual([3]);
  });

  test("are said", () => {
    expect(ruleWords(first({ kind: "multiples", of: "7" }, 5))).toBe(
      "the first 5 whole numbers from 1 on that are multiples of 7",
    );
    expect(ruleWords(first({ kind: "contains", digit: 7, not: true }, 1, "0"))).toBe(
      "the first whole number from 0 on that does not have a digit 7",
    );
  });

  test("not of marks, and not too many", () => {
    expect(() => first({ kind: "marked" }, 3)).toThrow();
    expect(() => first({ kind: "even" }, 5000)).toThrow();
  });
});

describe("what comes far beyond a chart", () => {
  test("the next ones above a million, at once however rare they are", () => {
    expect(next({ kind: "square" }, 1_000_001, 2)).toEqual([1_002_001, 1_004_004]);
    expect(next({ kind: "added", first: "1", second: "1" }, 1_000_001, 1)).toEqual([1_346_269]);
    expect(next({ kind: "prime" }, 1_000_001, 2)).toEqual([1_000_003, 1_000_033]);
    expect(next({ kind: "powers", of: "2" }, 1_000_001, 1)).toEqual([1_048_576]);
  });

  test("of two rules together, and of either", () => {
    const [a, b] = [one({ kind: "multiples", of: "99991" }), one({ kind: "multiples", of: "99989" })];
    const conditions = [...a.conditions, ...b.conditions];
    expect(membersFrom({ join: "and", conditions }, 1, 1).found).toEqual([99_991 * 99_989]);
    expect(membersFrom({ join: "or", conditions }, 1, 3).found).toEqual([99_989, 99_991, 199_978]);
  });

  test("a rule that holds no more numbers says how far it was searched", () => {
    expect(membersFrom(one({ kind: "factors", of: "24" }), 20, 5)).toMatchObject({ found: [24] });
    expect(membersFrom(one({ kind: "less", than: "5" }), 3, 5)).toEqual({
      found: [3, 4],
      searchedTo: 999_999_999_999_999,
    });
  });
});
