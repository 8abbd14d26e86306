import fc from "fast-check";
import { MOVES, type Move } from "@/core/scene/move";
import type { Some } from "@/core/scene/slice";
import { exampleRule, type Rule } from "@/core/set/rule";

/** How many choices an example can make before they begin again. */
const CHOICES = 40;

/** Examples of anything, made from whole numbers that fast-check makes smaller when a test fails. */
const examples = <T>(make: (some: Some) => T): fc.Arbitrary<T> =>
  fc.array(fc.nat({ max: 10_000 }), { minLength: CHOICES, maxLength: CHOICES }).map((choices) => {
    let asked = 0;
    const whole = (min: number, max: number) => min + (choices[asked++ % CHOICES]! % (max - min + 1));
    return make({
      whole,
      one: (of) => of[whole(0, of.length - 1)]!,
      list: (of, min, max) => Array.from({ length: whole(min, max) }, of),
    });
  });

/** Any rule of one or two conditions. */
export const anyRule: fc.Arbitrary<Rule> = examples(exampleRule);

/** Any move of every kind there is, mostly on the numbers 1 to 30. */
export const anyMove: fc.Arbitrary<Move> = fc
  .constantFrom(...MOVES)
  .chain((kind) => examples((some) => ({ do: kind.do, ...kind.example(some) }) as Move));
