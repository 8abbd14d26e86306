"use client";

import { useMemo, useState } from "react";
import type { Board } from "@/core/lesson/board";
import { type RecipeInputs, recipeOf } from "@/core/lesson/recipes/any";
import { recipeBoard } from "@/core/lesson/write-recipe";

/** A recipe that is being given its numbers: what is typed so far, and what it writes. */
export type InHand = {
  /** What is typed, which may make no stair yet. */
  inputs: RecipeInputs;
  /** Why it makes none; null where it does. */
  fault: string | null;
  /** What it writes; with what is typed now, or what last made one. */
  board: Board;
  choose: (kind: RecipeInputs["kind"]) => void;
  set: (part: object) => void;
};

/** Steps of a picture need names of their own. */
function picture(inputs: RecipeInputs): Board {
  let names = 0;
  return recipeBoard("picture", inputs, () => `step-${names++}`);
}

/** A recipe to begin with, another chosen later: what was typed for each is kept while one looks at others. */
export function useRecipe(first: RecipeInputs): InHand {
  const [kind, choose] = useState(first.kind);
  const [typed, setTyped] = useState<{ [kind in string]?: RecipeInputs }>({ [first.kind]: first });
  const [drawn, setDrawn] = useState<{ [kind in string]?: RecipeInputs }>({ [first.kind]: first });
  const { starts, schema } = recipeOf({ kind } as RecipeInputs);
  const inputs = typed[kind] ?? starts;
  const fault = useMemo(() => schema.safeParse(inputs).error?.issues[0]?.message ?? null, [schema, inputs]);
  const sound = drawn[kind] ?? starts;
  const board = useMemo(() => picture(sound), [sound]);
  return {
    inputs,
    fault,
    board,
    choose,
    set: (part) => {
      const next = { ...inputs, ...part } as RecipeInputs;
      setTyped({ ...typed, [kind]: next });
      const read = schema.safeParse(next);
      if (read.success) setDrawn({ ...drawn, [kind]: read.data as RecipeInputs });
    },
  };
}
