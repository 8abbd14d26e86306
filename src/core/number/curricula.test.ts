import { expect, test } from "vitest";
import { exchangesIn } from "../count/exchange";
import { compared } from "./compared";
import { decidingPlace } from "./deciding";
import { exact, keyOf } from "./exact";
import { expandedForm, piecesOf } from "./pieces";
import { worthOf } from "./place-value";
import { placeName } from "./place-words";

const inPieces = (number: string) =>
  piecesOf(exact(number))!
    .filter(({ count }) => count > 0)
    .map(({ place, count }) => `${count} ${placeName(place, count)}`)
    .join(", ");
const expanded = (number: string) =>
  expandedForm(piecesOf(exact(number))!)
    .map(({ worth }) => worth)
    .join(" + ");

// What published curricula ask of place value. Expected values are written out as numbers; those without a quotation are
// examples of the kind that the curriculum names; the quotations are from memory.

test("Common Core, grade 1: 1.NBT.B.2, tens and ones", () => {
  // 10 is a bundle of ten ones; 11 to 19 are a ten and one to nine ones; 10 to 90 are one to nine tens.
  expect(exchangesIn(exact("9"), exact("1"))).toEqual([{ of: 0, way: "made" }]);
  expect([11, 12, 13, 14, 15, 16, 17, 18, 19].map((n) => inPieces(String(n)))).toEqual([
    "1 ten, 1 one",
    "1 ten, 2 ones",
    "1 ten, 3 ones",
    "1 ten, 4 ones",
    "1 ten, 5 ones",
    "1 ten, 6 ones",
    "1 ten, 7 ones",
    "1 ten, 8 ones",
    "1 ten, 9 ones",
  ]);
  expect([10, 20, 30, 40, 50, 60, 70, 80, 90].map((n) => inPieces(String(n)))).toEqual([
    "1 ten",
    "2 tens",
    "3 tens",
    "4 tens",
    "5 tens",
    "6 tens",
    "7 tens",
    "8 tens",
    "9 tens",
  ]);
});

test("Common Core, grade 2: 2.NBT.A.1 to A.4, hundreds, tens and ones", () => {
  // A.1: "706 equals 7 hundreds, 0 tens, and 6 ones"; 100 is a bundle of ten tens.
  expect(piecesOf(exact("706"))!.map(({ count }) => count)).toEqual([7, 0, 6]);
  expect(exchangesIn(exact("90"), exact("10"))).toEqual([{ of: 1, way: "made" }]);
  // A.3: expanded form. A.4: comparing by the hundreds, tens and ones digits.
  expect(expanded("264")).toBe("200 + 60 + 4");
  expect([compared(exact("264"), exact("246")), decidingPlace(exact("264"), exact("246"))]).toEqual([">", 1]);
});

test("Common Core, grade 4: 4.NBT.A.1, ten times as much in the place to the left", () => {
  // "700 ÷ 70 = 10".
  expect(keyOf(worthOf(2).mul(7).div(worthOf(1).mul(7)))).toBe("10");
});

test("England, programmes of study of 2013, years 1 to 6", () => {
  // Year 2: tens and ones of a two-digit number; year 3: of a three-digit number; year 4: of a four-digit number.
  expect([inPieces("58"), inPieces("371"), inPieces("4206")]).toEqual([
    "5 tens, 8 ones",
    "3 hundreds, 7 tens, 1 one",
    "4 thousands, 2 hundreds, 6 ones",
  ]);
  // Year 4: tenths and hundredths; year 5: thousandths, and numbers to 1,000,000; year 6: to 10,000,000.
  expect([expanded("0.47"), expanded("2.305"), expanded("10000000")]).toEqual([
    "0.4 + 0.07",
    "2 + 0.3 + 0.005",
    "10000000",
  ]);
  expect(expanded("1000000")).toBe("1000000");
  expect(expanded("3060509")).toBe("3000000 + 60000 + 500 + 9");
});

test("digits and expanded form agree with the decimal text of BigInt", () => {
  for (let n = 1n; n < 100_000_000n; n = n * 3n + 7n) {
    const text = n.toString();
    expect(
      piecesOf(exact(n))!
        .map(({ count }) => count)
        .join(""),
    ).toBe(text);
    const parts = [...text].flatMap((digit, i) =>
      digit === "0" ? [] : [digit + "0".repeat(text.length - 1 - i)],
    );
    expect(expanded(text)).toBe(parts.join(" + "));
  }
});
