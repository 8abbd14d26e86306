import type { Z } from "../../schema";
import { hasInk, INKS, Ink } from "../ink";
import { condition, wordCondition } from "./condition";

/** Marked in one ink. */
export const ink = condition({
  kind: "ink",
  family: "marks",
  parts: (z: Z) => ({ ink: Ink(z) }),
  choices: [{ value: "ink", label: "marked in", start: () => ({ ink: INKS[0] }) }],
  fields: [{ part: "ink", label: "Ink", oneOf: INKS }],
  asks: "inks",
  test:
    ({ ink: is }) =>
    (_, inks) =>
      hasInk(inks, is),
  noun: ({ ink: is }) => `numbers marked in ${is}`,
  verb: "are",
  predicate: ({ ink: is }) => `marked in ${is}`,
  weight: 9,
});

/** Marked in any ink. */
export const marked = wordCondition({
  kind: "marked",
  family: "marks",
  weight: 9,
  offered: false,
  label: "marked",
  asks: "inks",
  test: () => (_, inks) => inks !== 0,
  noun: () => "marked numbers",
  predicate: () => "marked",
});

/** Every number there is. */
export const all = wordCondition({
  kind: "all",
  family: "marks",
  weight: 1,
  label: "on the board",
  asks: "nothing",
  test: () => () => true,
  noun: () => "all numbers",
  predicate: () => "on the board",
});
