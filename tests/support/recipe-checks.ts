import { expect } from "vitest";
import type { RecipeInputs, RecipeName } from "@/core/lesson/recipes/any";
import type { RecipeStep } from "@/core/lesson/recipes/recipe";
import { inksAt, type Scene } from "@/core/scene/scene";

type InputsOf<K extends RecipeName> = Extract<RecipeInputs, { kind: K }>;
type Moment = { step: RecipeStep; scene: Scene };
type Check<K extends RecipeName> = (inputs: InputsOf<K>, moments: readonly Moment[]) => void;

/** The numbers in some words, in their order: "1,042 and 7" has 1042 and 7. */
const numbersIn = (words: string): number[] =>
  (words.match(/\d{1,3}(?:,\d{3})+(?:\.\d+)?|\d+(?:\.\d+)?/g) ?? []).map((text) =>
    Number(text.replaceAll(",", "")),
  );
const firstIn = (words: string) => numbersIn(words)[0];
const answerOf = (moments: readonly Moment[], title: RegExp | string): string => {
  const found = moments.find(({ step }) =>
    typeof title === "string" ? step.title === title : title.test(step.title),
  );
  expect(found, String(title)).toBeDefined();
  return found!.step.answer;
};
const asked = (moment: Moment) => (moment.step.asks?.numbers ?? []).map(Number);
const upTo = (last: number) => Array.from({ length: last }, (_, i) => i + 1);

/** Where a count lands, jump by jump. */
function landedIn(by: number, from: number, to: number): number[] {
  const landed: number[] = [];
  for (let at = from; at !== to; landed.push(at)) at += to > from ? by : -by;
  return landed;
}

/** The numbers of a chart, row by row, laid out one by one. */
function laid(first: number, columns: number, rows: number): number[][] {
  let next = first;
  return Array.from({ length: rows }, () => Array.from({ length: columns }, () => next++));
}
function placeOf(grid: readonly (readonly number[])[], number: number): [number, number] {
  const row = grid.findIndex((one) => one.includes(number));
  return [row, grid[row]!.indexOf(number)];
}

/** Whether adding in columns carries, place by place from the ones; for taking away, whether it borrows. */
function carries(from: number, by: number): number[] {
  const found: number[] = [];
  let carry = 0;
  for (let place = 0; 10 ** place <= Math.max(from, by) * 10; place += 1) {
    const [a, b] = [from, by].map((value) => Math.floor(value / 10 ** place) % 10) as [number, number];
    carry = a + b + carry >= 10 ? 1 : 0;
    if (carry) found.push(place);
  }
  return found;
}
function borrows(from: number, by: number): number[] {
  // What is taken away is what would have to be added again.
  return carries(from - by, by);
}
const PLACES = ["ones", "tens", "hundreds", "thousands", "ten thousands"];

/** What each recipe says, worked out once more by another way. */
export const CHECKS: { [K in RecipeName]: Check<K> } = {
  "meet-the-chart": ({ first, columns, number }, moments) => {
    const grid = laid(first, columns, 10);
    const [row, column] = placeOf(grid, number);
    expect(firstIn(answerOf(moments, "Rows"))).toBe(grid[0]!.length);
    expect(numbersIn(answerOf(moments, "One row down"))).toEqual([
      grid[row + 1]![column],
      grid[row + 1]![column]! - number,
    ]);
    expect(firstIn(answerOf(moments, "One row up"))).toBe(grid[row - 1]![column]);
    expect(numbersIn(answerOf(moments, "All four neighbours"))).toEqual([
      grid[row - 1]![column],
      grid[row]![column - 1],
      grid[row]![column + 1],
      grid[row + 1]![column],
    ]);
    const down = grid.map((one) => one[column]!);
    const said = firstIn(answerOf(moments, "Down a column"))!;
    if (columns === 10) expect(new Set(down.map((one) => one % 10))).toEqual(new Set([said]));
    else expect(down.every((one, i) => i === 0 || one - down[i - 1]! === said)).toBe(true);
  },
  neighbours: ({ number }, moments) => {
    const grid = laid(Math.floor((number - 1) / 100) * 100 + 1, 10, 10);
    const [row, column] = placeOf(grid, number);
    const at = (down: number, right: number) => grid[row + down]![column + right];
    expect(firstIn(answerOf(moments, "To the right"))).toBe(at(0, 1));
    expect(firstIn(answerOf(moments, "To the left"))).toBe(at(0, -1));
    expect(firstIn(answerOf(moments, "Below"))).toBe(at(1, 0));
    expect(firstIn(answerOf(moments, "Above"))).toBe(at(-1, 0));
    expect(numbersIn(answerOf(moments, "The corners"))).toEqual([at(-1, -1), at(-1, 1), at(1, -1), at(1, 1)]);
  },
  "follow-the-arrows": ({ start, rows, rowsGo, squares, squaresGo }, moments) => {
    const grid = laid(1, 10, 10);
    let [row, column] = placeOf(grid, start);
    for (let i = 0; i < rows; i += 1) row += rowsGo === "down" ? 1 : -1;
    for (let i = 0; i < squares; i += 1) column += squaresGo === "right" ? 1 : -1;
    const landing = grid[row]![column]!;
    expect(firstIn(answerOf(moments, `From ${start}`))).toBe(landing);
    const sentence = answerOf(moments, "Say it");
    const [left, right] = sentence.split("=").map((side) => side.replaceAll("−", "-").replaceAll(" ", ""));
    const sum = (left!.match(/[+-]?\d+/g) ?? []).reduce((total, term) => total + Number(term), 0);
    expect([sum, Number(right)]).toEqual([landing, landing]);
    expect(moments.at(-1)!.scene.trail!.end).toBe(String(landing));
    expect(Number(answerOf(moments, "Look").replace("−", "-"))).toBe(landing - start);
  },
  "count-in": ({ by, from, to }, moments) => {
    const landed = landedIn(by, from, to);
    expect(firstIn(answerOf(moments, /^Start/))).toBe(landed[0]);
    expect(firstIn(answerOf(moments, "Three jumps"))).toBe(landed[3]);
    expect(firstIn(answerOf(moments, /^On to/))).toBe(landed.length);
    expect(moments.at(-1)!.scene.trail!.end).toBe(String(to));
    const ones = [from, ...landed].map((number) => number % 10);
    const said = numbersIn(answerOf(moments, "The ones digits"));
    expect(ones.slice(0, said.length)).toEqual(said);
    if (/start again/.test(answerOf(moments, "The ones digits")))
      expect(ones.every((digit, i) => digit === said[i % said.length])).toBe(true);
    if (/twice/.test(answerOf(moments, "The ones digits"))) expect(new Set(ones).size).toBe(ones.length);
  },
  "count-and-predict": ({ by, from, to, covered }, moments) => {
    const landed = landedIn(by, from, to);
    const last = landed.slice(-covered);
    expect(firstIn(answerOf(moments, "Count together"))).toBe(landed.length - covered);
    expect(numbersIn(answerOf(moments, /covered$/))).toEqual(last);
    const lifted = moments.filter(({ step }) => step.title.endsWith("is lifted"));
    expect(lifted.map(({ step }) => firstIn(step.answer))).toEqual(last.slice(1));
    for (const number of landed) expect(inksAt(moments.at(-1)!.scene, String(number))).not.toBe(0);
  },
  "missed-multiples": ({ of, to, missed }, moments) => {
    const first = moments[0]!;
    const unmarked = upTo(to).filter(
      (number) => number % of === 0 && inksAt(first.scene, String(number)) === 0,
    );
    const wrong = upTo(to).filter((number) => number % of !== 0 && inksAt(first.scene, String(number)) !== 0);
    expect(unmarked).toHaveLength(missed);
    expect(wrong).toEqual([]);
    expect(numbersIn(first.step.answer)).toEqual(unmarked);
    for (const { step } of moments.filter(({ step: { title } }) => title.endsWith(" too"))) {
      const [times, each, product] = numbersIn(step.answer);
      expect(times! * each!).toBe(product);
    }
    expect(firstIn(answerOf(moments, "How many?"))).toBe(
      upTo(to).filter((number) => number % of === 0).length,
    );
  },
  "odds-and-evens": ({ number }, moments) => {
    let even = true;
    for (let i = 0; i < number; i += 1) even = !even;
    expect(answerOf(moments, `And ${number}?`)).toMatch(even ? /^Even/ : /^Odd/);
    expect(answerOf(moments, "One more")).toMatch(even ? /^Odd/ : /^Even/);
  },
  "two-patterns": ({ a, b, to }, moments) => {
    const both = upTo(to).filter((number) => number % a === 0 && number % b === 0);
    expect(numbersIn(answerOf(moments, "The second pattern"))).toEqual(both);
    const { scene } = moments.at(-1)!;
    const inks = (number: number) => inksAt(scene, String(number)).toString(2).replaceAll("0", "").length;
    expect(upTo(to).filter((number) => inks(number) === 2)).toEqual(both);
    const apart = firstIn(answerOf(moments, "Both marks"))!;
    expect(both.every((number, i) => number === apart * (i + 1))).toBe(true);
  },
  "same-and-different": ({ a, b }, moments) => {
    const [left, right] = [a, b].map((of) => new Set(upTo(100).filter((number) => number % of === 0)));
    const only = (one: Set<number>, other: Set<number>) => [...one].filter((number) => !other.has(number));
    const says = (title: string, numbers: number[]) => {
      const answer = answerOf(moments, title);
      if (numbers.length === 0) return expect(answer).toMatch(/^None/);
      const shown = numbers.slice(0, 8);
      expect(numbersIn(answer).slice(0, shown.length)).toEqual(shown);
      expect(/and so on/.test(answer)).toBe(numbers.length > 8);
    };
    says(
      "The same",
      [...left!].filter((number) => right!.has(number)),
    );
    says("Only on the left", only(left!, right!));
    says("Only on the right", only(right!, left!));
  },
  "what-is-the-rule": ({ shading, of, number }, moments) => {
    const digits = (value: number) => [...String(value)].map(Number);
    const TEST: { [K in typeof shading]: (value: number) => boolean } = {
      multiples: (value) => value % of === 0,
      remainder: (value) => value % of === 1,
      ones: (value) => digits(value).at(-1) === of,
      tens: (value) => digits(value).at(-2) === of,
      sum: (value) => digits(value).reduce((sum, digit) => sum + digit, 0) === of,
      square: (value) => Number.isInteger(Math.sqrt(value)),
      triangular: (value) => Number.isInteger((Math.sqrt(8 * value + 1) - 1) / 2),
    };
    const held = upTo(100).filter(TEST[shading]);
    expect(upTo(100).filter((value) => inksAt(moments[0]!.scene, String(value)) !== 0)).toEqual(held);
    expect(firstIn(answerOf(moments, "How many?"))).toBe(held.length);
    expect(answerOf(moments, "Beyond the chart")).toMatch(TEST[shading](number) ? /^Yes: / : /^No: /);
  },
  "what-the-width-changes": ({ of, widths }, moments) => {
    [10, ...widths.map(Number)].forEach((width, i) => {
      const grid = laid(1, width, Math.floor(60 / width));
      const marked = (row: number, column: number) => (grid[row]?.[column] ?? -1) % of === 0;
      const { answer } = moments[i]!.step;
      const shift = /columns/.test(answer) ? 0 : /left/.test(answer) ? -1 : 1;
      const by = /Every other/.test(answer) ? 1 : (firstIn(answer) ?? 1);
      for (const [r, row] of grid.entries()) {
        for (const [c, number] of row.entries()) {
          const to = c + shift * by;
          if (number % of !== 0 || !grid[r + 1] || to < 0 || to >= width) continue;
          expect(marked(r + 1, to), `${width} in each row, ${number}`).toBe(true);
        }
      }
    });
  },
  "what-comes-next": ({ grows, first, gap, growth, shown }, moments) => {
    const terms = [first];
    for (let add = gap; terms.length < 10; add += growth) {
      const last = terms.at(-1)!;
      terms.push(grows === "times" ? last * gap : last + (grows === "same" ? gap : add));
    }
    expect(firstIn(answerOf(moments, "The first numbers"))).toBe(terms[shown]);
    expect(firstIn(answerOf(moments, "Further on"))).toBe(terms[9]);
    expect(moments.at(-1)!.scene.trail!.end).toBe(String(terms[9]));
  },
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
      if (i < jumps.length - 1) expect(at % 10).toBe(0);
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
      const [digit] = numbersIn(worth.question);
      const value = firstIn(worth.answer)!;
      expect(Math.floor(Number(text) / (value / digit!)) % 10).toBe(digit);
    });
  },
  "put-in-order": ({ numbers }, moments) => {
    const sorted = numbers.map(Number).sort((a, b) => a - b);
    expect(firstIn(answerOf(moments, "The largest"))).toBe(sorted.at(-1));
    expect(numbersIn(answerOf(moments, "In order"))).toEqual(sorted);
    const [least, next] = sorted.map((number) => String(number).padStart(4, "0"));
    const at = [...least!].findIndex((digit, i) => digit !== next![i]);
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
