import { KINDS } from "../../views/kinds";
import { ViewId } from "../../views/view-id";
import { type SceneSettings, Setting, withOneMore } from "../setting";
import { type ExamplesOf, move, type Slice } from "../slice";
import { withOrWithout } from "./different";
import { someFlag, someView } from "./examples";

/** The settings changed since the board opened, and the state of random draws. */
export type SetTo = {
  readonly settings: SceneSettings;
  /** How many random draws were made so far. */
  readonly draws: number;
  /** The views in which the distance to the next ten is covered. */
  readonly farCovered: readonly ViewId[];
};

const moves = [
  /**
   * What the board is set to from here on: its `count`, `fill`, `layout`, or a `view`. What was prepared stays.
   * @example { "do": "set", "setting": { "of": "view", "is": { "id": "pairs", "kind": "pairs", "way": "back" } } }
   */
  move(
    "set",
    (z) => ({ setting: Setting(z) }),
    (draft, { setting }) => {
      draft.settings = withOneMore(draft.settings, setting);
    },
  ),
  /**
   * Goes on to the next random draw.
   * @example { "do": "draw" }
   */
  move(
    "draw",
    () => ({}),
    (draft) => {
      draft.draws += 1;
    },
  ),
  /**
   * Covers in a view how far it is to the next ten, or shows it.
   * @example { "do": "cover-far", "view": "pairs", "on": true }
   */
  move(
    "cover-far",
    (z) => ({ view: ViewId(z), on: z.boolean() }),
    (draft, { view, on }) => {
      draft.farCovered = withOrWithout(draft.farCovered, view, on);
    },
  ),
] as const;

export const setting: Slice<SetTo, typeof moves> = {
  initial: { settings: {}, draws: 0, farCovered: [] },
  moves,
};

export const settingExamples: ExamplesOf<typeof moves> = {
  set: (some) => ({
    setting: some.one<Setting>([
      { of: "layout", is: { run: some.one(["beside", "above", "square"]), share: some.whole(2, 8) / 10 } },
      { of: "view", is: { ...KINDS.arrows.starts, id: "arrows", layFirst: someFlag(some) } },
      { of: "view", is: { ...KINDS.pairs.starts, id: someView(some), way: some.one(["on", "back"]) } },
    ]),
  }),
  draw: () => ({}),
  "cover-far": (some) => ({ view: someView(some), on: someFlag(some) }),
};
