import type { Count } from "../../count/count-settings";
import type { NumberKey } from "../../number/exact";
import type { Beat, Move } from "../../scene/move";
import type { KindField } from "../../views/kind";
import type { Layout } from "../../views/layout";
import type { View } from "../../views/view";
import * as z from "../../zod";

/**
 * The numbers that a question asks for, and how they are kept from the class until the next step: `covered` ones are under
 * covers, or have no number at their place; `unmarked` ones stand among the others, and nothing points at them.
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
  /** Why numbers make no stair together is said in words. */
  readonly schema: z.ZodMiniObject & { readonly _zod: { readonly output: I } };
  readonly starts: I;
  readonly name: string;
  /** What the class does, in a sentence. */
  readonly about: string;
  readonly fields: readonly KindField[];
  /** Inputs that are often wanted, by their names. */
  readonly presets?: readonly { readonly name: string; readonly inputs: I }[];
  /** Right for all inputs that the schema takes. */
  readonly write: (inputs: I) => RecipeBoard;
};

export const recipe = <I extends { kind: string }>(one: Recipe<I>): Recipe<I> => one;

/** Refuses inputs that make no stair together, with the first reason there is. */
export const makesStair = <I>(fault: (inputs: I) => string | null) =>
  z.check<I>(({ issues, value }) => {
    // A field that is none in itself has said so.
    if (issues.length > 0) return;
    const message = fault(value);
    if (message !== null) issues.push({ code: "custom", message, input: value });
  });

/** Refuses inputs whose view there cannot be, with what is said of the view. */
export const makesBoard = <I>(check: (inputs: I) => z.core.util.SafeParseResult<unknown>) =>
  makesStair((inputs: I) => check(inputs).error?.issues[0]?.message ?? null);

/** A whole number within bounds, both included. */
export const whole = (least: number, most: number) => z.int().check(z.minimum(least), z.maximum(most));
