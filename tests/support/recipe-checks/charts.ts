import { expect } from "vitest";
import { inksAt } from "@/core/scene/scene";
import { answerOf, type Check, firstIn, laid, landedIn, numbersIn, placeOf, upTo } from "./check";

/** What recipes of charts say, worked out once more by another way. */
export const ON_CHARTS: {
  [K in
    | "meet-the-chart"
    | "neighbours"
    | "follow-the-arrows"
    | "count-in"
    | "count-and-predict"
    | "missed-multiples"
    | "odds-and-evens"
    | "two-patterns"
    | "same-and-different"
    | "what-is-the-rule"
    | "what-the-width-changes"
    | "what-comes-next"]: Check<K>;
} = {
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
    const below0 = [from, ...landed].filter((number) => number < 0);
    if (below0.length > 0)
      return expect(numbersIn(answerOf(moments, "Below 0"))).toEqual(below0.slice(0, 12));
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
      const { answer } = moments[i]!.step;
      const [, rows = "1"] = /(\d+) rows down/.exec(answer) ?? [];
      const down = /every (\w+) row/.exec(answer)?.[1];
      const by = Number(/(\d+) squares/.exec(answer)?.[1] ?? 1);
      const side = /columns?\b/.test(answer) ? 0 : /left/.test(answer) ? -by : by;
      const shift = down
        ? ["second", "third", "fourth", "fifth", "sixth", "seventh"].indexOf(down) + 2
        : +rows;
      const column = (number: number) => (number - 1) % width;
      const multiples = Array.from({ length: Math.floor(60 / of) }, (_, nth) => (nth + 1) * of);
      // From every multiple so far down and aside, where the chart goes on; and at least once it does.
      const met = multiples
        .filter((number) => column(number) + side >= 0 && column(number) + side < width)
        .map((number) => number + shift * width + side)
        .filter((number) => number <= 60);
      expect(met.length, `${of} in rows of ${width}: ${answer}`).toBeGreaterThan(0);
      expect(met.filter((number) => number % of !== 0)).toEqual([]);
      // Columns are all there is; what lies aside lies in another column.
      if (/One straight column/.test(answer)) expect(new Set(multiples.map(column)).size).toBe(1);
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
};
