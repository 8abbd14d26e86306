import * as z from "zod/mini";
import { RECIPES } from "./index";
import type { Recipe, RecipeBoard } from "./recipe";

export type RecipeName = keyof typeof RECIPES;
/** What a recipe is given, whichever it is. */
export type RecipeInputs = {
  [K in RecipeName]: (typeof RECIPES)[K] extends Recipe<infer I> ? I : never;
}[RecipeName];

export const RECIPE_NAMES = Object.keys(RECIPES) as RecipeName[];

const schemas = RECIPE_NAMES.map((kind) => RECIPES[kind].schema);
export const RecipeInputs = z.discriminatedUnion(
  "kind",
  schemas as unknown as [z.ZodMiniObject],
) as unknown as z.ZodMiniType<RecipeInputs>;

/** The recipe of some inputs, whichever it is. */
export const recipeOf = <I extends RecipeInputs>({ kind }: I): Recipe<I> =>
  RECIPES[kind] as unknown as Recipe<I>;

/** What the recipe of some inputs writes from them. */
export const written = (inputs: RecipeInputs): RecipeBoard => recipeOf(inputs).write(inputs);
