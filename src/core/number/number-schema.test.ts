import fc from "fast-check";
import { describe, expect, test } from "vitest";
import * as z from "../zod";
import { exact, keyOf } from "./exact";
import { NumberKeyText, NumberText } from "./number-schema";

const key = (text: string) => {
  const read = NumberKeyText(z).safeParse(text);
  return read.success ? read.data : null;
};

describe("a number in a move", () => {
  test("is taken back as it was written, however often a jump was cut in halves and thirds", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: -(10 ** 9), max: 10 ** 9 }),
        fc.array(fc.constantFrom(2, 3), { maxLength: 40 }),
        (number, cuts) => {
          const text = keyOf(cuts.reduce((size, parts) => size.div(parts), exact(number)));
          expect(key(text)).toBe(text);
        },
      ),
    );
    // 10 ÷ 2⁸.
    expect(key("0.0390625")).toBe("0.0390625");
  });

  test("has one text; what is none, or has no end, is refused", () => {
    expect(["3/4", "0.750", "1 1/2", "1,000"].map(key)).toEqual(["0.75", "0.75", "1.5", "1000"]);
    const refused = ["0.03906250", "1/19683/2", "7/0", "12/19682", `0.${"3".repeat(61)}`, "1e9", ""];
    expect(refused.map(key)).toEqual(refused.map(() => null));
  });

  test("in a setting it is as short as it can be typed", () => {
    expect(NumberText(z).safeParse("0.0390625").success).toBe(false);
    expect(NumberText(z).safeParse("3/4").data).toBe("3/4");
  });
});
