import { COMPARED, type Compared } from "../../number/compared";
import { ViewId } from "../../views/view-id";
import { type ExamplesOf, move, type Slice } from "../slice";
import { orNull, someView } from "./examples";

/** By view: the sign that was chosen between its two numbers. */
export type Signs = { readonly signs: { readonly [view in ViewId]?: Compared | null } };

const moves = [
  /**
   * The sign chosen between two numbers; `null` for none.
   * @example { "do": "compare", "view": "compare", "sign": "<" }
   */
  move(
    "compare",
    (z) => ({ view: ViewId(z), sign: z.nullable(z.enum(COMPARED)) }),
    (draft, { view, sign }) => {
      draft.signs = { ...draft.signs, [view]: sign };
    },
  ),
] as const;

export const signs: Slice<Signs, typeof moves> = { initial: { signs: {} }, moves };

export const signsExamples: ExamplesOf<typeof moves> = {
  compare: (some) => ({ view: someView(some), sign: orNull(some, () => some.one(COMPARED)) }),
};
