import fc from "fast-check";
import { describe, expect, test } from "vitest";
import * as z from "../zod";
import { exact, keyOf } from "./exact";
import { NumberKeyText, NumberText } from "./number-schema";
import { readNumber } from "./read-number";
import { readWhole } from "./read-whole";
import { showNumber } from "./show-number";

describe("reading a typed number", () => {
  test.each([
    [" 7 ", "7"],
    ["−3", "-3"],
    ["0,2", "0.2"],
    [".5", "0.5"],
    ["007", "7"],
    ["3/4", "0.75"],
    ["1,5", "1.5"],
    // As people write them: groups by comma, space and thin space, halves, a minus that stands apart.
    ["1,000", "1000"],
    ["12,345.5", "12345.5"],
    ["1,000,000", "1000000"],
    ["1 000", "1000"],
    ["1\u202f000\u202f000", "1000000"],
    ["1\u2009000,5", "1000.5"],
    ["0,125", "0.125"],
    [",5", "0.5"],
    ["½", "0.5"],
    ["1½", "1.5"],
    ["1 ½", "1.5"],
    ["- 1 ½", "-1.5"],
    ["3 / 4", "0.75"],
    ["1 1/2", "1.5"],
    ["-1 1/2", "-1.5"],
    ["1,000 1/2", "1000.5"],
    ["2⅓", "7/3"],
    ["- 3", "-3"],
    ["−1,000", "-1000"],
    ["+5", "5"],
    ["1.000", "1"],
  ])("%j is %s", (typed, key) => {
    const read = readNumber(typed);
    expect(read.ok && keyOf(read.value)).toBe(key);
  });

  test.each([
    ["", /Write a number here/],
    ["seven", /Write a number, such as/],
    ["1/0", /bottom number of a fraction cannot be 0/],
    ["1e999", /Write a number, such as/],
    ["-0", /Zero has no sign/],
    ["٣", /digits 0 to 9/],
    ["１２", /digits 0 to 9/],
    ["9".repeat(16), /too large/],
    ["9".repeat(5000), /too long/],
    ["0.1234567", /6 decimal places/],
    ["1/99999", /at most 4 digits/],
    // What can be read in two ways is asked about.
    ["1,0000", /meant as 10,000 or as 1.0000/],
    ["1234,567", /meant as 1,234,567 or as 1234.567/],
    ["01,000", /meant as 1,000 or as 01.000/],
    ["1.000,5", /How is 1.000,5 meant/],
    ["1,00,000", /How is 1,00,000 meant/],
    ["1,000 000", /How is 1,000 000 meant/],
    ["1 000,500", /How is 1 000,500 meant/],
    ["10 00", /How is 10 00 meant/],
    ["1 5/4", /The fraction beside a whole number must be smaller than 1/],
    ["1 250/4", /The fraction beside a whole number/],
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

  test("what is shown is read as the same number", () => {
    const shown = fc.oneof(
      fc.integer({ min: -(10 ** 9), max: 10 ** 9 }).map(String),
      fc
        .tuple(fc.integer({ min: -99999, max: 99999 }), fc.integer({ min: 1, max: 999 }))
        .map(([n, d]) => keyOf(exact(n).div(d))),
    );
    fc.assert(
      fc.property(shown, (key) => {
        const read = readNumber(showNumber(key));
        // Decimals of more digits than can be typed are refused, and never read as another number.
        expect(read.ok ? keyOf(read.value) : key).toBe(key);
      }),
    );
  });

  test("digits are grouped by threes, those behind a point are not", () => {
    expect(["1000", "-1200.12345", "999", "10000000", "1000/3"].map((key) => showNumber(key))).toEqual([
      "1,000",
      "−1,200.12345",
      "999",
      "10,000,000",
      "1,000/3",
    ]);
  });

  test("whole numbers within bounds", () => {
    expect(readWhole("12", 1, 30)).toEqual({ ok: true, value: 12 });
    for (const typed of ["0", "31", "2.5", "-4", "ten", "1/3"]) {
      expect(readWhole(typed, 1, 30)).toEqual({ ok: false, message: "Write a whole number from 1 to 30." });
    }
    expect(readWhole("1,000", 1, 1200)).toEqual({ ok: true, value: 1000 });
    expect(readWhole("1,0000", 1, 1200)).toMatchObject({
      message: expect.stringContaining("meant as 10,000 or as"),
    });
    expect(readWhole("0", 1, 1200)).toMatchObject({ message: "Write a whole number from 1 to 1,200." });
  });
});

test("a lesson's numbers are kept as the reader keeps them, plain whole ones too", () => {
  const some = fc.oneof(
    fc.integer().map(String),
    fc.maxSafeInteger().map(String),
    fc.stringMatching(/^-?\d{1,17}$/),
    fc.constantFrom("0", "-0", "00", "-07", "", "-", "1e3", "3/4", "1,000"),
  );
  fc.assert(
    fc.property(some, (typed) => {
      const read = readNumber(typed);
      const [key, text] = [NumberKeyText(z).safeParse(typed), NumberText(z).safeParse(typed)];
      expect([key.success, text.success]).toEqual([read.ok, read.ok]);
      if (read.ok) expect([key.data, text.data]).toEqual([keyOf(read.value), read.text]);
    }),
  );
});
