import { describe, expect, test } from "vitest";
import { cardsSeen, columnsIn } from "./card-rows";
import { AT_A_TIME } from "./shelf-lesson";

describe("cards of the shelf", () => {
  test("from one column on a phone to eight on a large display", () => {
    expect([300, 372, 768, 1032, 1672, 3560].map(columnsIn)).toEqual([1, 1, 2, 3, 5, 8]);
  });

  test("as many are drawn ahead as a window shows, and no more than come with the page", () => {
    // How many begin within the window, counted on the demo's shelf, which has the offer of a first visit above them.
    const counted = { "412x823": 1, "820x1180": 6, "1024x768": 4, "1280x800": 6, "1920x1080": 15 };
    for (const [window, cards] of Object.entries(counted)) {
      const [width = 0, height = 0] = window.split("x").map(Number);
      const drawn = cardsSeen({ width, height });
      expect(drawn, window).toBeGreaterThanOrEqual(cards);
      expect(drawn, window).toBeLessThanOrEqual(cards + columnsIn(width - 248));
    }
    expect(cardsSeen({ width: 200, height: 200 })).toBe(1);
    expect(cardsSeen({ width: 3840, height: 2160 })).toBe(AT_A_TIME);
  });
});
