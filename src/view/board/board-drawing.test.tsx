// Without a browser: what draws here draws on the server too.
import fc from "fast-check";
import { renderToStaticMarkup } from "react-dom/server";
import { describe, expect, test } from "vitest";
import { asOpened, onFirstStep } from "@/core/lesson/at-first";
import type { Board } from "@/core/lesson/board";
import { fold } from "@/core/scene/fold";
import type { Move } from "@/core/scene/move";
import { EMPTY_SCENE } from "@/core/scene/scene";
import { ruleOf } from "@/core/set/rule";
import { KINDS } from "@/core/views/kinds";
import { KIND_NAMES } from "@/core/views/view";
import { ORDINARY } from "@/view/drawing";
import { anyMove } from "../../../tests/support/any-move";
import { boardOf, chartBoard, draw, drawings, ROOM, textsOf } from "../../../tests/support/draw-board";
import { BoardDrawing } from "./board-drawing";

const MANY: Move[] = ["2", "3"].map((of, i) => ({
  do: "mark",
  ink: i === 0 ? "sun" : "sea",
  numbers: ruleOf({ kind: "multiples", of, not: false }),
}));

describe("a board drawn at rest", () => {
  test.each(KIND_NAMES)("has a drawing of every kind, whatever was done: %s", (kind) => {
    const board = boardOf(kind);
    fc.assert(
      fc.property(
        fc.array(anyMove, { maxLength: 12 }),
        fc.integer({ min: 60, max: 1400 }),
        fc.integer({ min: 60, max: 900 }),
        (moves, width, height) => {
          expect(draw(board, moves, { width, height })).not.toMatch(/NaN|undefined|Infinity/);
        },
      ),
      // A room in which nothing fits, with much in it, is always among them.
      { numRuns: 40, examples: [[MANY, 60, 60]] },
    );
  });

  test("tells of every region of its rings what is in it, or how much, in rooms of all sizes", () => {
    for (const numbers of ["shown", "counted"] as const)
      for (const width of [260, 320, 480, 800])
        for (const height of [260, 400, 620]) {
          const views = [
            { ...KINDS.diagram.starts, id: "diagram", numbers },
            { ...KINDS.strip.starts, id: "strip" },
          ];
          const drawn = draw({ ...boardOf("diagram"), views } as Board, MANY, { width, height });
          const regions = [...drawn.matchAll(/data-region="[1-9]\d*".*?<\/section>/g)].map(([all]) =>
            textsOf(all).join(""),
          );
          expect(regions).toHaveLength(3);
          for (const told of regions)
            expect([width, height, told]).toEqual([width, height, expect.stringMatching(/\d/)]);
        }
  });

  test("shows numbers to be compared and ordered as they were typed", () => {
    const compare = { ...KINDS.compare.starts, a: "3/4", b: "6/8", id: "compare" };
    const order = { ...KINDS.order.starts, numbers: ["1/2", "0.75", "2/3"], id: "order" };
    const texts = (kind: "compare" | "order", view: object) =>
      textsOf(draw({ ...boardOf(kind), views: [view] } as Board, [], ROOM)).join(" ");
    expect(texts("compare", compare)).toMatch(/3 4.*6 8/);
    expect(texts("order", order)).toMatch(/1 2.*0.*7.*5.*2 3/);
    expect(texts("compare", compare) + texts("order", order)).not.toMatch(/0\.75|0\.5/);
  });

  test("writes no 0 before the first digit of a number, and every 0 within and after it", () => {
    const view = { ...KINDS["place-value"].starts, pieces: "none", id: "place-value" };
    const board = { ...boardOf("place-value"), views: [view] } as Board;
    const cards = (number: string) =>
      [...draw(board, [{ do: "focus", number }], ROOM).matchAll(/data-digit="\w+"[^>]*>(\d*)</g)].map(
        ([, digit]) => digit,
      );
    expect(cards("7")).toEqual(["", "7"]);
    expect(cards("0")).toEqual(["", "0"]);
    expect(cards("0.5")).toEqual(["0", "5"]);
    expect(cards("40")).toEqual(["4", "0"]);
    expect(cards("4007")).toEqual(["4", "0", "0", "7"]);
  });

  test("names the pieces of all its numbers where those of one are no blocks", () => {
    const order = { ...KINDS.order.starts, numbers: ["1", "1.5"], pieces: "shown", id: "order" };
    const board = { ...boardOf("order"), views: [order] } as Board;
    expect(textsOf(draw(board, [], ROOM)).filter((text) => /one|tenth/.test(text))).toEqual([
      "1 one",
      "1 one",
      "5 tenths",
    ]);
  });

  test("is told apart from nothing: each kind that stands in the layout shows something", () => {
    for (const kind of KIND_NAMES) {
      const alone = { ...chartBoard, views: [{ ...KINDS[kind].starts, id: kind }] } as Board;
      const stands = kind !== "arrows";
      expect([kind, textsOf(draw(alone)).length > 0 || draw(alone).includes("<path")]).toEqual([
        kind,
        stands,
      ]);
    }
  });

  test("invites to press only where it can be pressed; what is asked stays", () => {
    const board = { ...chartBoard, views: [{ ...KINDS.times.starts, id: "times" }] } as Board;
    const bare = (moves: readonly Move[]) =>
      renderToStaticMarkup(
        <BoardDrawing
          moment={{ board, scene: fold(EMPTY_SCENE, moves), mayAsk: false }}
          drawings={drawings}
          room={ROOM}
          theme={{ ...ORDINARY, bare: true }}
        />,
      );
    expect(draw(board)).toContain("What comes next?");
    expect(bare([])).not.toContain("What comes next");
    const asked = bare([{ do: "wonder", view: "times", side: "right" } as Move]);
    expect(textsOf(asked).filter((text) => text === "?")).toHaveLength(10);
  });

  test("a strip of more squares than have room shows what is laid on them and what is written there", () => {
    const view = { ...KINDS.strip.starts, id: "strip", to: "1000" };
    const drawn = draw({ ...chartBoard, views: [view] } as Board, [
      { do: "mark", ink: "plum", numbers: ["250"] },
      { do: "focus", number: "300" },
      { do: "cover", numbers: ["400", "600"] },
      { do: "write", number: "600", says: "666" },
    ]);
    const texts = textsOf(drawn);
    expect(texts).toEqual(expect.arrayContaining(["0", "1,000", "666"]));
    expect(texts).not.toContain("400");
    const fills = ["--color-plum-dot", "--color-cover", "--color-focus"];
    expect(fills.filter((fill) => !drawn.includes(fill))).toEqual([]);
  });

  test("a view is marked by what it keeps for itself, the other by the board's", () => {
    const chart = { ...KINDS.chart.starts };
    const board = {
      ...chartBoard,
      views: [
        { ...chart, id: "chart", own: true },
        { ...chart, id: "chart-2" },
      ],
      opening: [
        { do: "within", view: "chart", moves: [{ do: "mark", ink: "sun", numbers: ["6"] }] },
        { do: "mark", ink: "sea", numbers: ["7", "8"] },
      ],
    } as Board;
    const markup = renderToStaticMarkup(
      <BoardDrawing moment={asOpened(board)} drawings={drawings} room={ROOM} theme={ORDINARY} />,
    );
    expect([
      markup.split("var(--color-sun)").length - 1,
      markup.split("var(--color-sea)").length - 1,
    ]).toEqual([1, 2]);
  });

  test("on the shelf a board stands on its first step, and no further up", () => {
    const board: Board = {
      ...chartBoard,
      stair: [6, 12].map((n) => ({
        id: `s${n}`,
        title: "",
        question: "",
        answer: "",
        beats: [[{ do: "cover", numbers: [String(n)] }]],
      })) as Board["stair"],
    };
    const covers = (moment: ReturnType<typeof onFirstStep>) =>
      renderToStaticMarkup(
        <BoardDrawing moment={moment} drawings={drawings} room={ROOM} theme={ORDINARY} />,
      ).split("cover-laid").length - 1;
    expect([covers(asOpened(board)), covers(onFirstStep(board))]).toEqual([0, 1]);
    expect(onFirstStep(board)).toBe(onFirstStep(board));
  });
});
