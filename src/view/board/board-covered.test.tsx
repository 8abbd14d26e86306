// Without a browser: what draws here draws on the server too.
import fc from "fast-check";
import { describe, expect, test } from "vitest";
import type { Board } from "@/core/lesson/board";
import type { Move } from "@/core/scene/move";
import { ALL } from "@/core/set/rule";
import { KINDS } from "@/core/views/kinds";
import { KIND_NAMES } from "@/core/views/view";
import { boardOf, chartBoard, draw, ROOM, textsOf } from "../../../tests/support/draw-board";

/** Where two drawings begin to differ; null if they are the same. */
function firstDifference(a: string, b: string): string | null {
  if (a === b) return null;
  const at = [...a].findIndex((letter, i) => letter !== b[i]);
  return [a, b].map((drawn) => drawn.slice(at - 60, at + 60)).join(" | ");
}

describe("what is covered on a board drawn at rest", () => {
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
    expect(compared("3/4")).toBe(compared("7"));
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
    expect(ordered("3/4")).toBe(ordered("7"));
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
});
