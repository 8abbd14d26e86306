"use client";

import { nanoid } from "nanoid";
import { hasLive, openBoard } from "@/core/lesson/board-state";
import { MAX } from "@/core/lesson/bounds";
import { RECIPES } from "@/core/lesson/recipes";
import { RECIPE_NAMES, RecipeInputs } from "@/core/lesson/recipes/any";
import { recipeBoard, writeRecipe } from "@/core/lesson/write-recipe";
import { Button } from "@/kit/button";
import { Dialog, DialogEnd } from "@/kit/dialog";
import { say } from "@/kit/messages";
import { boardStateOf } from "../store/on-show";
import { sayDone } from "../store/say-done";
import { pickPrepared, useBoard, useBoardStore } from "../store/use-board";
import { RecipeGallery } from "./recipe-gallery";
import { useRecipe } from "./use-recipe";

const OFFERED = [{ name: "A stair written for you", kinds: RECIPE_NAMES }];

/** Writes a stair from a recipe: on a new board, or on the current one if it has none or one that was written so. */
export function RecipeDialog({ onClose }: { onClose: () => void }) {
  const store = useBoardStore();
  const prepared = useBoard(pickPrepared);
  // A recipe that has changed since then starts with its own values.
  const before = RecipeInputs.safeParse(prepared.recipe);
  const again = before.success;
  const inHand = useRecipe(before.success ? before.data : RECIPES["count-and-predict"].starts);
  const { inputs, fault, board } = inHand;
  const empty = prepared.stair.length === 0 && !hasLive(boardStateOf(store.getState()));
  const write = () => {
    store.getState().change((state) => openBoard(writeRecipe(state.board, inputs, () => nanoid(8))));
    sayDone(store, "The stair is written. Change any of it.");
    onClose();
  };
  const writeBeside = () => {
    const made = recipeBoard(nanoid(8), inputs, () => nanoid(8));
    if (!store.getState().addBoard(made)) return say(`A lesson has room for ${MAX.boards} boards.`);
    onClose();
    say("The stair is written on a board of its own. Change any of it.");
  };
  return (
    <Dialog open onOpenChange={(open) => !open && onClose()} title="A stair from a recipe" size="large">
      <RecipeGallery offered={OFFERED} inHand={inHand} />
      <DialogEnd close>
        <p className="mr-auto self-center text-quiet">
          {board.stair.length} steps with questions and answers. Change any of them afterwards.
        </p>
        <Button onClick={onClose}>Cancel</Button>
        <Button tone={empty || again ? "plain" : "strong"} disabled={fault !== null} onClick={writeBeside}>
          Write it on a new board
        </Button>
        {(empty || again) && (
          <Button tone="strong" disabled={fault !== null} onClick={write}>
            {again ? "Write this board again" : "Write it on this board"}
          </Button>
        )}
      </DialogEnd>
    </Dialog>
  );
}
