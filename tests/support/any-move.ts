import fc from "fast-check";
import { INKS } from "@/core/lesson/ink";
import type { Move } from "@/core/lesson/move";
import type { Condition, Rule } from "@/core/set/rule";

const number = fc.integer({ min: 1, max: 30 }).map(String);
const numbers = fc.array(number, { minLength: 1, maxLength: 12 });
const ink = fc.constantFrom(...INKS);
const not = fc.boolean();
const condition: fc.Arbitrary<Condition> = fc.oneof(
  fc.record({ kind: fc.constant("multiples" as const), not, of: fc.integer({ min: 1, max: 9 }).map(String) }),
  fc.record({ kind: fc.constant("less" as const), not, than: number }),
  fc.record({
    kind: fc.constantFrom("odd" as const, "even" as const, "marked" as const, "all" as const),
    not,
  }),
  fc.record({ kind: fc.constant("ink" as const), not, ink }),
);
/** Any rule of one or two conditions. */
export const anyRule: fc.Arbitrary<Rule> = fc.record({
  join: fc.constantFrom("and" as const, "or" as const),
  conditions: fc.array(condition, { minLength: 1, maxLength: 2 }),
});
const which = fc.oneof(numbers, anyRule);
/** Any move on the numbers 1 to 30. */
export const anyMove: fc.Arbitrary<Move> = fc.oneof(
  fc.record({ do: fc.constantFrom("mark" as const, "unmark" as const), ink, numbers: which }),
  fc.record({ do: fc.constantFrom("cover" as const, "lift" as const), numbers: which }),
  fc.record({ do: fc.constantFrom("stand-out" as const, "stand-back" as const), numbers: which }),
  fc.record({ do: fc.constant("write" as const), number, says: number }),
  fc.record({ do: fc.constant("erase" as const), number: fc.option(number) }),
  fc.record({ do: fc.constant("guides" as const), on: fc.boolean() }),
  fc.record({ do: fc.constant("focus" as const), number: fc.option(number) }),
  fc.record({ do: fc.constant("start" as const), number }),
  fc.record({ do: fc.constant("jump" as const), by: fc.integer({ min: 1, max: 9 }).map(String) }),
  fc.record({ do: fc.constant("clear-marks" as const), ink: fc.option(ink) }),
  fc.record({
    do: fc.constant("ask" as const),
    number: fc.option(number),
    as: fc.constantFrom("number" as const, "place" as const),
  }),
  fc.record({
    do: fc.constant("lay" as const),
    arrows: fc.array(fc.constantFrom("up" as const, "left" as const)),
  }),
  fc.record({
    do: fc.constant("slide" as const),
    row: fc.integer({ min: 1, max: 9 }),
    column: fc.integer({ min: 1, max: 9 }),
  }),
  fc.record({
    do: fc.constantFrom("cover-jump" as const, "lift-jump" as const),
    jumps: fc.array(fc.nat(4), { minLength: 1, maxLength: 3 }),
    part: fc.constantFrom("size" as const, "arc" as const),
  }),
  fc.record({
    do: fc.constant("split" as const),
    jump: fc.nat(3),
    into: fc.array(number, { minLength: 2, maxLength: 3 }),
  }),
  fc.record({ do: fc.constant("join" as const), jump: fc.nat(3) }),
  fc.record({ do: fc.constant("set-aside" as const), ink }),
  fc
    .record({ do: fc.constant("trail-inks" as const), trail: ink, aside: ink })
    .filter(({ trail, aside }) => trail !== aside),
  fc.record({
    do: fc.constant("look" as const),
    view: fc.constantFrom("line" as const, "strip" as const),
    from: number.map((text) => `-${text}`),
    to: number,
  }),
  fc.record({
    do: fc.constantFrom("hide" as const, "show" as const),
    view: fc.constantFrom("line" as const, "trail" as const),
  }),
  fc.record({ do: fc.constant("cover-far" as const), on: fc.boolean() }),
  fc.constantFrom<Move>(
    { do: "set", setting: { of: "layout", is: { run: "above", share: 0.3 } } },
    { do: "set", setting: { of: "arrows", is: { kind: "arrows", layFirst: true } } },
    { do: "bring-back" },
    { do: "wonder", side: "below" },
    { do: "draw" },
    { do: "check" },
    { do: "retrace" },
    { do: "clear-trail" },
  ),
);
