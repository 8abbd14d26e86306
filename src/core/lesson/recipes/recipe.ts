import type { Count } from "../../count/count-settings";
import type { NumberKey } from "../../number/exact";
import type { Beat, Move } from "../../scene/move";
import type { KindField } from "../../views/kind";
import type { Layout } from "../../views/layout";
import type { View } from "../../views/view";
import * as z from "../../zod";

/**
 * The numbers that a question asks for, and how the class is kept from seeing them until the next step: `covered` ones
 * are under covers, or have no number at their place; `unmarked` ones stand among the others without being pointed out.
 */
export type Asked = { readonly as: "covered" | "unmarked"; readonly numbers: readonly NumberKey[] };

/** A step as a recipe writes it. */
export type RecipeStep = {
  readonly title: string;
  readonly question: string;
  readonly answer: string;
  readonly beats: Beat[];
  readonly asks?: Asked;
};

/** What a recipe writes: the views of a board, what is counted on it, and its stair. */
export type RecipeBoard = {
  /** What the board is called. */
  readonly title: string;
  readonly views: readonly View[];
  readonly layout?: Layout;
  readonly count?: Partial<Count>;
  readonly opening?: readonly Move[];
  readonly steps: readonly RecipeStep[];
};

/** A recipe: what it is called and does, the few numbers that it is given, and the stair that it writes from them. */
export type Recipe<I extends { kind: string }> = {
  readonly kind: I["kind"];
  /** The message, in words, says why the numbers do not make a stair together. */
  readonly schema: z.ZodMiniObject & { readonly _zod: { readonly output: I } };
  readonly starts: I;
  readonly name: string;
  /** What the class does, in a sentence. */
  readonly about: string;
  readonly fields: readonly KindField[];
  /** Presets: inputs that are often wanted, by name. */
  readonly presets?: readonly { readonly name: string; readonly inputs: I }[];
  /** Correct for all inputs that the schema accepts. */
  readonly write: (inputs: I) => RecipeBoard;
};

export const recipe = <I extends { kind: string }>(one: Recipe<I>): Recipe<I> => one;

/** Refuses inputs that do not make a stair together, with the first reason found. */
export const makesStair = <I>(fault: (inputs: I) => string | null) =>
  z.check<I>(({ issues, value }) => {
    // A field that is invalid by itself has its own message.
    if (issues.length > 0) return;
    const message = fault(value);
    if (message !== null) issues.push({ code: "custom", message, input: value });
  });

/** Refuses inputs whose view is invalid, with the message about the view. */
export const makesBoard = <I>(check: (inputs: I) => z.core.util.SafeParseResult<unknown>) =>
  makesStair((inputs: I) => check(inputs).error?.issues[0]?.message ?? null);

/** A whole number within bounds, both included. */
export const whole = (min: number, max: number) => z.int().check(z.minimum(min), z.maximum(max));
