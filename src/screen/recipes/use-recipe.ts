"use client";

import { useMemo, useState } from "react";
import type { Board } from "@/core/lesson/board";
import { type RecipeInputs, recipeOf } from "@/core/lesson/recipes/any";
import { recipeBoard } from "@/core/lesson/write-recipe";

/** A recipe while its inputs are typed: what is typed so far, and what it writes. */
export type InHand = {
  /** The typed inputs, which may not make a stair yet. */
  inputs: RecipeInputs;
  /** Why they do not; null if they do. */
  fault: string | null;
  /** What it writes from the current inputs, or else from the last valid ones. */
  board: Board;
  choose: (kind: RecipeInputs["kind"]) => void;
  set: (part: object) => void;
};

/** Steps of a preview need ids. */
function picture(inputs: RecipeInputs): Board {
  let names = 0;
  return recipeBoard("picture", inputs, () => `step-${names++}`);
}

/** Starts with one recipe and lets another be chosen: what was typed for each is kept while looking at others. */
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
