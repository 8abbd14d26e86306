import { expect, test } from "vitest";
import { withArticle } from "./article";

test.each([
  ["crate", "a crate"],
  ["envelope", "an envelope"],
  ["egg box", "an egg box"],
  ["unit", "a unit"],
  ["uniform", "a uniform"],
  ["hour", "an hour"],
  ["hoop", "a hoop"],
  ["umbrella", "an umbrella"],
])("a group that is called %s is spoken of as %s", (noun, with_) => expect(withArticle(noun)).toBe(with_));
