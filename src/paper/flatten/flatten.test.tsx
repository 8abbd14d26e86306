import { readFileSync } from "node:fs";
import { type Browser, chromium, type Page } from "@playwright/test";
import type { ReactElement } from "react";
import { renderToStaticMarkup } from "react-dom/server";
import { afterAll, beforeAll, describe, expect, test } from "vitest";
import type { Board } from "@/core/lesson/board";
import { openBoard, sceneOf, standOn } from "@/core/lesson/board-state";
import { boardWith } from "@/core/lesson/board-with";
import { newBoard } from "@/core/lesson/new-lesson";
import { readLesson } from "@/core/lesson/read-lesson";
import { startingChart } from "@/core/surface/starting-charts";
import { KINDS } from "@/core/views/kinds";
import { drawingsOf } from "@/view/board/board-drawing";
import { CHROMIUM_ARGS, findForTests } from "../../../scripts/lib/chromium.mjs";
import { demoFiles } from "../../../tests/support/demo-files";
import { BoardPage } from "../board-page";
import { fontFile, fontOf, reachOf, widthOf } from "../fonts";
import { combined, type Drawn, type FontName, IDENTITY, type Matrix } from "./drawn";
import { flatten } from "./flatten";
import { styleSheet } from "./style-sheet";
import { lengthOf, paintOf, withVars } from "./values";

const ROOM = { width: 1240, height: 624 };
const BLACK = { hex: "#000000", alpha: 1 };

type Word = { text: string; x: number; y: number };

/** The words of a picture, each with where it begins on its baseline. */
function wordsOf(drawn: readonly Drawn[], matrix: Matrix = IDENTITY): Word[] {
  return drawn.flatMap((one): Word[] => {
    if (one.kind === "group") return wordsOf(one.children, combined(matrix, one.matrix));
    if (one.kind === "shape") return [];
    return [...one.text.matchAll(/\S+/g)].map((word) => {
      const before = widthOf(one.text.slice(0, word.index), one.font) * one.size;
      const [a, b, c, d, e, f] = matrix;
      const [x, y] = [one.x + before, one.y];
      // A first letter may be capitalised by the style sheet only.
      return { text: word[0].toLowerCase(), x: a * x + c * y + e, y: b * x + d * y + f };
    });
  });
}

const FACES = (
  [
    "andika-400",
    "andika-700",
    "figtree-400",
    "figtree-500",
    "figtree-600",
    "figtree-700",
    "figtree-800",
  ] as FontName[]
)
  .map((name) => {
    const [family, weight] = name.split("-");
    const data = readFileSync(fontFile(name, "latin", "woff2")).toString("base64");
    return `@font-face{font-family:${family};font-weight:${weight};src:url(data:font/woff2;base64,${data})}`;
  })
  .join("");

let browser: Browser | undefined;
let page: Page;
beforeAll(async () => {
  browser = await chromium.launch({
    executablePath: process.env.CHROMIUM ?? findForTests() ?? "",
    args: CHROMIUM_ARGS,
  });
  page = await browser.newPage({ viewport: ROOM });
});
afterAll(() => browser?.close());

/** The words of the same drawing as laid out by a browser. */
async function wordsInBrowser(drawing: ReactElement): Promise<Word[]> {
  const sheet = await styleSheet();
  const reach = { andika: reachOf("andika-400").above, figtree: reachOf("figtree-400").above };
  await page.setContent(
    `<!doctype html><style>${FACES}:root{--font-andika:andika;--font-figtree:figtree}${sheet.text()}*{animation:none!important}</style>` +
      `<body style="margin:0;width:${ROOM.width}px;height:${ROOM.height}px">${renderToStaticMarkup(drawing)}`,
  );
  await page.evaluate(() => document.fonts.ready);
  return await page.evaluate((above) => {
    const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
    const found: { text: string; x: number; y: number }[] = [];
    for (let node = walker.nextNode(); node; node = walker.nextNode()) {
      const parent = node.parentElement!;
      if (parent.closest(".sr-only, title, style")) continue;
      const style = getComputedStyle(parent);
      const up = style.fontFamily.startsWith("andika") ? above.andika : above.figtree;
      // Elements that are scaled.
      const scale = parent instanceof SVGGraphicsElement ? parent.getScreenCTM()!.a : 1;
      for (const word of node.textContent!.matchAll(/\S+/g)) {
        const text = word[0].toLowerCase();
        const svg: Element = parent;
        const matrix = svg instanceof SVGTextContentElement && svg.getScreenCTM();
        if (matrix && matrix.b !== 0) {
          // The box round a turned word does not tell where its baseline begins.
          const { x, y } = svg.getStartPositionOfChar(word.index).matrixTransform(matrix);
          found.push({ text, x, y });
          continue;
        }
        const range = document.createRange();
        range.setStart(node, word.index);
        range.setEnd(node, word.index + word[0].length);
        const rect = range.getBoundingClientRect();
        if (rect.width === 0) continue;
        found.push({
          text,
          x: rect.left,
          y: rect.top + up * Number.parseFloat(style.fontSize) * scale,
        });
      }
    }
    return found;
  }, reach);
}

/** The distance between the words of two layouts, each from the nearest equal word; the worst of all. */
function worst(paper: readonly Word[], screen: readonly Word[]): { off: number; word: Word | null } {
  const left = [...screen];
  let found: { off: number; word: Word | null } = { off: 0, word: null };
  for (const word of paper) {
    const away = (one: Word | undefined) =>
      one?.text === word.text
        ? Math.max(Math.abs(one.x - word.x), Math.abs(one.y - word.y))
        : Number.POSITIVE_INFINITY;
    const nearest = left.reduce((best, one, i) => (away(one) < away(left[best]) ? i : best), 0);
    const off = away(left[nearest]);
    left.splice(nearest, 1);
    if (off > found.off) found = { off, word };
  }
  return left.length > 0 ? { off: Number.POSITIVE_INFINITY, word: left[0]! } : found;
}

/** The words of a board that are far from where a browser has them, some steps up its stair; none if all are near. */
async function astray(board: Board, steps: number): Promise<object[]> {
  const scene = sceneOf(standOn(openBoard(board), steps));
  const moment = { board: boardWith(board, scene.settings), scene, mayAsk: true };
  const drawings = await drawingsOf(moment.board.views.map(({ kind }) => kind));
  const drawing = (
    <BoardPage
      moment={moment}
      drawings={drawings}
      room={ROOM}
      shows={{ view: null, covers: true, marks: true }}
    />
  );
  const paper = wordsOf((await flatten(drawing, ROOM)).drawn);
  const { off, word } = worst(paper, await wordsInBrowser(drawing));
  return off > 2.5 ? [{ board: board.title, steps, off, word }] : [];
}

describe("a drawing laid out for paper stands as a browser has it", () => {
  test.each(demoFiles().map(({ file, text }) => [file, text]))("%s", async (_, text) => {
    const read = readLesson(JSON.parse(text!));
    if (!read.ok) throw new Error(read.message);
    const misplaced: object[] = [];
    for (const board of read.lesson.boards) {
      for (const steps of [Math.ceil(board.stair.length / 2), board.stair.length])
        misplaced.push(...(await astray(board, steps)));
    }
    expect(misplaced).toEqual([]);
  });

  const { trail } = KINDS;
  const alone = { ...trail.starts, numbers: false, ones: false };
  test.each([
    ["its parts beside each other", 0.62, trail.starts],
    ["in a row with its title", 0.88, alone],
    ["without its title", 0.94, alone],
  ])("the count in a low room, %s", async (title, share, settings) => {
    const board: Board = {
      ...newBoard("b", title, startingChart("1-100")),
      opening: [{ do: "start", number: "0" }, ...Array(8).fill({ do: "jump", by: "6" })],
      layout: { run: "above", share },
    };
    const views = [...board.views.slice(0, 1), { ...settings, id: "trail" }];
    expect(await astray({ ...board, views }, 0)).toEqual([]);
  });
});

describe("values of the style sheet", () => {
  test("lengths, sums and parts", () => {
    expect(lengthOf("calc(0.25rem * 3)", 16)).toEqual({ px: 12 });
    expect(lengthOf("calc(1.75 / 1.25)", 16)).toEqual({ px: 1.4 });
    expect(lengthOf("calc(3 / 5 * 100%)", 16)).toEqual({ percent: 60 });
    expect(lengthOf("calc(infinity * 1px)", 16)).toEqual({ px: 9999 });
    expect(lengthOf("0.7em", 20)).toEqual({ px: 14 });
    expect(lengthOf("auto", 16)).toBeNull();
  });

  test("variables, and what stands for one that is not known", () => {
    const vars = (name: string) => ({ "--a": "var(--b)", "--b": "3px" })[name];
    expect(withVars("calc(var(--a) * 2) var(--c, var(--b))", vars)).toBe("calc(3px * 2) 3px");
    expect(withVars("var(--gone)", vars)).toBe("");
  });

  test("colours: a mix in oklab as the browser has it", async () => {
    const mix = "color-mix(in oklab, #b98700 62%, #16233b)";
    const shown = await page.evaluate((color) => {
      const canvas = document.createElement("canvas").getContext("2d")!;
      canvas.fillStyle = color;
      canvas.fillRect(0, 0, 1, 1);
      return [...canvas.getImageData(0, 0, 1, 1).data.slice(0, 3)];
    }, mix);
    const { hex } = paintOf(mix, BLACK)!;
    const ours = [1, 3, 5].map((i) => Number.parseInt(hex.slice(i, i + 2), 16));
    for (const i of [0, 1, 2]) expect(Math.abs(ours[i]! - shown[i]!)).toBeLessThanOrEqual(1);
    expect(paintOf("none", BLACK)).toBeNull();
    expect(paintOf("currentColor", BLACK)).toEqual(BLACK);
    expect(paintOf("color-mix(in oklab, #fff3cf 90%, transparent)", BLACK)).toEqual({
      hex: "#fff3cf",
      alpha: 0.9,
    });
  });
});

test("the typefaces have the signs of the lessons", () => {
  for (const sign of "0123456789−×÷½¼¾=<>…“”’") {
    expect([sign, fontOf("andika-400").hasGlyphForCodePoint(sign.codePointAt(0)!)]).toEqual([sign, true]);
  }
});
