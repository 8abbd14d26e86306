import * as z from "zod/mini";
import { type SceneSettings, Setting } from "../setting";
import { move, type Slice } from "../slice";
import { someFlag } from "./examples";

/** What the board was set to since it opened, and what chance has come to. */
export type SetTo = {
  readonly settings: SceneSettings;
  /** How often chance was asked so far. */
  readonly draws: number;
  /** How far it is to the next ten is covered. */
  readonly farCovered: boolean;
};

const moves = [
  /**
   * What the board is set to from here on: its `count`, `fill`, `layout`, or its `times`, `arrows` or `pairs` view. What was prepared stays.
   * @example { "do": "set", "setting": { "of": "arrows", "is": { "kind": "arrows", "layFirst": true } } }
   */
  move(
    "set",
    { setting: Setting },
    (draft, { setting }) => {
      draft.settings = { ...draft.settings, [setting.of]: setting.is };
    },
    (some) => ({
      setting: some.one<Setting>([
        { of: "layout", is: { run: some.one(["beside", "above"]), share: some.whole(2, 8) / 10 } },
        { of: "arrows", is: { kind: "arrows", layFirst: someFlag(some) } },
        { of: "pairs", is: { kind: "pairs", way: some.one(["on", "back"]) } },
      ]),
    }),
  ),
  /**
   * Chance goes on to its next draw.
   * @example { "do": "draw" }
   */
  move(
    "draw",
    {},
    (draft) => {
      draft.draws += 1;
    },
    () => ({}),
  ),
  /**
   * Covers how far it is to the next ten, or shows it.
   * @example { "do": "cover-far", "on": true }
   */
  move(
    "cover-far",
    { on: z.boolean() },
    (draft, { on }) => {
      draft.farCovered = on;
    },
    (some) => ({ on: someFlag(some) }),
  ),
] as const;

export const setting: Slice<SetTo, typeof moves> = {
  initial: { settings: {}, draws: 0, farCovered: false },
  moves,
};
