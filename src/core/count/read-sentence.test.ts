import fc from "fast-check";
import { all, create } from "mathjs";
import { describe, expect, test } from "vitest";
import { exact, keyOf } from "../number/exact";
import { WAYS, type Way } from "./bridge";
import { jumpKinds, placeOfJump } from "./jump-place";
import { numberSentence, termSize, unbroken } from "./number-sentence";
import { readSentence } from "./read-sentence";
import { coverJumps, joinJumps, jumpBack, jumpOn, splitJump, startTrail, type Trail } from "./trail";

// mathjs with exact fractions (mathjs.org), a general-purpose library, checks what sentences come to.
const math = create(all!, { number: "Fraction" });
const byMathjs = (text: string) =>
  keyOf(exact(math.format(math.evaluate(text), { fraction: "ratio" }).replace(/^(-?\d+)$/, "$1/1")));

const read = (typed: string, way: Way = "one") => {
  const said = readSentence(typed, way);
  return said.ok ? `${said.start} | ${said.jumps.join(" ")} | ${said.value}` : said.message;
};
const trail = (start: string, ...jumps: string[]): Trail =>
  jumps.reduce((so, by) => jumpOn(so, by), startTrail(start));
const sentence = (of: Trail, form?: "gathered" | "each") =>
  numberSentence(of, form)
    ?.map(({ text }) => text)
    .join(" ");

describe("a number sentence that is typed", () => {
  test.each([
    ["52 − 17", "one", "52 | -17 | 35"],
    ["52-17", "gathered", "52 | -2 -10 -5 | 35"],
    ["27 + 3 + 40 = 70", "one", "27 | 3 40 | 70"],
    ["4 × 6", "one", "0 | 6 6 6 6 | 24"],
    ["4*6+2*6=?", "one", "0 | 6 6 6 6 6 6 | 36"],
    ["24 ÷ 6 =", "one", "24 | -6 -6 -6 -6 | 0"],
    ["24/6", "one", "24 | -6 -6 -6 -6 | 0"],
    ["24 / 6 = 4", "one", "24 | -6 -6 -6 -6 | 0"],
    ["-3 + 5", "one", "-3 | 5 | 2"],
    ["1/4 + 3/4", "one", "0.25 | 0.75 | 1"],
    ["0,5 + 0.25", "one", "0.5 | 0.25 | 0.75"],
    ["(2 + 3) × 4", "one", "0 | 4 4 4 4 4 | 20"],
    ["45 + 39", "over-and-back", "45 | 40 -1 | 84"],
    ["35 = 27 + 8", "one", "27 | 8 | 35"],
    ["24 = 4 × 6", "one", "0 | 6 6 6 6 | 24"],
    ["-5 = 2 - 7", "one", "2 | -7 | -5"],
  ] as const)("%s, %s: %s", (typed, way, said) => {
    expect(read(typed, way)).toBe(said);
  });

  test.each([
    ["", "Write a number sentence such as 52 − 17 or 4 × 6."],
    ["forty + 2", "“f” cannot be used in a number sentence. Use numbers and + − × ÷ ( )."],
    ["7", "Write a number sentence such as 52 − 17 or 4 × 6."],
    ["7 +", "A number is missing at the end of the sentence."],
    ["3 + ? = 10", "Write a number for the ?, or put this sentence among the problems of a board."],
    ["0 × 5", "That makes no jump. Write a sentence with a jump in it."],
    ["7 + × 2", "A number is missing before “×”."],
    ["(7 + 2", "A bracket is not closed. Write ) where it ends."],
    ["7 + 2)", "A bracket is closed that was not opened."],
    ["7 ÷ 0", "No number can be divided by 0. Write another number there."],
    ["7 + 1/0", "The bottom number of a fraction cannot be 0. Write another number there."],
    ["31 = 27 + 3", "That comes to 31, not 30."],
    ["27 + 3 = 31", "That comes to 30, not 31."],
    ["25 ÷ 6", "25 ÷ 6 does not make a whole number of jumps that fit on the line."],
    ["１ + 2", "Write the number with the digits 0 to 9."],
    ["400 × 1 + 400 × 1", "That is more than 500 jumps. Write a shorter sentence, or choose another way."],
    ["9".repeat(81), "That sentence is too long. Write at most 80 characters."],
    ["999999999999999 × 999999999999999", "The answer has too many digits."],
  ])("%s: %s", (typed, message) => {
    expect(read(typed)).toBe(message);
  });

  test("nothing typed throws, or takes long", () => {
    const signs = fc.array(fc.constantFrom(..."0123456789+−×÷()=?/., x".split("")), { maxLength: 90 });
    fc.assert(fc.property(signs, (typed) => void readSentence(typed.join(""), "singles")));
    fc.assert(fc.property(fc.string(), (typed) => void readSentence(typed, "one")));
  });

  test("comes to what mathjs says, however its jumps are drawn", () => {
    const number = fc.oneof(
      fc.integer({ min: 0, max: 900 }).map(String),
      fc.integer({ min: 0, max: 99 }).map((n) => `${n / 10}`),
      fc.tuple(fc.integer({ min: 0, max: 9 }), fc.integer({ min: 1, max: 9 })).map(([a, b]) => `${a}/${b}`),
    );
    const sum = fc
      .tuple(number, fc.array(fc.tuple(fc.constantFrom("+", "−"), number), { minLength: 1, maxLength: 3 }))
      .map(([first, rest]) => first + rest.map(([sign, n]) => ` ${sign} ${n}`).join(""));
    fc.assert(
      fc.property(sum, fc.constantFrom(...WAYS), (typed, way) => {
        const said = readSentence(typed, way);
        if (!said.ok) {
          // Only a way in small jumps over a long distance can exceed 500 jumps.
          const far = byMathjs(typed.replace(/^\S+/, "0").replaceAll("−", "+"));
          if (
            way !== "one" &&
            exact(far).compare(10) > 0 &&
            said.message.startsWith("That is more than 500 jumps")
          ) {
            return;
          }
          expect(said.message).toBe("Write a number sentence such as 52 − 17 or 4 × 6.");
          return;
        }
        expect(said.value).toBe(byMathjs(typed.replaceAll("−", "-")));
        expect(trail(said.start, ...said.jumps).end).toBe(said.value);
      }),
    );
  });
});

describe("a number sentence that is written", () => {
  test.each([
    ["27 + 3 + 40 = 70", trail("27", "3", "40"), "gathered"],
    ["4 × 6 = 24", trail("0", "6", "6", "6", "6"), "gathered"],
    ["0 + 6 + 6 = 12", trail("0", "6", "6"), "each"],
    ["24 + 6 + 6 = 36", trail("24", "6", "6"), "each"],
    ["24 + 6 + 6 = 36", trail("24", "6", "6"), "gathered"],
    ["998 + 2 + 2 = 1,002", trail("998", "2", "2"), "gathered"],
    ["24 + 4 × 6 = 48", trail("24", "6", "6", "6", "6"), "gathered"],
    ["8 − 3 = 5", trail("8", "-1", "-1", "-1"), "gathered"],
    ["8 − 1 − 1 − 1 = 5", trail("8", "-1", "-1", "-1"), "each"],
    ["0 − 3 = −3", trail("0", "-3"), "gathered"],
  ] as const)("%s", (words, of, form) => {
    expect(sentence(of, form)).toBe(words);
  });

  test.each([
    ["7 + 7 + 7", "7 + 7 + 7 = 21"],
    ["52 - 17", "52 − 17 = 35"],
    ["7+7+7+7+7+7", "7 + 7 + 7 + 7 + 7 + 7 = 42"],
    ["4 x 6 + 2 x 6", "4 × 6 + 2 × 6 = 36"],
    ["0 + 5", "0 + 5 = 5"],
    ["5,000 + 250", "5,000 + 250 = 5,250"],
    ["1 000 + 1½", "1,000 + 1.5 = 1,001.5"],
    ["3 + 2 × 4 - 1", "3 + 2 × 4 − 1 = 10"],
    ["24 ÷ 6", "24 ÷ 6 = 4"],
    ["1,200 : 300 =", "1,200 ÷ 300 = 4"],
    ["6 ÷ 6", "6 ÷ 6 = 1"],
  ])("%s stays as it was typed: %s", (typed, written) => {
    const said = readSentence(typed, "one");
    if (!said.ok) throw new Error(said.message);
    const of = said.jumps.reduce((so, by) => jumpOn(so, by), startTrail(said.start, said.terms));
    expect(sentence(of)).toBe(written);
  });

  test("jumps made after a typed sentence are written behind it; a split one stands in its parts", () => {
    const typed = ["17", "-5"].reduce((so, by) => jumpOn(so, by), startTrail("52", [0, 0]));
    expect(sentence(jumpOn(typed, "3"))).toBe("52 + 17 − 5 + 3 = 67");
    expect(sentence(splitJump(typed, 0, ["8", "9"]))).toBe("52 + 8 + 9 − 5 = 64");
  });

  test("a division is one as long as its jumps are those that it has", () => {
    const typed = ["-6", "-6", "-6", "-6"].reduce((so, by) => jumpOn(so, by), startTrail("24", [-4]));
    expect(sentence(typed)).toBe("24 ÷ 6 = 4");
    expect(sentence(typed, "each")).toBe("24 − 6 − 6 − 6 − 6 = 0");
    expect(sentence(jumpBack(typed))).toBe("24 − 3 × 6 = 6");
    expect(sentence(jumpOn(typed, "5"))).toBe("24 − 4 × 6 + 5 = 5");
  });

  test("what a covered term hides is what stands in the sentence", () => {
    const sixes = trail("0", "6", "6", "6", "6");
    expect(termSize(sixes, "gathered", [0, 1, 2, 3])).toBe("6");
    expect(termSize(sixes, "each", [2])).toBe("6");
    const ones = trail("8", "-1", "-1", "-1");
    expect(termSize(ones, "gathered", [0, 1, 2])).toBe("3");
    expect(termSize(ones, null, [1])).toBe("1");
  });

  test("comes to its landing, as mathjs evaluates it", () => {
    const jumps = fc.array(fc.integer({ min: -40, max: 40 }).filter(Boolean).map(String), {
      minLength: 1,
      maxLength: 8,
    });
    fc.assert(
      fc.property(
        fc.integer({ min: -99, max: 99 }),
        jumps,
        fc.constantFrom("gathered", "each"),
        (start, by, form) => {
          const of = trail(String(start), ...by);
          const [left] = sentence(of, form as "each")!
            .replaceAll("−", "-")
            .replaceAll("×", "*")
            .replaceAll(",", "")
            .split("=");
          expect(byMathjs(left!)).toBe(of.end);
        },
      ),
    );
  });

  test("a term names its jumps, so that a cover on a jump covers its term", () => {
    const parts = numberSentence(trail("27", "3", "10", "10", "10", "10"))!;
    expect(parts.flatMap((part) => (part.kind === "term" ? [[part.text, part.jumps]] : []))).toEqual([
      ["3", [0]],
      ["4", []],
      ["10", [1, 2, 3, 4]],
    ]);
  });
});

describe("jumps of a trail", () => {
  test("a split one and joined ones keep the sum and where the trail leads", () => {
    const some = fc.array(fc.integer({ min: -50, max: 50 }).filter(Boolean).map(String), {
      minLength: 2,
      maxLength: 6,
    });
    fc.assert(
      fc.property(some, fc.nat(5), fc.integer({ min: -30, max: 30 }), (by, at, part) => {
        const of = trail("7", ...by);
        const index = at % by.length;
        const rest = keyOf(exact(by[index]!).sub(part));
        const split = splitJump(of, index, [String(part), rest]);
        expect(split.end).toBe(of.end);
        expect(trail(split.start, ...split.jumps).end).toBe(of.end);
        expect(joinJumps(split, index).jumps).toEqual(of.jumps);
        const joined = joinJumps(of, index);
        expect(trail(joined.start, ...joined.jumps).end).toBe(of.end);
      }),
    );
    expect(splitJump(trail("7", "30"), 0, ["10", "10"]).jumps).toEqual(["30"]);
  });

  test("wear the colour of their place; equal ones are all alike", () => {
    expect(["4", "-20", "200", "3000", "0.3", "0.04"].map(placeOfJump)).toEqual([
      "ones",
      "tens",
      "hundreds",
      "thousands",
      "tenths",
      "hundredths",
    ]);
    expect(["24", "0", "1/3", "40000"].map(placeOfJump)).toEqual([null, null, null, null]);
    expect(jumpKinds(trail("276", "4", "20", "224"))).toEqual(["ones", "tens", "other"]);
    expect(jumpKinds(trail("0", "6", "6", "-6"))).toEqual(["equal", "equal", "equal"]);
  });

  test("wear no colour that tells a covered size, or that it is equal to the others", () => {
    const covered = (last: string, ...jumps: string[]) =>
      jumpKinds(coverJumps(trail("276", ...jumps, last), [jumps.length], "size", true));
    expect(covered("4", "4", "20")).toEqual(["ones", "tens", "equal"]);
    expect(covered("200", "4", "20")).toEqual(["ones", "tens", "equal"]);
    expect(covered("20", "20")).toEqual(covered("3", "20"));
    expect(covered("4", "4", "4")).toEqual(["equal", "equal", "equal"]);
    expect(covered("20", "4", "4")).toEqual(["equal", "equal", "equal"]);
    expect(covered("20")).toEqual(covered("4"));
  });
});

test("a sentence is broken before its signs, and nothing of it is lost", () => {
  const parts = numberSentence(trail("47", "-30", "2"))!;
  const groups = unbroken(parts);
  expect(groups.map((group) => group.map(({ text }) => text).join(" "))).toEqual([
    "47",
    "− 30",
    "+ 2",
    "= 19",
  ]);
  expect(groups.flat()).toEqual(parts);
});
