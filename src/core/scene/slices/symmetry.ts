import { MIRRORS, Symmetry, sameSymmetry } from "../../set/symmetry/symmetry";
import { ViewId } from "../../views/view-id";
import { type ExamplesOf, move, type Slice } from "../slice";
import { someFlag, someView } from "./examples";

/** By chart: the symmetries of its shading that are drawn over it. */
export type Symmetries = { readonly symmetries: { readonly [view in ViewId]?: readonly Symmetry[] } };

const moves = [
  /**
   * Draws a symmetry over a chart, or no longer: a mirror (`upright`, `level`, `down-right`, `down-left`), a turn (`half`,
   * `quarter`), a slide by rows and columns.
   * @example { "do": "draw-symmetry", "view": "chart", "symmetry": { "kind": "slide", "down": 1, "right": -1 }, "on": true }
   */
  move(
    "draw-symmetry",
    (z) => ({ view: ViewId(z), symmetry: Symmetry(z), on: z.boolean() }),
    (draft, { view, symmetry, on }) => {
      const others = (draft.symmetries[view] ?? []).filter((one) => !sameSymmetry(one, symmetry));
      draft.symmetries = { ...draft.symmetries, [view]: on ? [...others, symmetry] : others };
    },
  ),
] as const;

export const symmetry: Slice<Symmetries, typeof moves> = { initial: { symmetries: {} }, moves };

export const symmetryExamples: ExamplesOf<typeof moves> = {
  "draw-symmetry": (some) => ({
    view: someView(some),
    symmetry: some.one<Symmetry>([
      { kind: "mirror", line: some.one(MIRRORS) },
      { kind: "turn", by: "half" },
      { kind: "slide", down: some.whole(0, 3), right: some.whole(-3, 3) },
    ]),
    on: someFlag(some),
  }),
};
