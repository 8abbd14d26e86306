import { describe, expect, test } from "vitest";
import { cardsSeen, columnsIn } from "./card-rows";
import { AT_A_TIME } from "./shelf-lesson";

describe("cards of the shelf", () => {
  test("from one column on a phone to eight on a large display", () => {
    expect([300, 372, 768, 1032, 1672, 3560].map(columnsIn)).toEqual([1, 1, 2, 3, 5, 8]);
  });

  test("as many pictures are drawn ahead as a window shows, and no more than come with the page", () => {
    expect(cardsSeen({ width: 412, height: 823 })).toBe(3);
    expect(cardsSeen({ width: 1280, height: 800 })).toBe(9);
    expect(cardsSeen({ width: 3840, height: 2160 })).toBe(AT_A_TIME);
  });
});
