import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { keyOf } from "./exact";
import { readNumber } from "./read-number";
import { readWhole } from "./read-whole";

describe("reading a typed number", () => {
  test.each([
    [" 7 ", "7"],
    ["−3", "-3"],
    ["0,2", "0.2"],
    [".5", "0.5"],
    ["007", "7"],
    ["3/4", "0.75"],
    ["1,5", "1.5"],
  ])("%j is %s", (typed, key) => {
    const read = readNumber(typed);
    expect(read.ok && keyOf(read.value)).toBe(key);
  });

  test.each([
    ["", /Write a number here/],
    ["seven", /Write a number, such as/],
    ["1/0", /cannot have 0 below/],
    ["1e999", /Write a number, such as/],
    ["-0", /Zero has no sign/],
    ["٣", /digits 0 to 9/],
    ["１２", /digits 0 to 9/],
    ["9".repeat(16), /too large/],
    ["9".repeat(5000), /too long/],
    ["0.1234567", /6 decimal places/],
    ["1/99999", /4 digits/],
    ["1,000,000", /without commas/],
    ["--3", /Write a number, such as/],
    ["3/4/5", /Write a number, such as/],
    ["NaN", /Write a number, such as/],
  ])("%j is refused with what to do", (typed, message) => {
    const read = readNumber(typed);
    expect(read.ok).toBe(false);
    expect(!read.ok && read.message).toMatch(message);
  });

  test("nothing typed throws", () => {
    fc.assert(
      fc.property(
        fc.oneof(fc.string(), fc.string({ unit: "binary" }), fc.stringMatching(/^[-−0-9.,/ e]{0,45}$/)),
        (typed) => {
          const read = readNumber(typed);
          expect(read.ok ? read.text.length > 0 : read.message.length > 0).toBe(true);
        },
      ),
    );
  });

  test("whole numbers within bounds", () => {
    expect(readWhole("12", 1, 30)).toEqual({ ok: true, value: 12 });
    for (const typed of ["0", "31", "2.5", "-4", "ten", "1/3"]) {
      expect(readWhole(typed, 1, 30)).toEqual({ ok: false, message: "Write a whole number from 1 to 30." });
    }
    expect(readWhole("0", 1, 1200)).toMatchObject({ message: "Write a whole number from 1 to 1,200." });
  });
});
