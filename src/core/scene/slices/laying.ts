import type { Z } from "../../schema";
import { INKS, Ink } from "../../set/ink";
import { Rule } from "../../set/rule";
import { clearLayer, dropRule, hasLayerOn, type Laid, layRule, NOTHING_LAID, touchNumbers } from "../laid";
import { Layer } from "../layer";
import { Numbers } from "../numbers";
import { type Draft, type ExamplesOf, move, type Slice, type Some } from "../slice";
import { differentKeys } from "./different";
import { orNull, someInk, someNumbers } from "./examples";

/** What lies on the numbers: inks, covers, and what makes a number stand out. */
export type Laying = { readonly laid: Laid };

function lay(draft: Draft, layer: Layer, on: boolean, which: Numbers): void {
  if (Array.isArray(which)) touchNumbers(draft.laid, layer, on, which);
  else layRule(draft.laid, layer, on, which);
}

const moves = [
  /**
   * Marks numbers; inks are `sun`, `coral`, `sea`, `kelp`, `plum`.
   * @example { "do": "mark", "ink": "sun", "numbers": ["6"] }
   */
  move(
    "mark",
    (z) => ({ ink: Ink(z), numbers: Numbers(z) }),
    (draft, m) => lay(draft, m.ink, true, m.numbers),
  ),
  /**
   * Takes an ink off numbers.
   * @example { "do": "unmark", "ink": "sun", "numbers": ["6"] }
   */
  move(
    "unmark",
    (z) => ({ ink: Ink(z), numbers: Numbers(z) }),
    (draft, m) => lay(draft, m.ink, false, m.numbers),
  ),
  /**
   * Covers numbers.
   * @example { "do": "cover", "numbers": ["54"] }
   */
  move(
    "cover",
    (z) => ({ numbers: Numbers(z) }),
    (draft, m) => lay(draft, "cover", true, m.numbers),
  ),
  /**
   * Shows covered numbers again.
   * @example { "do": "lift", "numbers": ["54"] }
   */
  move("lift", (z: Z) => ({ numbers: Numbers(z) }), lift),
  /**
   * Makes numbers larger and heavier than the others.
   * @example { "do": "stand-out", "numbers": ["10"] }
   */
  move(
    "stand-out",
    (z) => ({ numbers: Numbers(z) }),
    (draft, m) => lay(draft, "stand-out", true, m.numbers),
  ),
  /**
   * Makes numbers as the others again.
   * @example { "do": "stand-back", "numbers": ["10"] }
   */
  move(
    "stand-back",
    (z) => ({ numbers: Numbers(z) }),
    (draft, m) => lay(draft, "stand-out", false, m.numbers),
  ),
  /**
   * Lays a counter on each of some numbers.
   * @example { "do": "lay-counters", "numbers": ["1", "2", "3"] }
   */
  move(
    "lay-counters",
    (z) => ({ numbers: Numbers(z) }),
    (draft, m) => lay(draft, "counter", true, m.numbers),
  ),
  /**
   * Takes the counters off numbers.
   * @example { "do": "take-counters", "numbers": ["3"] }
   */
  move(
    "take-counters",
    (z) => ({ numbers: Numbers(z) }),
    (draft, m) => lay(draft, "counter", false, m.numbers),
  ),
  /**
   * Takes a rule out of effect; layers are the inks, `cover`, `stand-out` and `counter`.
   * @example { "do": "drop-rule", "layer": "sun", "rule": { "join": "and", "conditions": [{ "kind": "even", "not": false }] } }
   */
  move(
    "drop-rule",
    (z) => ({ layer: Layer(z), rule: Rule(z) }),
    (draft, { layer, rule }) => dropRule(draft.laid, layer, rule),
  ),
  /**
   * Takes one ink off every number; with `null`, all.
   * @example { "do": "clear-marks", "ink": "sun" }
   */
  move(
    "clear-marks",
    (z) => ({ ink: z.nullable(Ink(z)) }),
    (draft, { ink }) => {
      for (const each of ink === null ? INKS : [ink]) clearLayer(draft.laid, each);
    },
  ),
] as const;

function lift(draft: Draft, { numbers: lifted }: { numbers: Numbers }): void {
  lay(draft, "cover", false, lifted);
  // When a number is uncovered, what was written in its place goes.
  for (const number of [...draft.written.keys()])
    if (!hasLayerOn(draft.laid, "cover", number)) draft.written.delete(number);
}

export const laying: Slice<Laying, typeof moves> = {
  initial: { laid: NOTHING_LAID },
  moves,
  ofNumbers: true,
  changed: (before, after) =>
    // A rule may change any cell.
    before.laid.rules === after.laid.rules ? differentKeys(before.laid.touched, after.laid.touched) : "any",
};

const numbers = (some: Some) => ({ numbers: someNumbers(some) });
const inked = (some: Some) => ({ ink: someInk(some), numbers: someNumbers(some) });

export const layingExamples: ExamplesOf<typeof moves> = {
  mark: inked,
  unmark: inked,
  cover: numbers,
  lift: numbers,
  "stand-out": numbers,
  "stand-back": numbers,
  "lay-counters": numbers,
  "take-counters": numbers,
  "drop-rule": (some) => ({
    layer: some.one([...INKS, "cover", "stand-out", "counter"] as const),
    rule: some.rule(),
  }),
  "clear-marks": (some) => ({ ink: orNull(some, () => someInk(some)) }),
};
