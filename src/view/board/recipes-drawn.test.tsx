import { renderToStaticMarkup } from "react-dom/server";
import { expect, test } from "vitest";
import { momentOf } from "@/core/lesson/moment";
import { RECIPE_NAMES, type RecipeInputs, recipeOf } from "@/core/lesson/recipes/any";
import { recipeBoard } from "@/core/lesson/write-recipe";
import { showNumber } from "@/core/number/show-number";
import { KIND_NAMES } from "@/core/views/view";
import { ORDINARY } from "@/view/drawing";
import { BoardDrawing, drawingsOf } from "./board-drawing";

const drawings = await drawingsOf(KIND_NAMES);

/** What is read on a board, and what is said of it, with a step of its stair climbed. */
function read(inputs: RecipeInputs, climbed: number): string {
  let names = 0;
  const board = recipeBoard("b", inputs, () => `s${names++}`);
  const markup = renderToStaticMarkup(
    <BoardDrawing
      moment={momentOf({ board, climbed, live: [] })}
      drawings={drawings}
      room={{ width: 1240, height: 624 }}
      theme={ORDINARY}
    />,
  );
  const texts = [...markup.matchAll(/>([^<>]+)<|aria-label="([^"]+)"/g)].map(([, text, label]) =>
    (text ?? label)!.trim().replace(/,$/, ""),
  );
  // Digits that stand beside each other make a number too.
  const digits = texts.filter((text) => /^\d$/.test(text)).join("");
  return [...texts, digits].join(" | ");
}

/** A number as it is written, and no part of another one. */
const said = (number: string) => new RegExp(`(^|[^\\d.,])(${showNumber(number)}|${number})($|[^\\d.,])`);

test.each(RECIPE_NAMES)("a number under a cover is not to be read before it is shown: %s", (kind) => {
  const { starts, write } = recipeOf({ kind } as RecipeInputs);
  const { steps } = write(starts as never);
  for (const [i, { title, asks }] of steps.entries()) {
    if (asks?.as !== "covered") continue;
    const words = read(starts, i + 1);
    for (const number of asks.numbers) expect(words, `${title}: ${number}`).not.toMatch(said(number));
  }
  // Read it can be, once it is shown.
  const last = steps.flatMap(({ asks }) => asks?.numbers ?? []).at(-1);
  if (last) expect(read(starts, steps.length)).toMatch(said(last));
});
