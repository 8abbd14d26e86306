import { ToWords } from "to-words";
import { describe, expect, test } from "vitest";
import { numberWords } from "./number-words";

const other = new ToWords({ localeCode: "en-US" });
/** Both libraries' words in one style: small letters, no hyphens, no "and". */
const plain = (words: string) =>
  words.toLowerCase().replaceAll("-", " ").replaceAll(" and ", " ").replace(/\s+/g, " ").trim();

describe("numbers in words", () => {
  // A second general library, to-words: the same words for every whole number, in both forms.
  test("agree with to-words from 0 to 1,200 and at the turns up to a billion", () => {
    const turns = [
      1999, 2000, 9_999, 10_000, 10_001, 99_999, 100_000, 101_101, 999_999, 1_000_000, 1_000_001, 1_234_567,
      999_999_999,
    ];
    for (const n of [...Array.from({ length: 1201 }, (_, i) => i), ...turns]) {
      for (const form of ["british", "american"] as const) {
        expect([n, plain(numberWords(String(n), form))]).toEqual([n, plain(other.convert(n))]);
      }
    }
  });

  // Common practice, no source: "and" is said in Britain after the hundreds, and not in America.
  test.each([
    ["112", "one hundred and twelve", "one hundred twelve"],
    ["100", "one hundred", "one hundred"],
    ["1001", "one thousand and one", "one thousand one"],
    ["42", "forty-two", "forty-two"],
    ["0", "zero", "zero"],
    ["-7", "minus seven", "negative seven"],
    ["2.25", "two point two five", "two point two five"],
    ["-0.5", "minus zero point five", "negative zero point five"],
    ["10.05", "ten point zero five", "ten point zero five"],
    ["1/3", "one third", "one third"],
    ["-5/3", "minus one and two thirds", "negative one and two thirds"],
    ["22/7", "three and one seventh", "three and one seventh"],
  ])("%s", (number, british, american) => {
    expect([numberWords(number, "british"), numberWords(number, "american")]).toEqual([british, american]);
  });
});
