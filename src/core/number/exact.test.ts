import fc from "fast-check";
import { evaluate } from "mathjs";
import { describe, expect, test } from "vitest";
import { onesDigit } from "./digits";
import { differenceOf, exact, isMultiple, keyOf, keyOfText, sumOf } from "./exact";
import { showNumber } from "./show-number";

const rational = fc.tuple(fc.integer({ min: -9999, max: 9999 }), fc.integer({ min: 1, max: 999 }));

describe("exact numbers", () => {
  test.each([
    ["7", "7"],
    ["-3", "-3"],
    ["0.2", "0.2"],
    ["3/4", "0.75"],
    ["0.750", "0.75"],
    ["2/6", "1/3"],
    ["-10/4", "-2.5"],
    ["1000000000000.001", "1000000000000.001"],
  ])("%s is kept as %s", (written, key) => {
    expect(keyOfText(written)).toBe(key);
  });

  test("a number read from its own key is that number, for every fraction", () => {
    fc.assert(
      fc.property(rational, ([over, under]) => {
        const value = exact(`${over}/${under}`);
        expect(exact(keyOf(value)).equals(value)).toBe(true);
        expect(keyOfText(keyOf(value))).toBe(keyOf(value));
      }),
    );
  });

  // By the rules of school: a/b + c/d = (a × d + c × b) / (b × d), and a/b × c/d = (a × c) / (b × d), on whole numbers.
  test("sums and products are those that the rules of fractions give, worked out on whole numbers", () => {
    fc.assert(
      fc.property(rational, rational, ([a, b], [c, d]) => {
        const [x, y] = [exact(`${a}/${b}`), exact(`${c}/${d}`)];
        const [bigA, bigB, bigC, bigD] = [a, b, c, d].map(BigInt) as [bigint, bigint, bigint, bigint];
        const is = (value: typeof x, over: bigint, under: bigint) =>
          expect(value.s * value.n * under).toBe(over * value.d);
        is(x.add(y), bigA * bigD + bigC * bigB, bigB * bigD);
        is(x.mul(y), bigA * bigC, bigB * bigD);
      }),
    );
  });

  test("one tenth and two tenths are three tenths", () => {
    expect(keyOf(exact("0.1").add(exact("0.2")))).toBe("0.3");
  });

  test("sums and differences of kept numbers agree with whole numbers of any size, and with fractions", () => {
    const whole = fc.bigInt({ min: -(10n ** 17n), max: 10n ** 17n });
    fc.assert(
      fc.property(whole, whole, (a, b) => {
        expect(sumOf(String(a), String(b))).toBe(String(a + b));
        expect(differenceOf(String(a), String(b))).toBe(String(a - b));
      }),
    );
    // Where whole numbers stop being exact as floats: 2^53, by definition of a double.
    expect(sumOf("9007199254740991", "2")).toBe("9007199254740993");
    expect(sumOf("999999999999999", "1")).toBe("1000000000000000");
    expect(differenceOf("-7", "-7")).toBe("0");
    fc.assert(
      fc.property(rational, rational, ([a, b], [c, d]) => {
        const [x, y] = [keyOf(exact(`${a}/${b}`)), keyOf(exact(`${c}/${d}`))];
        expect(sumOf(x, y)).toBe(keyOfText(`${a * d + c * b}/${b * d}`));
        expect(differenceOf(x, y)).toBe(keyOfText(`${a * d - c * b}/${b * d}`));
      }),
    );
  });

  test("multiples agree with mathjs's remainder", () => {
    fc.assert(
      fc.property(fc.integer({ min: -5000, max: 5000 }), fc.integer({ min: 1, max: 60 }), (n, k) => {
        expect(isMultiple(exact(n), exact(k))).toBe(evaluate(`mod(${n}, ${k}) == 0`));
      }),
    );
    expect(isMultiple(exact("0"), exact("0"))).toBe(true);
    expect(isMultiple(exact("4"), exact("0"))).toBe(false);
    expect(isMultiple(exact("0.6"), exact("0.2"))).toBe(true);
  });

  test("ones digits", () => {
    expect([48, -37, 100, 7].map((n) => onesDigit(exact(n)))).toEqual([8, 7, 0, 7]);
    expect(onesDigit(exact("6.2"))).toBe(6);
  });

  test("the screen shows the real minus sign", () => {
    expect(showNumber("-3")).toBe("−3");
    expect(showNumber("48")).toBe("48");
  });
});
