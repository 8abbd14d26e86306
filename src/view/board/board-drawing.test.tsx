// Without a browser: what draws here draws on the server too.
import fc from "fast-check";
import { renderToStaticMarkup } from "react-dom/server";
import { describe, expect, test } from "vitest";
import { asOpened, onFirstStep } from "@/core/lesson/at-first";
import type { Board } from "@/core/lesson/board";
import { addView } from "@/core/lesson/edit-views";
import { newBoard } from "@/core/lesson/new-lesson";
import { fold } from "@/core/scene/fold";
import type { Move } from "@/core/scene/move";
import { EMPTY_SCENE } from "@/core/scene/scene";
import { ALL, ruleOf } from "@/core/set/rule";
import { startingChart } from "@/core/surface/starting-charts";
import { KINDS } from "@/core/views/kinds";
import { KIND_NAMES, type KindName } from "@/core/views/view";
import { ORDINARY } from "@/view/drawing";
import { anyMove } from "../../../tests/support/any-move";
import { BoardDrawing, drawingsOf } from "./board-drawing";

const drawings = await drawingsOf(KIND_NAMES);
const ROOM = { width: 1240, height: 624 };
const chartBoard = newBoard("board", "Board", startingChart("1-24"));

/** A board of one kind of view, beside a line. */
const boardOf = (kind: KindName): Board =>
  addView({ ...chartBoard, views: [{ ...KINDS[kind].starts, id: kind }] }, KINDS.line.starts);

const draw = (board: Board, moves: readonly Move[] = [], room = ROOM) =>
  renderToStaticMarkup(
    <BoardDrawing
      moment={{ board, scene: fold(EMPTY_SCENE, moves), mayAsk: true }}
      drawings={drawings}
      room={room}
      theme={ORDINARY}
    />,
  );

const MANY: Move[] = ["2", "3"].map((of, i) => ({
  do: "mark",
  ink: i === 0 ? "sun" : "sea",
  numbers: ruleOf({ kind: "multiples", of, not: false }),
}));

/** Where two drawings begin to differ; null if they are the same. */
function firstDifference(a: string, b: string): string | null {
  if (a === b) return null;
  const at = [...a].findIndex((letter, i) => letter !== b[i]);
  return [a, b].map((drawn) => drawn.slice(at - 60, at + 60)).join(" | ");
}

/** What is read in a drawing. */
const textsOf = (markup: string) => [...markup.matchAll(/>([^<>]+)</g)].map(([, text]) => text!.trim());

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

  test.each(KIND_NAMES)("tells nothing of what was marked under solid covers: %s", (kind) => {
    const board = boardOf(kind);
    const numbers = Array.from({ length: 24 }, (_, i) => `${i + 1}`);
    const some = fc.record({
      covered: fc.subarray(numbers, { minLength: 1 }),
      byRule: fc.boolean(),
      seen: fc.subarray(numbers),
      ink: fc.constantFrom("sun", "sea", "plum"),
      jumps: fc.array(fc.constantFrom("3", "10", "-2"), { maxLength: 6 }),
      writes: fc.boolean(),
    });
    fc.assert(
      fc.property(some, ({ covered, byRule, seen, ink, jumps, writes }) => {
        const before: Move[] = [
          { do: "mark", ink: "coral", numbers: byRule ? [] : seen.filter((one) => !covered.includes(one)) },
          { do: "start", number: "3" },
          ...jumps.map((by): Move => ({ do: "jump", by })),
        ];
        const under: Move[] = [
          { do: "mark", ink, numbers: covered },
          { do: "stand-out", numbers: covered.slice(0, 2) },
        ];
        const after: Move[] = [{ do: "cover", numbers: byRule ? ALL : covered }];
        if (writes) after.push({ do: "write", number: covered[0]!, says: "7" });
        const told = draw(board, [...before, ...under, ...after]);
        expect(firstDifference(told, draw(board, [...before, ...after]))).toBeNull();
      }),
      { numRuns: 25 },
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

  test("tells no number that is covered, in any kind of view", () => {
    const done: Move[] = [
      { do: "start", number: "7" },
      { do: "jump", by: "6" },
      { do: "cover", numbers: ALL },
    ];
    for (const kind of ["chart", "strip", "sentence", "way", "trail"] as const) {
      const texts = textsOf(
        draw({ ...chartBoard, views: [{ ...KINDS[kind].starts, id: kind }] } as Board, done),
      );
      expect([kind, texts.filter((text) => /\b(7|13)\b/.test(text))]).toEqual([kind, []]);
    }
  });

  test.each([ROOM, { width: 240, height: 600 }])("nor how long it is, in a room of %o", (room) => {
    const drawn = (view: object) =>
      draw({ ...chartBoard, views: [view] } as Board, [{ do: "cover", numbers: ALL }], room);
    const compared = (a: string) => drawn({ ...KINDS.compare.starts, id: "compare", a, b: "12" });
    expect(compared("1234567")).toBe(compared("7"));
    const jumped = (kind: "way" | "sentence", by: string) =>
      draw(
        { ...chartBoard, views: [{ ...KINDS[kind].starts, id: kind }] } as Board,
        [
          { do: "start", number: "7" },
          { do: "jump", by },
          { do: "cover", numbers: ALL },
          { do: "cover-jump", jumps: [0], part: "size" },
        ],
        room,
      );
    for (const kind of ["way", "sentence"] as const) expect(jumped(kind, "1234567")).toBe(jumped(kind, "6"));
    const ordered = (a: string) =>
      drawn({ ...KINDS.order.starts, id: "order", numbers: [a, "12", "40"], pieces: "none" });
    expect(ordered("1234567")).toBe(ordered("7"));
  });

  const UNDER_COVERS: readonly [string, object, (n: string) => Move[], [string, string]][] = [
    ...(["blocks", "discs", "bundles", "beads"] as const).map((as): (typeof UNDER_COVERS)[number] => [
      `pieces as ${as}`,
      { ...KINDS["place-value"].starts, as, pieces: "covered", digits: "covered", words: "covered" },
      (number) => [{ do: "focus", number }],
      ["264", "873"],
    ]),
    [
      "a digit",
      { ...KINDS["place-value"].starts, pieces: "none" },
      (number) => [
        { do: "focus", number },
        { do: "cover-part", view: "view", part: "ones", on: true },
      ],
      ["264", "260"],
    ],
    [
      "a time",
      { ...KINDS.time.starts, words: "covered", digits: "covered", half: "covered", later: "covered" },
      (number) => [{ do: "focus", number }],
      ["0", "47"],
    ],
    [
      "counters of a number",
      { ...KINDS.frames.starts, counts: "focus", writing: "covered" },
      (number) => [
        { do: "focus", number },
        { do: "cover", numbers: ALL },
      ],
      ["6", "19"],
    ],
    ...(["sentence", "way", "trail"] as const).flatMap((kind) =>
      [
        ["6", "7"],
        ["6", "25"],
        ["10", "12"],
        ["3", "20"],
      ].map((by): (typeof UNDER_COVERS)[number] => [
        `a jump in ${kind}`,
        KINDS[kind].starts,
        (last) => [
          { do: "start", number: "7" },
          { do: "jump", by: "10" },
          { do: "jump", by: last },
          { do: "cover", numbers: ALL },
          { do: "cover-jump", jumps: [1], part: "size" },
        ],
        by as [string, string],
      ]),
    ),
    [
      "ones digits",
      { ...KINDS.graph.starts, shows: "ones", points: "covered", labels: "covered" },
      (by) => [
        { do: "start", number: "0" },
        { do: "jump", by },
      ],
      ["1", "8"],
    ],
  ];

  test.each(UNDER_COVERS)("is the same whatever is covered: %s", (_, view, moves, [a, b]) => {
    const drawn = (number: string) =>
      draw({ ...chartBoard, views: [{ ...view, id: "view" }] } as Board, moves(number));
    expect(drawn(a)).toBe(drawn(b));
  });

  test.each([4, 12])("is the same for groups out of sight, of 6 or of %i", (each) => {
    const drawn = (each: number) => {
      const view = { ...KINDS.groups.starts, id: "view", each, size: "covered", counters: "covered" };
      return draw({ ...chartBoard, views: [view] } as Board);
    };
    expect(drawn(each)).toBe(drawn(6));
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
