import fc from "fast-check";
import type { RecipeName } from "@/core/lesson/recipes/any";

const int = (min: number, max: number) => fc.integer({ min, max });
const texts = (min: number, max: number, fewest: number, count: number) =>
  fc.array(int(min, max).map(String), { minLength: fewest, maxLength: count });

/** A count whose last number is met: forwards or back. */
const counted = fc
  .record({ by: int(1, 30), from: int(-60, 300), jumps: int(2, 30), back: fc.boolean() })
  .map(({ by, from, jumps, back }) => ({ by, from, to: back ? from - by * jumps : from + by * jumps }));

/** Inputs as they may be typed; those that make no stair are left out. */
export const INPUTS: { [K in RecipeName]: fc.Arbitrary<object> } = {
  "meet-the-chart": fc
    .record({ first: int(0, 3000), columns: int(3, 12), row: int(1, 8), column: int(1, 10) })
    .map(({ first, columns, row, column }) => ({ first, columns, number: first + row * columns + column })),
  neighbours: fc.record({ number: int(12, 9980) }),
  "follow-the-arrows": fc.record({
    start: int(1, 100),
    rows: int(0, 5),
    rowsGo: fc.constantFrom("down", "up"),
    squares: int(0, 5),
    squaresGo: fc.constantFrom("right", "left"),
  }),
  "count-in": counted,
  "count-and-predict": fc.tuple(counted, int(1, 6)).map(([one, covered]) => ({ ...one, covered })),
  "missed-multiples": fc.record({ of: int(2, 20), to: int(40, 190), missed: int(1, 5), draw: int(1, 999) }),
  "odds-and-evens": fc.record({ to: int(19, 199), number: int(1, 120) }),
  "two-patterns": fc.record({ a: int(2, 15), b: int(2, 15), to: int(60, 190) }),
  "same-and-different": fc.record({ a: int(2, 25), b: int(2, 25) }),
  "what-is-the-rule": fc.record({
    shading: fc.constantFrom("multiples", "remainder", "ones", "tens", "sum", "square", "triangular"),
    of: int(0, 20),
    number: int(101, 9999),
  }),
  "what-the-width-changes": fc.record({ of: int(2, 15), widths: texts(2, 15, 1, 5) }),
  "what-comes-next": fc.record({
    grows: fc.constantFrom("same", "growing", "times"),
    first: int(0, 20),
    gap: int(1, 9),
    growth: int(1, 9),
    shown: int(3, 8),
  }),
  "times-grid-goes-on": fc.record({
    row: int(1, 50),
    rows: int(2, 12),
    column: int(1, 50),
    columns: int(3, 12),
  }),
  "read-the-scale": fc
    .record({
      from: int(-200, 200),
      interval: int(1, 200),
      intervals: int(1, 12),
      parts: fc.constantFrom("2", "4", "5", "10"),
      marks: int(1, 6),
      draw: int(1, 999),
    })
    .map(({ intervals, ...rest }) => ({ ...rest, to: rest.from + intervals * rest.interval })),
  "on-and-back": fc.record({ from: int(-300, 300), by: int(1, 30), on: int(1, 12), back: int(1, 12) }),
  "jump-to-the-answer": fc.record({ a: int(-1000, 1000), sign: fc.constantFrom("+", "−"), b: int(1, 1000) }),
  "friendly-numbers": fc.record({ from: int(-500, 3000), to: int(-500, 3000) }),
  "next-ten": fc.record({ numbers: texts(1, 9999, 1, 4) }),
  "count-with-exchanges": fc.record({ by: int(1, 300), from: int(0, 2000), jumps: int(2, 12) }),
  "was-there-an-exchange": fc
    .record({
      by: int(1, 200),
      from: int(0, 3000),
      back: fc.boolean(),
      jumps: fc.array(int(1, 30), { minLength: 1, maxLength: 6 }),
    })
    .map(({ by, from, back, jumps }) => ({
      by,
      from,
      way: back ? "back" : "forwards",
      stops: jumps.map((count) => String(back ? from - by * count : from + by * count)),
    })),
  "read-the-pieces": fc.record({
    as: fc.constantFrom("blocks", "discs", "beads"),
    numbers: texts(1, 9999, 1, 6),
  }),
  "put-in-order": fc.record({ numbers: texts(0, 2000, 3, 6) }),
  "fill-the-ten": fc.record({ first: int(1, 19), second: int(1, 19) }),
  "equal-groups": fc.record({
    groups: int(3, 12),
    each: int(2, 12),
    holder: fc.constant("crate"),
    holders: fc.constant("crates"),
    thing: fc.constant("jar"),
    things: fc.constant("jars"),
  }),
};
