import { expect } from "vitest";
import { answerOf, asked, borrows, type Check, carries, firstIn, numbersIn, PLACES, upTo } from "./check";

/** What recipes of times grids, lines and quantities say, worked out once more by another way. */
export const ON_LINES_AND_IN_PIECES: {
  [K in
    | "times-grid-goes-on"
    | "read-the-scale"
    | "on-and-back"
    | "jump-to-the-answer"
    | "friendly-numbers"
    | "next-ten"
    | "count-with-exchanges"
    | "was-there-an-exchange"
    | "read-the-pieces"
    | "put-in-order"
    | "fill-the-ten"
    | "equal-groups"]: Check<K>;
} = {
  "times-grid-goes-on": ({ row, rows, column, columns }, moments) => {
    const right = answerOf(moments, "To the right");
    const below = answerOf(moments, "Below");
    const products = (count: number, at: (i: number) => number) =>
      Array.from({ length: count }, (_, i) => at(i));
    expect(numbersIn(right).slice(0, rows)).toEqual(products(rows, (i) => (row + i) * (column + columns)));
    expect(numbersIn(below).slice(0, columns)).toEqual(
      products(columns, (i) => (row + rows) * (column + 1 + i)),
    );
  },
  "read-the-scale": ({ from, interval, parts }, moments) => {
    const one = interval / Number(parts);
    expect(firstIn(answerOf(moments, "The parts"))).toBeCloseTo(one, 9);
    for (const { step, scene } of moments.filter(({ step: { asks } }) => asks)) {
      const number = firstIn(step.answer)!;
      expect(number).toBe(Number(scene.asked!.number));
      const ticks = (number - from) / one;
      expect(ticks).toBeCloseTo(Math.round(ticks), 6);
      expect(Math.round(ticks) % Number(parts)).not.toBe(0);
    }
  },
  "on-and-back": ({ from, by, on, back }, moments) => {
    let at = from;
    for (let i = 0; i < on; i += 1) at += by;
    expect(firstIn(answerOf(moments, /^Start/))).toBe(at);
    for (let i = 0; i < back; i += 1) at -= by;
    expect(firstIn(answerOf(moments, "And back"))).toBe(at);
    expect(moments.at(-1)!.scene.trail!.end).toBe(String(at));
  },
  "jump-to-the-answer": ({ a, sign, b }, moments) => {
    const result = sign === "+" ? a + b : a - b;
    expect(numbersIn(answerOf(moments, "The way back"))).toEqual([result, b, a]);
    expect(moments.at(-2)!.scene.trail!.end).toBe(String(result));
    expect(moments.at(-1)!.scene.trail!.end).toBe(String(a));
    let at = a;
    for (const moment of moments.filter(({ step }) => step.asks)) {
      const [by] = numbersIn(moment.step.question);
      at += sign === "+" ? by! : -by!;
      expect(firstIn(moment.step.answer)).toBe(at);
    }
  },
  "friendly-numbers": ({ from, to }, moments) => {
    const far = moments.filter(({ step }) => step.title.startsWith("To "));
    const jumps = far.map(({ step }) => firstIn(step.answer)!);
    expect(jumps.reduce((sum, by) => sum + by, 0)).toBe(Math.abs(to - from));
    let at = from;
    jumps.forEach((by, i) => {
      at += to < from ? -by : by;
      if (i < jumps.length - 1) expect(Math.abs(at % 10)).toBe(0);
    });
    expect(firstIn(answerOf(moments, /^From/)) === asked(moments[0]!)[0]).toBe(true);
    expect(numbersIn(answerOf(moments, "In all")).at(-1)).toBe(Math.abs(to - from));
  },
  "next-ten": ({ numbers }, moments) => {
    const far = moments.filter(({ step }) => step.title.startsWith("From "));
    expect(far.map(({ step }) => firstIn(step.answer))).toEqual(
      numbers.map((text) => upTo(10).find((by) => (Number(text) + by) % 10 === 0)),
    );
  },
  "count-with-exchanges": ({ by, from, jumps }, moments) => {
    const landed = upTo(jumps).map((i) => from + i * by);
    const exchanging = landed.filter((number) => carries(number - by, by).length > 0);
    const before = moments.filter(({ step }) => step.title.startsWith("Before "));
    expect(before.map(({ step }) => firstIn(step.title))).toEqual(exchanging);
    for (const { step, scene } of before) {
      const number = firstIn(step.title)!;
      const places = carries(number - by, by);
      PLACES.slice(0, 4).forEach((place, i) => {
        expect(step.answer.includes(`10 ${place} for`), step.answer).toBe(places.includes(i));
      });
      expect(scene.trail!.end).toBe(String(number - by));
    }
    expect(moments.at(-1)!.scene.trail!.end).toBe(String(landed.at(-1)));
  },
  "was-there-an-exchange": ({ by, way, stops }, moments) => {
    stops.forEach((stop, i) => {
      const number = Number(stop);
      const places = way === "back" ? borrows(number + by, by) : carries(number - by, by);
      expect(moments[i]!.step.answer, `${stop} by ${by} ${way}`).toMatch(
        places.length > 0 ? /^Yes: / : /^No: /,
      );
    });
  },
  "read-the-pieces": ({ numbers }, moments) => {
    numbers.forEach((text, i) => {
      const [read, worth] = [moments[2 * i]!.step, moments[2 * i + 1]!.step];
      expect(firstIn(read.answer)).toBe(Number(text));
      const value = String(firstIn(worth.answer));
      const at = text.length - value.length;
      expect(value).toBe(text[at]!.padEnd(value.length, "0"));
      // One digit is asked for: the number has it once, or its place is named.
      const [, digit] = /the digit (\d)/.exec(worth.question) ?? [];
      if (digit) expect([text[at], text.split(digit).length]).toEqual([digit, 2]);
      else expect(worth.question).toContain(`the ${PLACES[value.length - 1]} digit`);
    });
  },
  "put-in-order": ({ numbers }, moments) => {
    const sorted = numbers.map(Number).sort((a, b) => a - b);
    const largest = answerOf(moments, "The largest");
    expect(numbersIn(largest)).toEqual([sorted.at(-1), ...sorted.slice(-2)]);
    const [second, last] = sorted.slice(-2).map((number) => String(number).padStart(4, "0"));
    expect(largest).toContain(`the ${PLACES[3 - [...last!].findIndex((digit, i) => digit !== second![i])]} `);
    expect(numbersIn(answerOf(moments, "In order"))).toEqual(sorted);
    const [smallest, next] = sorted.map((number) => String(number).padStart(4, "0"));
    const at = [...smallest!].findIndex((digit, i) => digit !== next![i]);
    expect(answerOf(moments, "The two smallest")).toContain(`The ${PLACES[3 - at]}:`);
    const { order } = Object.values(moments.at(-1)!.scene.ordered)[0]!;
    expect(order!.map((i) => Number(numbers[i]))).toEqual(sorted);
  },
  "fill-the-ten": ({ first, second }, moments) => {
    let [full, left] = [first, second];
    while (full % 10 !== 0) [full, left] = [full + 1, left - 1];
    expect(firstIn(answerOf(moments, "How many more?"))).toBe(full - first);
    expect(firstIn(answerOf(moments, "Fill it"))).toBe(left);
    expect(numbersIn(answerOf(moments, "In all"))).toEqual([full, left, first + second]);
  },
  "equal-groups": ({ groups, each }, moments) => {
    const ends = upTo(groups * each).filter((number) => number % each === 0);
    expect(numbersIn(answerOf(moments, "One more"))[0]).toBe(ends[1]);
    expect(Object.values(moments.at(-1)!.scene.grouped)[0]!.laid).toBe(ends.at(-1));
    expect(numbersIn(answerOf(moments, "All of them"))).toEqual([groups, each, ends.at(-1)]);
  },
};
