import fc from "fast-check";
import { expect, test } from "vitest";
import { readNumbers } from "./read-numbers";

const texts = (typed: string, min = 1, max = 6) => {
  const read = readNumbers(typed, min, max);
  return read.ok ? read.texts : read.message;
};

test("numbers in a row are read as people write them", () => {
  expect(texts("250, 280, 293")).toEqual(["250", "280", "293"]);
  expect(texts("250 280;293")).toEqual(["250", "280", "293"]);
  expect(texts("1,000")).toEqual(["1000"]);
  expect(texts("1,000, 2,500")).toEqual(["1000", "2500"]);
  expect(texts("0.5, 1/2")).toEqual(["0.5", "1/2"]);
  expect(texts("1/2, 1, 1 1/2")).toEqual(["1/2", "1", "1 1/2"]);
  expect(texts("2 1/4; -3 1/2")).toEqual(["2 1/4", "-3 1/2"]);
  // By spaces alone they are three.
  expect(texts("1/2 1 1/2")).toEqual(["1/2", "1", "1/2"]);
  expect(texts("1/2 3/4, 1")).toEqual(["1/2", "3/4", "1"]);
});

test("what can be read in two ways is asked about, and too many or too few are told", () => {
  expect(texts("250,280,293")).toMatch(/space after each comma/);
  expect(texts("7", 2)).toBe("Write 2 to 6 numbers.");
  expect(texts("1 2 3 4 5 6 7")).toBe("Write 1 to 6 numbers.");
  expect(texts("12, x")).toMatch(/^x: /);
  expect(texts("")).toBe("Write 1 to 6 numbers.");
});

test("nothing typed throws", () => {
  fc.assert(fc.property(fc.string({ maxLength: 260 }), (typed) => void readNumbers(typed, 1, 6)));
});
