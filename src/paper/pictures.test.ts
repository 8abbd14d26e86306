import { XMLParser, XMLValidator } from "fast-xml-parser";
import { PNG } from "pngjs";
import { describe, expect, test } from "vitest";
import { newBoard } from "@/core/lesson/new-lesson";
import type { PictureWish } from "@/core/lesson/picture-wish";
import type { Move } from "@/core/scene/move";
import { plainLine } from "@/core/surface/line";
import { startingChart } from "@/core/surface/starting-charts";
import { KINDS } from "@/core/views/kinds";
import type { View } from "@/core/views/view";
import { JOBS } from "./jobs";

const WISH: PictureWish = {
  view: null,
  covers: true,
  marks: true,
  ground: "white",
  as: "svg",
  longest: 1000,
  upright: false,
  strong: false,
};
const board = newBoard("b", "Posts", startingChart("1-24"));
const moves: Move[] = [
  { do: "mark", ink: "sun", numbers: ["6", "12"] },
  { do: "cover", numbers: ["17"] },
];
const shown = { board: { ...board, opening: moves }, climbed: 0, live: [] };
const svg = async (wish: Partial<PictureWish> = {}, of = shown) =>
  String(await JOBS.picture({ shown: of, wish: { ...WISH, ...wish } }));
const png = async (wish: Partial<PictureWish>, of = shown) =>
  PNG.sync.read(
    Buffer.from((await JOBS.picture({ shown: of, wish: { ...WISH, as: "png", ...wish } })) as Uint8Array),
  );

/** All texts of an SVG file, read by an independent XML parser. */
const textsOf = (file: string): string[] => {
  const parser = new XMLParser({ preserveOrder: true, ignoreAttributes: false, trimValues: false });
  const gather = (nodes: Record<string, unknown>[], inText: boolean): string[] =>
    nodes.flatMap((node) =>
      Object.entries(node).flatMap(([name, inside]) => {
        if (name === "#text") return inText ? [String(inside)] : [];
        return Array.isArray(inside) ? gather(inside, name === "text") : [];
      }),
    );
  return gather(parser.parse(file), false);
};

describe("a picture as SVG", () => {
  test("is XML, has its numbers as text, and its typefaces inside", async () => {
    const file = await svg({ view: "chart" as never });
    expect(XMLValidator.validate(file)).toBe(true);
    expect(textsOf(file)).toEqual(
      Array.from({ length: 24 }, (_, i) => String(i + 1)).filter((n) => n !== "17"),
    );
    expect(file).toContain("@font-face{font-family:Andika");
    // Nothing is fetched, and nothing runs.
    expect(file.replace("http://www.w3.org/2000/svg", "")).not.toMatch(/https?:|<script|href="(?!#)/);
  });

  test("with or without covers and marks, on white or on nothing", async () => {
    expect(textsOf(await svg({ covers: false }))).toContain("17");
    const sun = "#ffe08a";
    expect(await svg()).toContain(sun);
    expect(await svg({ marks: false })).not.toContain(sun);
    expect(await svg()).toMatch(/<rect width="[\d.]+" height="[\d.]+" fill="#ffffff"\/>/);
    expect(await svg({ ground: "none" })).not.toMatch(
      /<rect width="[\d.]+" height="[\d.]+" fill="#ffffff"\/>/,
    );
  });

  test("a word with signs of markup in it stays a word", async () => {
    const line = { ...KINDS.line.starts, id: "line", unit: `<b>&"` } as never;
    const file = await svg(
      { view: "line" as never },
      { ...shown, board: { ...board, views: [...board.views, line] } },
    );
    expect(XMLValidator.validate(file)).toBe(true);
    expect(file).toContain("&lt;b&gt;&amp;&quot;");
  });

  test("is cut to what is drawn: a line has little room above and below", async () => {
    const line = { ...KINDS.line.starts, id: "line" } as never;
    const file = await svg({ view: "line" as never }, { ...shown, board: { ...board, views: [line] } });
    const [, width, height] = /width="([\d.]+)" height="([\d.]+)"/.exec(file)!.map(Number);
    expect(width! / height!).toBeGreaterThan(5);
  });
});

describe("a picture as PNG", () => {
  test.each([1000, 4000])("its longer side has %i pixels", async (longest) => {
    const { width, height } = await png({ longest });
    expect(Math.max(width, height)).toBe(longest);
  });

  test("white where nothing is drawn, or see-through; numbers are drawn", async () => {
    const at = (image: PNG, x: number, y: number) => [
      ...image.data.subarray((y * image.width + x) * 4).subarray(0, 4),
    ];
    expect(at(await png({}), 1, 1)).toEqual([255, 255, 255, 255]);
    expect(at(await png({ ground: "none" }), 1, 1)[3]).toBe(0);
    const image = await png({});
    let dark = 0;
    for (let i = 0; i < image.data.length; i += 4)
      if (image.data[i]! < 60 && image.data[i + 1]! < 70) dark += 1;
    expect(dark).toBeGreaterThan(2_000);
  });

  test("nothing at its edges is cut off: all around it is empty", async () => {
    const line = { ...plainLine("0", "3", "1/4"), id: "line" } as View;
    const sentence = { ...KINDS.sentence.starts, id: "sentence" } as View;
    const views = [line, sentence];
    const opening: Move[] = [
      { do: "start", number: "2" },
      { do: "jump", by: "-0.75" },
    ];
    const of = { ...shown, board: { ...board, views, opening } };
    for (const view of [null, "line", "sentence"] as PictureWish["view"][]) {
      const { width, height, data } = await png({ view, ground: "none" }, of);
      const isPainted = (x: number, y: number) => data[(y * width + x) * 4 + 3]! > 0;
      const [xs, ys] = [
        Array.from({ length: width }, (_, x) => x),
        Array.from({ length: height }, (_, y) => y),
      ];
      const edge = [
        ...xs.flatMap((x) => [isPainted(x, 0), isPainted(x, height - 1)]),
        ...ys.flatMap((y) => [isPainted(0, y), isPainted(width - 1, y)]),
      ];
      expect([view, edge.filter(Boolean).length]).toEqual([view, 0]);
    }
  });
});
