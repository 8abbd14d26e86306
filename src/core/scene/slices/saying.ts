import { Rule, sameRule } from "../../set/rule";
import { ViewId } from "../../views/view-id";
import { type Draft, type ExamplesOf, move, type Slice } from "../slice";
import { orNull, someView } from "./examples";

/** Maximum number of the class's sentences that a view keeps, and of tries. */
export const MAX_SENTENCES = 12;
export const MAX_TRIES = 30;

/** What the class says about a shading. */
export type Sentences = {
  /** The sentence that is being put together; null before it is begun. */
  readonly sentence: Rule | null;
  /** The sentences that were tried, the latest last. */
  readonly tried: readonly Rule[];
  /** Sentences in the class's own words. */
  readonly heard: readonly string[];
};
export type Saying = { readonly said: { readonly [view in ViewId]?: Sentences } };

export const NOTHING_SAID: Sentences = { sentence: null, tried: [], heard: [] };

const change = (draft: Draft, view: ViewId, to: (was: Sentences) => Partial<Sentences>) => {
  const was = draft.said[view] ?? NOTHING_SAID;
  draft.said = { ...draft.said, [view]: { ...was, ...to(was) } };
};

const moves = [
  /**
   * The sentence of the class as it is now being put together; with `null` it is begun anew.
   * @example { "do": "say-rule", "view": "say", "rule": { "join": "and", "conditions": [{ "kind": "odd", "not": false }] } }
   */
  move(
    "say-rule",
    (z) => ({ view: ViewId(z), rule: z.nullable(Rule(z)) }),
    (draft, { view, rule }) => change(draft, view, () => ({ sentence: rule })),
  ),
  /**
   * Shows what the sentence shades; the tries before it are kept.
   * @example { "do": "try-rule", "view": "say" }
   */
  move(
    "try-rule",
    (z) => ({ view: ViewId(z) }),
    (draft, { view }) =>
      change(draft, view, ({ sentence, tried }) => {
        const last = tried.at(-1);
        if (sentence === null || (last && sameRule(last, sentence))) return {};
        return { tried: [...tried, sentence].slice(-MAX_TRIES) };
      }),
  ),
  /**
   * Keeps a sentence in the class's own words, at most 12 of them.
   * @example { "do": "hear", "view": "say", "sentence": "They make a cross." }
   */
  move(
    "hear",
    (z) => ({ view: ViewId(z), sentence: z.string().check(z.trim(), z.minLength(1), z.maxLength(120)) }),
    (draft, { view, sentence }) =>
      change(draft, view, ({ heard }) => ({ heard: [...heard, sentence].slice(-MAX_SENTENCES) })),
  ),
  /**
   * Lets go of a sentence that was heard, by its place, from 0.
   * @example { "do": "unhear", "view": "say", "at": 0 }
   */
  move(
    "unhear",
    (z) => ({ view: ViewId(z), at: z.int().check(z.minimum(0), z.maximum(MAX_SENTENCES - 1)) }),
    (draft, { view, at }) =>
      change(draft, view, ({ heard }) => ({ heard: heard.filter((_, i) => i !== at) })),
  ),
] as const;

export const saying: Slice<Saying, typeof moves> = { initial: { said: {} }, moves };

export const sayingExamples: ExamplesOf<typeof moves> = {
  "say-rule": (some) => ({ view: someView(some), rule: orNull(some, some.rule) }),
  "try-rule": (some) => ({ view: someView(some) }),
  hear: (some) => ({ view: someView(some), sentence: some.one(["They are even.", "They make a cross."]) }),
  unhear: (some) => ({ view: someView(some), at: some.whole(0, 2) }),
};
