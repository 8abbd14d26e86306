import * as z from "../../zod";
import { BEGINNINGS } from "./beginnings";
import { RECIPES } from "./index";
import type { Recipe, RecipeBoard } from "./recipe";

export type RecipeName = keyof typeof RECIPES;
export type BeginningName = keyof typeof BEGINNINGS;
const ALL = { ...BEGINNINGS, ...RECIPES };

type InputsOf<K extends keyof typeof ALL> = (typeof ALL)[K] extends Recipe<infer I> ? I : never;
/** The inputs of any recipe; a beginning is a recipe that writes no stair. */
export type RecipeInputs = { [K in keyof typeof ALL]: InputsOf<K> }[keyof typeof ALL];

export const RECIPE_NAMES = Object.keys(RECIPES) as RecipeName[];
export const BEGINNING_NAMES = Object.keys(BEGINNINGS) as BeginningName[];

const schemas = Object.values(ALL).map(({ schema }) => schema);
export const RecipeInputs = z.discriminatedUnion(
  "kind",
  schemas as unknown as [z.ZodMiniObject],
) as unknown as z.ZodMiniType<RecipeInputs>;

/** The recipe of some inputs, whichever it is. */
export const recipeOf = <I extends RecipeInputs>({ kind }: I): Recipe<I> => ALL[kind] as unknown as Recipe<I>;

/** What a recipe writes from its inputs. */
export const written = (inputs: RecipeInputs): RecipeBoard => recipeOf(inputs).write(inputs);
