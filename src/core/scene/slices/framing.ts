import { IN_FRAME, MAX_FRAMES } from "../../count/ten-frame";
import { schema } from "../../schema";
import { ViewId } from "../../views/view-id";
import { type ExamplesOf, move, type Slice } from "../slice";
import { someView } from "./examples";

/** By view: the counters in its frames, where a hand has changed them. */
export type Framing = {
  readonly framed: {
    readonly [view in ViewId]?: { readonly first: number; readonly second: number; readonly moved: number };
  };
};

const Count = schema((z) => z.int().check(z.minimum(0), z.maximum(MAX_FRAMES * IN_FRAME)));

const moves = [
  /**
   * Lays counters of two numbers in frames, of which so many of the second have gone to fill the first.
   * @example { "do": "frame", "view": "frames", "first": 8, "second": 6, "moved": 2 }
   */
  move(
    "frame",
    (z) => ({ view: ViewId(z), first: Count(z), second: Count(z), moved: Count(z) }),
    (draft, { view, first, second, moved }) => {
      draft.framed = { ...draft.framed, [view]: { first, second, moved } };
    },
  ),
] as const;

export const framing: Slice<Framing, typeof moves> = { initial: { framed: {} }, moves };

export const framingExamples: ExamplesOf<typeof moves> = {
  frame: (some) => ({
    view: someView(some),
    first: some.whole(0, 20),
    second: some.whole(0, 20),
    moved: some.whole(0, 9),
  }),
};
