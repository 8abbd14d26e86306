import { NEW_COUNT } from "../count/count-settings";
import { HUNDRED_CHART } from "../surface/chart";
import type { Board, Step } from "./board";
import { newBoard, withNewCount } from "./new-lesson";
import { type RecipeInputs, written } from "./recipes/any";

/**
 * Gives a board the views and the stair that a recipe writes. Its id, seed and pace stay; the recipe and its inputs are
 * kept with it, so that it can be written again.
 * @param newId makes ids for the steps, unique on the board
 */
export function writeRecipe(board: Board, inputs: RecipeInputs, newId: () => string): Board {
  const { title, views, layout, count, opening, steps } = written(inputs);
  const stair = steps.map(({ asks: _, ...words }): Step => ({ id: newId(), ...words }));
  const { recipe: _, ...rest } = board;
  const made: Board = {
    ...rest,
    title,
    views: [...views],
    layout: layout ?? { run: "beside", share: 0.74 },
    count: { ...NEW_COUNT, ...count },
    opening: [...(opening ?? [])],
    stair,
    // Without a stair there is nothing to be written again.
    ...(stair.length > 0 ? { recipe: inputs } : {}),
  };
  return count ? made : withNewCount(made);
}

/** A new board that a recipe writes. */
export const recipeBoard = (id: string, inputs: RecipeInputs, newId: () => string): Board =>
  writeRecipe(newBoard(id, "New board", HUNDRED_CHART), inputs, newId);
