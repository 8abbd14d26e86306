import { describe, expect, test } from "vitest";
import type { Board } from "@/core/lesson/board";
import type { Move } from "@/core/scene/move";
import { KINDS } from "@/core/views/kinds";
import { boardOf, draw, textsOf } from "../../../tests/support/draw-board";

const board = (settings: object = {}): Board =>
  ({ ...boardOf("graph"), views: [{ ...KINDS.graph.starts, ...settings, id: "graph" }] }) as Board;
const COUNT: Move[] = [
  { do: "start", number: "0" },
  ...["7", "7", "7"].map((by): Move => ({ do: "jump", by })),
];
/** The numbers beside points or bars, which are bold. */
const beside = (drawn: string) =>
  [...drawn.matchAll(/<text[^>]*font-weight="700"[^>]*>([^<]*)</g)].map(([, text]) => text);

describe("a graph at rest, as the class screen and a picture show it", () => {
  test("has the numbers beside its points and at its axes, and says what they are", () => {
    const drawn = draw(board(), COUNT);
    expect(beside(drawn)).toEqual(["0", "7", "14", "21"]);
    const others = textsOf(drawn).filter((text) => text !== "");
    expect(others).toEqual(expect.arrayContaining(["Position", "Number", "1", "4", "5", "20"]));
  });

  test("has a bar for each number, with how many factors it has", () => {
    const drawn = draw(board({ shows: "factors", from: 20, to: 24 }));
    // 20: 1, 2, 4, 5, 10, 20; 21: 1, 3, 7, 21; 22: 1, 2, 11, 22; 23: 1, 23; 24: 1, 2, 3, 4, 6, 8, 12, 24.
    expect(beside(drawn)).toEqual(["6", "4", "4", "2", "8"]);
    expect(textsOf(drawn)).toEqual(
      expect.arrayContaining(["20", "21", "22", "23", "24", "How many factors"]),
    );
  });

  test("tells no number that is covered, and none where points or numbers are", () => {
    const covers = (drawn: string) => drawn.match(/fill="var\(--color-cover\)"/g)?.length ?? 0;
    const one = draw(board(), [...COUNT, { do: "cover", numbers: ["14"] }]);
    expect(beside(one)).toEqual(["0", "7", "21"]);
    expect(covers(one)).toBe(1);
    expect(beside(draw(board({ labels: "covered" }), COUNT))).toEqual([]);
    const points = draw(board({ points: "covered" }), COUNT);
    expect(beside(points)).toEqual([]);
    expect(points).not.toMatch(/<polyline points="[^"]/);
    // Where it is covered does not tell how high it is.
    const foot = (by: string) =>
      draw(board(), [
        { do: "start", number: "0" },
        { do: "jump", by },
        { do: "jump", by: `-${by}` },
        { do: "cover", numbers: [by] },
      ]).match(/<rect[^>]*fill="var\(--color-cover\)"[^>]*>/)?.[0];
    expect(foot("7")).toBe(foot("6"));
  });

  test("covers no more than its own position, however close the next one is", () => {
    const bars = draw(board({ shows: "factors", from: 1, to: 60 }), [
      { do: "cover", numbers: ["12", "13", "14"] },
    ]);
    const covers = [
      ...bars.matchAll(/<rect x="([\d.]+)"[^>]*? width="([\d.]+)"[^>]*fill="var\(--color-cover\)"/g),
    ];
    const [first, second, third] = covers.map(([, x, width]) => ({
      x: Number(x),
      end: Number(x) + Number(width),
    }));
    expect(second!.x).toBeGreaterThan(first!.end);
    expect(third!.x).toBeGreaterThan(second!.end);
  });

  test("is joined only between points that are seen: a line past a cover would say how high it is", () => {
    const lines = (...covered: string[]) =>
      [
        ...draw(board(), [...COUNT, { do: "cover", numbers: covered }]).matchAll(
          /<polyline points="([^"]*)"/g,
        ),
      ].map(([, points]) => points!.split(" ").length);
    expect(lines()).toEqual([4]);
    expect(lines("14")).toEqual([2]);
    expect(lines("0")).toEqual([3]);
    expect(lines("7", "14")).toEqual([]);
  });
});
