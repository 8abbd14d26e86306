import fc from "fast-check";
import { expect, test } from "vitest";
import { exact } from "./exact";
import { isFraction, writtenText } from "./fraction-text";
import { readNumber } from "./read-number";
import { writtenAs } from "./written-of";

const typed = (text: string) => {
  const read = readNumber(text);
  if (!read.ok) throw new Error(read.message);
  return writtenAs(read.text);
};

test("a number is written as it was typed", () => {
  expect(typed("6/8")).toEqual({ whole: "", over: "6", under: "8" });
  expect(typed("−1 3/4")).toEqual({ whole: "−1", over: "3", under: "4" });
  expect(typed("-1/2")).toEqual({ whole: "−", over: "1", under: "2" });
  expect(typed("½")).toEqual({ whole: "", over: "1", under: "2" });
  expect(typed("0.75")).toEqual({ whole: "0.75", over: "", under: "" });
  expect(typed("-1200.5")).toEqual({ whole: "−1,200.5", over: "", under: "" });
});

test("what is written is the number that was typed, with the parts that were typed", () => {
  const part = fc.integer({ min: 1, max: 9999 });
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 999_999 }), part, fc.boolean(), (over, under, minus) => {
      const text = `${minus ? "-" : ""}${over}/${under}`;
      expect(isFraction(text)).toBe(true);
      const written = typed(text);
      expect(written.under.replaceAll(",", "")).toBe(String(under));
      const read = readNumber(writtenText(written).replaceAll(",", ""));
      expect(read.ok && read.value.equals(exact(text))).toBe(true);
    }),
  );
});
