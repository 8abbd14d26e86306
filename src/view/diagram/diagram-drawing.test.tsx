import { describe, expect, test } from "vitest";
import type { Board } from "@/core/lesson/board";
import { newBoard } from "@/core/lesson/new-lesson";
import type { Move } from "@/core/scene/move";
import { startingChart } from "@/core/surface/starting-charts";
import { KINDS } from "@/core/views/kinds";
import { draw } from "../../../tests/support/draw-board";

const hundred = newBoard("board", "Board", startingChart("1-100"));
const board = (settings: object = {}): Board =>
  ({
    ...hundred,
    views: [hundred.views[0]!, { ...KINDS.diagram.starts, ...settings, id: "rings" }],
    layout: { run: "beside", share: 0.5 },
  }) as Board;
const multiples = (ink: "sun" | "sea" | "kelp", of: number): Move => ({
  do: "mark",
  ink,
  numbers: Array.from({ length: Math.floor(100 / of) }, (_, i) => String((i + 1) * of)),
});
const THREE = [multiples("sun", 2), multiples("sea", 3), multiples("kelp", 5)];
const NOTE = "How many numbers are in each part.";

/** What stands in each region, by its inks as bits, and how large it is. */
function regionsIn(markup: string) {
  const found = markup.matchAll(
    /data-region="(\d+)"[^>]*style="[^"]*font-size:([\d.]+)px[^"]*">(.*?)<\/section>/g,
  );
  return new Map(
    [...found].map(([, set, size, inside]) => [
      Number(set),
      { size: Number(size), says: [...inside!.matchAll(/>([^<>]+)</g)].map(([, said]) => said) },
    ]),
  );
}
const [SUN, SEA, KELP] = [1, 4, 8];

describe("marked numbers in rings", () => {
  test("stand in their regions where all of them can be read, and are counted in every region where they cannot", () => {
    const [large, small] = [1240, 520].map((width) => draw(board(), THREE, { width, height: 0.5 * width }));
    const shown = regionsIn(large!);
    expect(shown.get(SUN | SEA | KELP)?.says).toEqual(["30", "60", "90"]);
    expect(shown.get(SEA | KELP)?.says).toEqual(["15", "45", "75"]);
    expect(large).not.toContain(NOTE);
    // 2 % of the height of an ordinary screen.
    for (const set of [1, 4, 5, 8, 9, 12, 13]) expect(shown.get(set)?.size).toBeGreaterThanOrEqual(16);
    const counted = regionsIn(small!);
    expect(small).toContain(NOTE);
    // By counting the multiples below 101: of 2 alone 27, of 3 alone 14, of 2 and 3 but not 5 13, and so on.
    expect([1, 4, 5, 8, 9, 12, 13].map((set) => counted.get(set)?.says)).toEqual(
      ["27", "14", "13", "7", "7", "3", "3"].map((many) => [many]),
    );
    const sizes = [1, 4, 5, 8, 9, 12, 13].map((set) => counted.get(set)!.size);
    expect(Math.max(...sizes) / Math.min(...sizes)).toBeLessThanOrEqual(1.5);
  });

  test("are counted without a word about it where the teacher wants that", () => {
    const drawn = draw(board({ numbers: "counted" }), THREE);
    expect(regionsIn(drawn).get(SUN)?.says).toEqual(["27"]);
    expect(drawn).not.toContain(NOTE);
  });

  test("are not told where they are covered, nor counted as if they were shown", () => {
    const covered: Move = { do: "cover", numbers: ["30", "60"] };
    const says = regionsIn(draw(board(), [...THREE, covered])).get(SUN | SEA | KELP)?.says;
    expect(says).not.toEqual(expect.arrayContaining(["30"]));
    expect(says).toContain("90");
  });
});
