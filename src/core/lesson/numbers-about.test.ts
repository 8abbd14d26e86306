import { expect, test } from "vitest";
import { demoFiles } from "../../../tests/support/demo-files";
import type { Lesson } from "./lesson";
import { numbersAbout } from "./numbers-about";
import { RECIPES } from "./recipes";
import { recipeBoard } from "./write-recipe";

test("a lesson is about what it counts in, whose multiples it marks, and what its groups hold", () => {
  const about = (name: string) => {
    const { text } = demoFiles().find(({ file }) => file.includes(name))!;
    return numbersAbout(JSON.parse(text) as Lesson);
  };
  expect(about("lamps-on-the-jetty")).toContain("6");
  expect(about("lamps-on-the-jetty")).not.toContain("7");
  expect(about("two-patterns")).toEqual(expect.arrayContaining(["6", "5"]));
  const written = (inputs: Parameters<typeof recipeBoard>[1]) =>
    numbersAbout({ boards: [recipeBoard("b", inputs, () => "s")] });
  expect(written(RECIPES["count-and-predict"].starts)).toEqual(["7"]);
  expect(written(RECIPES["two-patterns"].starts)).toEqual(expect.arrayContaining(["4", "6"]));
  expect(written(RECIPES["equal-groups"].starts)).toContain("6");
  expect(written(RECIPES["meet-the-chart"].starts)).toEqual([]);
});
