import { renderToStaticMarkup } from "react-dom/server";
import { describe, expect, test } from "vitest";
import type { Board } from "@/core/lesson/board";
import { newBoard } from "@/core/lesson/new-lesson";
import { fold } from "@/core/scene/fold";
import type { Move } from "@/core/scene/move";
import { EMPTY_SCENE } from "@/core/scene/scene";
import { startingChart } from "@/core/surface/starting-charts";
import { KINDS } from "@/core/views/kinds";
import { KIND_NAMES } from "@/core/views/view";
import { ORDINARY } from "@/view/drawing";
import { BoardDrawing, drawingsOf } from "./board-drawing";

const drawings = await drawingsOf(KIND_NAMES);
const board = newBoard("board", "Board", startingChart("1-24"));

/** A board in the room of an ordinary display, or in one so many times as wide and high. */
const drawn = (view: object, moves: readonly Move[], times: number) =>
  renderToStaticMarkup(
    <BoardDrawing
      moment={{
        board: { ...board, views: [view] } as Board,
        scene: fold(EMPTY_SCENE, moves),
        mayAsk: true,
      }}
      drawings={drawings}
      room={{ width: 1240 * times, height: 624 * times }}
      theme={{ ...ORDINARY, screen: ORDINARY.screen * times }}
    />,
  );

/** The sizes in a drawing, in the order of the document: of texts, and of the radius of circles. */
function sizesIn(markup: string): [what: string, size: number][] {
  const found: [string, number][] = [];
  const scales = [{ tag: "", scale: 1 }];
  for (const [, close, tag, attributes, alone] of markup.matchAll(/<(\/?)(\w+)([^<>]*?)(\/?)>/g)) {
    if (close) {
      while (scales.length > 1 && scales.pop()!.tag !== tag);
      continue;
    }
    const own = Number(/ transform="scale\(([\d.]+)\)"/.exec(attributes!)?.[1] ?? 1);
    const scale = scales.at(-1)!.scale * own;
    const text = /font-size(?:="|:)([\d.]+)(?:"|px)/.exec(attributes!)?.[1];
    if (text) found.push([`${tag} of text`, Number(text) * scale]);
    // Counters of groups are drawn once and made smaller by the style sheet.
    const radius =
      tag === "circle" && !attributes!.includes('r="60"') && / r="([\d.]+)"/.exec(attributes!)?.[1];
    if (radius) found.push(["radius", Number(radius) * scale]);
    if (!alone && !["br", "img", "input"].includes(tag!)) scales.push({ tag: tag!, scale });
  }
  return found;
}

const counted: Move[] = [
  { do: "start", number: "0" },
  ...["6", "6", "6"].map((by): Move => ({ do: "jump", by })),
  { do: "mark", ink: "sun", numbers: ["6", "12", "18"] },
  { do: "mark", ink: "sea", numbers: ["4", "8", "12"] },
];
const pieces = (as: string): [string, object, Move[]] => [
  as,
  { ...KINDS["place-value"].starts, as, expanded: "shown", words: "shown" },
  [
    { do: "focus", number: "342" },
    { do: "say-worth", view: "place-value", place: "tens" },
  ],
];
const boards: [string, object, Move[]][] = [
  ...KIND_NAMES.map((kind): [string, object, Move[]] => [kind, KINDS[kind].starts, counted]),
  ...["discs", "beads", "bundles"].map(pieces),
  [
    "signs",
    { ...KINDS.order.starts, signs: "shown" },
    [{ do: "sign-between", view: "order", at: 0, sign: "<" }],
  ],
];

describe("on a display twice as wide and high", () => {
  test.each(boards)("numbers, signs and discs are larger by as much, or nearly: %s", (_, view, moves) => {
    const named = { ...view, id: (view as { kind: string }).kind };
    const [small, large] = [1, 2].map((times) => sizesIn(drawn(named, moves, times))) as [
      ReturnType<typeof sizesIn>,
      ReturnType<typeof sizesIn>,
    ];
    expect(large.length).toBe(small.length);
    const lagging = small.flatMap(([what, size], i) => {
      const ratio = large[i]![1] / size;
      return large[i]![0] !== what || ratio < 1.7 ? [`${what}: ${size} is ${large[i]![1]}`] : [];
    });
    expect(lagging).toEqual([]);
  });
});
