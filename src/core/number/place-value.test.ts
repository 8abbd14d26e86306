import fc from "fast-check";
import { expect, test } from "vitest";
import { exact, keyOf } from "./exact";
import { addPieces, exchangePieces, expandedForm, piecesOf, together, wantingTo } from "./pieces";
import { type Pieces, worthOf, worthTogether } from "./place-value";
import { placeLetters, placeName } from "./place-words";

const pieces = (number: string) => piecesOf(exact(number))?.map(({ place, count }) => [place, count]);
const expanded = (number: string) => expandedForm(piecesOf(exact(number))!).map(({ worth }) => worth);

/** A number with up to eight digits before the point and three behind it. */
const shown = fc
  .tuple(fc.bigInt({ min: 0n, max: 99_999_999n }), fc.integer({ min: 0, max: 999 }))
  .map(([whole, parts]) => exact(whole).add(exact(parts).div(1000)));

test("a number is so many pieces of each place, with zero as a place holder", () => {
  expect(pieces("264")).toEqual([
    [2, 2],
    [1, 6],
    [0, 4],
  ]);
  expect(pieces("204")).toEqual([
    [2, 2],
    [1, 0],
    [0, 4],
  ]);
  expect(pieces("0")).toEqual([[0, 0]]);
  expect(pieces("0.05")).toEqual([
    [0, 0],
    [-1, 0],
    [-2, 5],
  ]);
  for (const none of ["-1", "1/3", "0.0005", "100000000"]) expect(pieces(none)).toBeUndefined();
});

test("the pieces of a number are its digits, and are worth it together", () => {
  fc.assert(
    fc.property(shown, (value) => {
      const found = piecesOf(value)!;
      // The digits as fraction.js writes them, which knows nothing of places.
      const digits = value.toString().replace(".", "");
      expect(found.map(({ count }) => count).join("")).toBe(digits);
      expect(keyOf(worthTogether(found))).toBe(keyOf(value));
      expect(found.map(({ place }) => place)).toEqual(found.map((_, i) => found[0]!.place - i));
    }),
  );
});

test("expanded form is a sum of what each digit is worth", () => {
  // England, National curriculum in England: mathematics programmes of study (2013), year 4: thousands, hundreds, tens and
  // ones of a four-digit number; Common Core 2.NBT.A.1 and A.3: 706 is 7 hundreds, 0 tens and 6 ones, in expanded form.
  expect(expanded("706")).toEqual(["700", "6"]);
  expect(expanded("3482")).toEqual(["3000", "400", "80", "2"]);
  expect(expanded("40")).toEqual(["40"]);
  expect(expanded("0")).toEqual(["0"]);
  expect(expanded("2.05")).toEqual(["2", "0.05"]);
  fc.assert(
    fc.property(shown, (value) => {
      const parts = expandedForm(piecesOf(value)!).map(({ worth }) => exact(worth));
      const sum = parts.reduce((all, part) => all.add(part), exact(0));
      expect(keyOf(sum)).toBe(keyOf(value));
      // Each part is one digit with zeros.
      for (const part of parts) expect(keyOf(part).replace(/^0\.0*|0+$/g, "")).toMatch(/^[1-9]?$/);
    }),
  );
});

test("a digit in one place is worth ten times as much as in the place to its right", () => {
  // Common Core 4.NBT.A.1: 700 ÷ 70 = 10.
  for (let place = -2; place <= 7; place += 1)
    expect(keyOf(worthOf(place).div(worthOf(place - 1)))).toBe("10");
  expect(keyOf(worthOf(7))).toBe("10000000");
  expect(keyOf(worthOf(-3))).toBe("0.001");
});

test("places have names, for one piece and for more", () => {
  expect([7, 3, 1, 0, -1, -3].map((place) => placeName(place))).toEqual([
    "ten millions",
    "thousands",
    "tens",
    "ones",
    "tenths",
    "thousandths",
  ]);
  expect([placeName(1, 1), placeName(0, 1), placeName(2, 0)]).toEqual(["ten", "one", "hundreds"]);
  expect(() => placeName(8)).toThrow(RangeError);
  // Common practice at the head of columns: thousands, hundreds, tens and ones, and small letters past the point.
  expect([5, 4, 3, 2, 1, 0, -1, -2, -3].map(placeLetters).join(" ")).toBe("HTh TTh Th H T O t h th");
});

const counts = (pieces: readonly Pieces[] | null) =>
  pieces?.map(({ place, count }) => [place, count]) ?? null;

test("an exchange changes no value, and there and back is as before", () => {
  expect(counts(exchangePieces([{ place: 0, count: 13 }], 0, "made"))).toEqual([
    [1, 1],
    [0, 3],
  ]);
  expect(exchangePieces([{ place: 0, count: 9 }], 0, "made")).toBeNull();
  expect(exchangePieces([{ place: 0, count: 9 }], 0, "broken")).toBeNull();
  fc.assert(
    fc.property(shown, fc.integer({ min: -3, max: 6 }), (value, of) => {
      const pieces = piecesOf(value)!;
      const broken = exchangePieces(pieces, of, "broken");
      const has = (place: number) => pieces.find((one) => one.place === place)?.count ?? 0;
      expect(broken === null).toBe(has(of + 1) === 0);
      if (broken === null) return;
      expect(worthTogether(broken).equals(value)).toBe(true);
      expect(counts(exchangePieces(broken, of, "made"))).toEqual(counts(pieces));
    }),
  );
});

test("pieces are added and taken one place at a time, and laid together without an exchange", () => {
  const of = (number: string) => piecesOf(exact(number))!;
  expect(counts(addPieces(of("299"), 0, 1))).toEqual([
    [2, 2],
    [1, 9],
    [0, 10],
  ]);
  expect(counts(addPieces(of("30"), 2, 1))).toEqual(counts(of("130")));
  expect(counts(addPieces(of("130"), 2, -1))).toEqual(counts(of("30")));
  expect(addPieces(of("30"), 0, -1)).toBeNull();
  expect(addPieces(of("29"), 0, 21)).toBeNull();
  expect(counts(together(of("28"), of("5")))).toEqual([
    [1, 2],
    [0, 13],
  ]);
  fc.assert(
    fc.property(shown, shown, (a, b) => {
      const laid = together(piecesOf(a)!, piecesOf(b)!);
      expect(worthTogether(laid).equals(a.add(b))).toBe(true);
    }),
  );
});

test("so much is wanting to the next whole ten, hundred or thousand; a whole one goes on to the next", () => {
  const far = (number: string, unit: string) => {
    const { by, next } = wantingTo(exact(number), exact(unit));
    return [keyOf(by), keyOf(next)];
  };
  expect(far("264", "100")).toEqual(["36", "300"]);
  expect(far("300", "100")).toEqual(["100", "400"]);
  expect(far("2.4", "10")).toEqual(["7.6", "10"]);
});
