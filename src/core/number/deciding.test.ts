import fc from "fast-check";
import { expect, test } from "vitest";
import { decidingPlace, decidingWords, digitsOfTyped } from "./deciding";
import { exact } from "./exact";

const decides = (a: string, b: string) => decidingPlace(exact(a), exact(b));

test("the largest place in which two numbers differ decides", () => {
  // Common Core 2.NBT.A.4: compare two three-digit numbers by their hundreds, tens and ones digits.
  expect(decides("264", "246")).toBe(1);
  expect(decides("264", "364")).toBe(2);
  expect(decides("99", "100")).toBe(2);
  expect(decides("706", "708")).toBe(0);
  expect(decides("0.5", "0.45")).toBe(-1);
  expect(decides("7", "7.0")).toBeNull();
  expect(decides("1/3", "1")).toBeNull();
});

test("it decides as subtraction does", () => {
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 99_999 }), fc.integer({ min: 0, max: 99_999 }), (a, b) => {
      const place = decides(String(a), String(b));
      if (place === null) {
        expect(a).toBe(b);
        return;
      }
      const [x, y] = [a, b].map((n) => Math.floor(n / 10 ** place));
      expect(Math.sign(x! - y!)).toBe(Math.sign(a - b));
      expect(Math.floor(x! / 10)).toBe(Math.floor(y! / 10));
    }),
  );
});

test("where two are alike the next place is asked", () => {
  const words = (place: number, ...numbers: string[]) =>
    decidingWords(
      numbers.map((number) => exact(number)),
      place,
    );
  expect(words(2, "264", "246", "318")).toBe("264 and 246: the same hundreds. Look at the tens.");
  expect(words(1, "264", "246", "318")).toBe("The tens decide.");
  expect(words(0, "7", "7")).toBe("7 and 7: the same ones. They are equal.");
  expect(words(5, "7", "8")).toBe("");
});

test("fractions are not compared place by place: as digits they would be told as decimals", () => {
  expect(digitsOfTyped(["0.5", "0.75"])?.rows).toEqual([
    [0, 5, 0],
    [0, 7, 5],
  ]);
  expect(digitsOfTyped(["1/2", "0.75"])).toBeNull();
  expect(digitsOfTyped(["1 1/2", "2"])).toBeNull();
});
