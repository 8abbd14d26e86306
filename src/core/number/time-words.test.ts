import { expect, test } from "vitest";
import { timeDigits, timeWords } from "./time-words";

test("times are said and written as they are read from a clock", () => {
  // England, National curriculum in England: mathematics programmes of study (2013), years 1 and 2: hours, half past,
  // quarter past and quarter to, five minutes; year 3: to the nearest minute. The expected words are common practice.
  const times: [number, string, string][] = [
    [0, "twelve o’clock", "12:00"],
    [10 * 60, "ten o’clock", "10:00"],
    [10 * 60 + 15, "a quarter past ten", "10:15"],
    [10 * 60 + 30, "half past ten", "10:30"],
    [10 * 60 + 35, "twenty-five to eleven", "10:35"],
    [11 * 60 + 45, "a quarter to twelve", "11:45"],
    [12 * 60 - 1, "one minute to twelve", "11:59"],
    [12 * 60 + 5, "five past twelve", "12:05"],
    [7, "seven minutes past twelve", "12:07"],
    [3 * 60 + 29, "twenty-nine minutes past three", "3:29"],
    [9 * 60 + 40, "twenty to ten", "9:40"],
  ];
  for (const [minutes, words, digits] of times) {
    expect([timeWords(minutes), timeDigits(minutes)]).toEqual([words, digits]);
  }
});

test("every minute of a half day has words and digits of its own, and half a day later it is the same", () => {
  const all = Array.from({ length: 720 }, (_, at) => `${timeWords(at)} ${timeDigits(at)}`);
  expect(new Set(all).size).toBe(720);
  for (let at = 0; at < 720; at += 1) expect(timeWords(at + 720)).toBe(timeWords(at));
  // The words of a time an hour later name the next hour.
  expect(timeWords(605).replace("ten", "eleven")).toBe(timeWords(665));
});
