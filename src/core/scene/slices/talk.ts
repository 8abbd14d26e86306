import { type Target, TargetText } from "../../surface/cell-key";
import { type ExamplesOf, move, type Slice } from "../slice";
import { orNull, someFlag, someTarget } from "./examples";

/** What the class talks about. */
export type Talk = {
  /** The number being talked about. */
  readonly focus: Target | null;
  /** What the class looks for: the cell of a number, or the number of a cell. */
  readonly asked: Asked | null;
  /** The row and column of the number in focus are lit, and its neighbours named. */
  readonly guides: boolean;
  /** A silent count is running: the number in focus is hidden. No move sets this, since it ends with the count. */
  readonly hushed: boolean;
};
export type Asked = { readonly number: Target; readonly as: "number" | "place" };

const moves = [
  /**
   * The number being talked about; `null` for none.
   * @example { "do": "focus", "number": "48" }
   */
  move(
    "focus",
    (z) => ({ number: z.nullable(TargetText(z)) }),
    (draft, { number }) => {
      draft.focus = number;
    },
  ),
  /**
   * Asks for the cell of a number, or `as` a `place` for its number; `null` for nothing.
   * @example { "do": "ask", "number": "63", "as": "number" }
   */
  move(
    "ask",
    (z) => ({ number: z.nullable(TargetText(z)), as: z.enum(["number", "place"]) }),
    (draft, { number, as }) => {
      draft.asked = number === null ? null : { number, as };
    },
  ),
  /**
   * Lights the row and column of the focus and names its neighbours, or no longer.
   * @example { "do": "guides", "on": true }
   */
  move(
    "guides",
    (z) => ({ on: z.boolean() }),
    (draft, { on }) => {
      draft.guides = on;
    },
  ),
] as const;

export const talk: Slice<Talk, typeof moves> = {
  initial: { focus: null, asked: null, guides: false, hushed: false },
  moves,
  ofNumbers: true,
  *changed(before, after) {
    if (before.asked !== after.asked) yield* given(before.asked?.number, after.asked?.number);
    if (before.focus !== after.focus || before.hushed !== after.hushed)
      yield* given(before.focus, after.focus);
  },
};

function* given(...targets: (Target | null | undefined)[]): Generator<Target> {
  for (const target of targets) if (target !== null && target !== undefined) yield target;
}

export const talkExamples: ExamplesOf<typeof moves> = {
  focus: (some) => ({ number: orNull(some, () => someTarget(some)) }),
  ask: (some) => ({ number: orNull(some, () => someTarget(some)), as: some.one(["number", "place"]) }),
  guides: (some) => ({ on: someFlag(some) }),
};
