import { ARROWS, Arrow, MAX_ARROWS } from "../../count/route";
import {
  coverJumps,
  JUMP_PARTS,
  joinJumps,
  jumpBack,
  jumpOn,
  MAX_JUMPS,
  splitJump,
  startTrail,
  type Trail,
} from "../../count/trail";
import { NumberKeyText } from "../../number/number-schema";
import { schema, type Z } from "../../schema";
import { numberOf } from "../../surface/cell-key";
import { type Draft, type ExamplesOf, move, type Slice, type Some } from "../slice";
import { someNumber } from "./examples";

/** The trail, and the row of arrow tiles to follow. */
export type OnTrail = {
  readonly trail: Trail | null;
  /** The arrow tiles that lie in a row. */
  readonly tiles: readonly Arrow[];
};

/** Maximum number of jumps that one jump can be split into. */
const MAX_PARTS = 100;
const JumpIndex = schema((z) => z.int().check(z.minimum(0), z.maximum(MAX_JUMPS - 1)));
const Jumps = schema((z) => z.array(JumpIndex(z)).check(z.minLength(1), z.maxLength(MAX_JUMPS)));
const Terms = schema((z) => z.array(z.int().check(z.minimum(-MAX_JUMPS), z.maximum(MAX_JUMPS))));
const PartOfJumps = (z: Z) => ({ jumps: Jumps(z), part: z.enum(JUMP_PARTS) });

/** Sets the trail, with its latest landing in focus. */
function stand(draft: Draft, trail: Trail): void {
  draft.trail = trail;
  draft.focus = trail.end;
}

const moves = [
  /**
   * Begins a trail. `terms` only where its sentence was typed: of how many equal jumps each term is made, 0 for one jump, −4 for `24 ÷ 6`.
   * @example { "do": "start", "number": "0", "terms": [4, 0] }
   */
  move(
    "start",
    (z) => ({ number: NumberKeyText(z), terms: z.optional(Terms(z).check(z.maxLength(MAX_JUMPS))) }),
    (draft, { number, terms }) => stand(draft, startTrail(number, terms)),
  ),
  /**
   * Goes on from where the trail landed, else from the focus, or from 0; by an `"arrow"` of the chart where one led there.
   * @example { "do": "jump", "by": "6" }
   */
  move(
    "jump",
    (z) => ({ by: NumberKeyText(z), arrow: z.optional(Arrow(z)) }),
    (draft, { by, arrow }) => {
      if ((draft.trail?.jumps.length ?? 0) >= MAX_JUMPS) return;
      stand(draft, jumpOn(draft.trail ?? startTrail(numberOf(draft.focus ?? "0")), by, arrow));
    },
  ),
  /**
   * Takes the trail's last jump away.
   * @example { "do": "retrace" }
   */
  move(
    "retrace",
    () => ({}),
    (draft) => {
      if (draft.trail) stand(draft, jumpBack(draft.trail));
    },
  ),
  /**
   * Forgets the trail and the focus.
   * @example { "do": "clear-trail" }
   */
  move(
    "clear-trail",
    () => ({}),
    (draft) => {
      draft.trail = null;
      draft.focus = null;
    },
  ),
  /**
   * Covers the `size` of jumps of the trail, or their `arc`.
   * @example { "do": "cover-jump", "jumps": [0], "part": "size" }
   */
  move("cover-jump", PartOfJumps, (draft, m) => coverPart(draft, m, true)),
  /**
   * Shows the `size` of jumps of the trail, or their `arc`, again.
   * @example { "do": "lift-jump", "jumps": [0], "part": "size" }
   */
  move("lift-jump", PartOfJumps, (draft, m) => coverPart(draft, m, false)),
  /**
   * Makes one jump into several of the same sum; another sum changes nothing.
   * @example { "do": "split", "jump": 0, "into": ["10", "10"] }
   */
  move(
    "split",
    (z) => ({
      jump: JumpIndex(z),
      into: z.array(NumberKeyText(z)).check(z.minLength(2), z.maxLength(MAX_PARTS)),
    }),
    (draft, { jump, into }) => {
      if (draft.trail) draft.trail = splitJump(draft.trail, jump, into);
    },
  ),
  /**
   * Makes a jump and the one after it into one.
   * @example { "do": "join", "jump": 0 }
   */
  move(
    "join",
    (z) => ({ jump: JumpIndex(z) }),
    (draft, { jump }) => {
      if (draft.trail) draft.trail = joinJumps(draft.trail, jump);
    },
  ),
  /**
   * Lays arrow tiles in a row, at most 20, to be followed one by one.
   * @example { "do": "lay", "arrows": ["up", "right"] }
   */
  move(
    "lay",
    (z) => ({ arrows: z.array(Arrow(z)).check(z.maxLength(MAX_ARROWS)) }),
    (draft, { arrows }) => {
      draft.tiles = arrows;
    },
  ),
] as const;

function coverPart(
  draft: Draft,
  { jumps, part }: { jumps: number[]; part: (typeof JUMP_PARTS)[number] },
  on: boolean,
) {
  if (draft.trail) draft.trail = coverJumps(draft.trail, jumps, part, on);
}

export const onTrail: Slice<OnTrail, typeof moves> = {
  initial: { trail: null, tiles: [] },
  moves,
  ofNumbers: true,
};

const partOfJumps = (some: Some) => ({
  jumps: some.list(() => some.whole(0, 4), 1, 3),
  part: some.one(JUMP_PARTS),
});

export const onTrailExamples: ExamplesOf<typeof moves> = {
  start: (some) => ({ number: someNumber(some) }),
  jump: (some) => ({ by: String(some.whole(-9, 9)) }),
  retrace: () => ({}),
  "clear-trail": () => ({}),
  "cover-jump": partOfJumps,
  "lift-jump": partOfJumps,
  split: (some) => ({ jump: some.whole(0, 3), into: some.list(() => String(some.whole(1, 5)), 2, 3) }),
  join: (some) => ({ jump: some.whole(0, 3) }),
  lay: (some) => ({ arrows: some.list(() => some.one(ARROWS), 0, 6) }),
};
