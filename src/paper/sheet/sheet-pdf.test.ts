import { getDocument } from "pdfjs-dist/legacy/build/pdf.mjs";
import { describe, expect, test } from "vitest";
import { showNumber } from "@/core/number/show-number";
import type { Move } from "@/core/scene/move";
import { SHEET_KINDS } from "@/core/sheet/kinds";
import { pageSize } from "@/core/sheet/page-size";
import { makeCopy, newSheet, type PartSettings, SHEET_KIND_NAMES, type Sheet } from "@/core/sheet/sheet";
import { answersOf } from "@/core/sheet/task";
import { KINDS } from "@/core/views/kinds";
import type { View, ViewSettings } from "@/core/views/view";
import { combined, type Drawn, IDENTITY } from "../flatten/drawn";
import { MARGIN, MM, POINTS } from "../units";
import { LINE, layOut, linesToWrite } from "./lay-out";
import { copyPages, sheetPdf } from "./sheet-pdf";

const part = (of: PartSettings, id = "p") => ({ id, instruction: "", of });
const sheetOf = (of: PartSettings, more: Partial<Sheet> = {}): Sheet => ({
  ...newSheet("s", "Posts on the jetty", 7, part(of)),
  ...more,
});

type Page = { width: number; height: number; texts: string[] };

/** The pages of a PDF, read by an independent library. */
async function pagesOf(bytes: Uint8Array): Promise<Page[]> {
  const document = await getDocument({ data: new Uint8Array(bytes), useSystemFonts: false, verbosity: 0 })
    .promise;
  const pages: Page[] = [];
  for (let n = 1; n <= document.numPages; n += 1) {
    const page = await document.getPage(n);
    const [, , width, height] = page.view as [number, number, number, number];
    const { items } = await page.getTextContent();
    pages.push({
      width,
      height,
      texts: items.map((item) => ("str" in item ? item.str : "")).filter((text) => text.trim() !== ""),
    });
  }
  return pages;
}

const shapesOf = (drawn: readonly Drawn[]): Extract<Drawn, { kind: "shape" }>[] =>
  drawn.flatMap((one) => (one.kind === "group" ? shapesOf(one.children) : one.kind === "shape" ? [one] : []));

/** The texts of a page, each with its baseline, in millimetres from the top. */
const textsOf = (drawn: readonly Drawn[], matrix = IDENTITY): { text: string; y: number }[] =>
  drawn.flatMap((one) => {
    if (one.kind === "group") return textsOf(one.children, combined(matrix, one.matrix));
    if (one.kind === "shape") return [];
    const [, b, , d, , f] = matrix;
    return [{ text: one.text, y: (b * one.x + d * one.y + f) / MM }];
  });

describe("a sheet as a PDF", () => {
  test("a blank chart has its title, its line for the name, and no number; its answers have all", async () => {
    const pages = await pagesOf(await sheetPdf(sheetOf({ ...SHEET_KINDS.chart.starts, missing: "all" })));
    expect(pages).toHaveLength(2);
    const [page, answers] = pages as [Page, Page];
    expect(page.texts).toEqual(expect.arrayContaining(["Posts on the jetty", "Name"]));
    expect(page.texts.filter((text) => /^\d+$/.test(text))).toEqual([]);
    expect(answers.texts).toContain("Answers");
    const numbers = answers.texts.filter((text) => /^\d+$/.test(text)).map(Number);
    expect(numbers).toEqual(Array.from({ length: 100 }, (_, i) => i + 1));
  });

  test.each([
    ["a4", "upright", 595.28, 841.89],
    ["a4", "lying", 841.89, 595.28],
    ["letter", "upright", 612, 792],
    ["letter", "lying", 792, 612],
  ] as const)(
    "%s %s has the size of its paper (ISO 216, ANSI/ASME Y14.1, in points)",
    async (paper, way, width, height) => {
      const [page] = await pagesOf(await sheetPdf(sheetOf(SHEET_KINDS.lines.starts, { paper, way })));
      expect(page!.width).toBeCloseTo(width, 0);
      expect(page!.height).toBeCloseTo(height, 0);
    },
  );

  test("each copy has its own numbers, and its answers follow it", async () => {
    const sheet = sheetOf(SHEET_KINDS.arrows.starts, { copies: 3 });
    const pages = await pagesOf(await sheetPdf(sheet));
    expect(pages).toHaveLength(6);
    for (let copy = 0; copy < 3; copy += 1) {
      const [page, answers] = [pages[2 * copy]!, pages[2 * copy + 1]!];
      expect(page.texts).toContain("ABC"[copy]);
      const right = makeCopy(sheet, copy)
        .flatMap(({ tasks }) => tasks.flatMap(answersOf))
        .map((text) => showNumber(text));
      for (const text of right) expect(answers.texts).toContain(text);
    }
    expect(pages[0]!.texts).not.toEqual(pages[2]!.texts);
  });

  test("copies that are alike have one page with the answers, and no letters", async () => {
    const sheet = sheetOf({ ...SHEET_KINDS.problems.starts, typed: "3 + ? = 7" }, { copies: 3 });
    const texts = (await pagesOf(await sheetPdf(sheet))).map((page) => page.texts);
    expect(texts.map((one) => one.includes("Answers"))).toEqual([false, true, false, false]);
    expect(texts[2]).toEqual(texts[0]);
    for (const one of texts) expect(one).not.toContain("A");
  });

  test("all kinds on paper, in colour and in grey, are light and hold what they must", async () => {
    for (const kind of SHEET_KIND_NAMES) {
      if (kind === "view") continue;
      const sheet = sheetOf(SHEET_KINDS[kind].starts as PartSettings, {
        ink: kind === "frames" ? "grey" : "colour",
      });
      const bytes = await sheetPdf(sheet);
      expect([kind, bytes.length < 300_000]).toEqual([kind, true]);
      const pages = await pagesOf(bytes);
      const right = makeCopy(sheet, 0).flatMap(({ tasks }) => tasks.flatMap(answersOf));
      const said = pages.at(-1)!.texts.join(" ");
      for (const text of right)
        expect([kind, said.includes(/^\d+$/.test(text) ? showNumber(text) : text)]).toEqual([kind, true]);
    }
  });

  test("grey has no colour left, and the shapes of the inks stay", async () => {
    const [, answers] = await copyPages(
      sheetOf({ ...SHEET_KINDS.chart.starts, colour: 7 }, { ink: "grey" }),
      0,
    );
    const shapes = shapesOf(answers!.drawn);
    for (const { fill, stroke } of shapes) {
      for (const hex of [fill?.hex, stroke?.paint.hex]) {
        if (hex)
          expect([hex, hex.slice(1, 3) === hex.slice(3, 5) && hex.slice(3, 5) === hex.slice(5, 7)]).toEqual([
            hex,
            true,
          ]);
      }
    }
    // Fourteen numbers of the count, each with its ground and its diamond.
    const polygons = shapes.filter(({ outline }) => outline.tag === "polygon");
    expect(polygons.length).toBe(2 * 14);
  });

  test("no page is all ink: what is covered on a screen is a box to write in", async () => {
    const of = { ...SHEET_KINDS.stops.starts };
    const [page] = await copyPages(sheetOf(of), 0);
    const dark = shapesOf(page!.drawn).filter(
      ({ outline, fill }) =>
        outline.tag === "rect" && fill?.hex === "#16233b" && outline.width * outline.height > 400,
    );
    expect(dark).toEqual([]);
  });
});

describe("a view from the board", () => {
  const { groups } = KINDS;
  const viewSheet = (settings: ViewSettings, moves: Move[] = []) =>
    sheetOf({ kind: "view", view: { ...settings, id: "view" } as View, moves, size: "large" });
  const textsOfPages = async (sheet: Sheet) =>
    (await copyPages(sheet, 0)).map(({ drawn }) => textsOf(drawn).map(({ text }) => text));

  test("what is covered from the start or by hand is on the page with the answers only", async () => {
    const [page, answers] = await textsOfPages(viewSheet(groups.starts));
    expect([page!.includes("30"), answers!.includes("30")]).toEqual([false, true]);
    const cover: Move = { do: "cover-part", view: "view", part: "size", on: true };
    const [hidden, shown] = await textsOfPages(viewSheet({ ...groups.starts, all: "shown" }, [cover]));
    expect([hidden!.includes("6"), shown!.includes("6")]).toEqual([false, true]);
  });

  test("stops are answered by the count of the board from which they come", async () => {
    const view = { ...KINDS.stops.starts, id: "stops", stops: ["14"] } as View;
    const said = async (by: string) => {
      const count = { by, from: "0", way: "forwards" } as const;
      const [, answers] = await textsOfPages(
        sheetOf({ kind: "view", view, moves: [], size: "large", count }),
      );
      return answers!.join(" ");
    };
    // From 7 to 14 the ones go past ten, from 12 to 14 they do not.
    expect(await said("7")).toContain("10 ones");
    expect(await said("2")).not.toContain("10 ones");
  });

  test("where nothing is covered or asked, there is no page of answers", async () => {
    expect(await copyPages(viewSheet({ ...groups.starts, all: "shown" }), 0)).toHaveLength(1);
  });
});

describe("long texts", () => {
  const textsOn = async (sheet: Sheet, page: number) => textsOf((await copyPages(sheet, 0))[page]!.drawn);

  test("a title or an instruction of several lines pushes down what is below it", async () => {
    const title = "Lamps and posts along the jetty ".repeat(3).trim();
    const told = "Write where each route lands on the quay. ".repeat(4).trim();
    const long = sheetOf(SHEET_KINDS.arrows.starts, { title, copies: 2 });
    const sheet = { ...long, parts: [{ ...long.parts[0]!, instruction: told }] };
    const texts = await textsOn(sheet, 0);
    const yOf = (wanted: string) => texts.filter(({ text }) => wanted.includes(text)).map(({ y }) => y);
    const [task] = layOut(sheet, makeCopy(sheet, 0))[0]!.filter(({ kind }) => kind === "task");
    const name = texts.find(({ text }) => text === "Name")!.y;
    expect(new Set(yOf(title)).size).toBe(2);
    expect(new Set(yOf(told)).size).toBe(2);
    expect(name - Math.max(...yOf(title))).toBeGreaterThan(5);
    expect(Math.min(...yOf(told)) - name).toBeGreaterThan(5);
    // Letters such as g reach a millimetre below their baseline.
    expect(task!.place.y - Math.max(...yOf(told))).toBeGreaterThan(1);
  });

  test("a title without a space is cut where the line ends, and none of it is lost", async () => {
    const title = "Gannetpoint".repeat(10);
    const [page] = await pagesOf(await sheetPdf(sheetOf(SHEET_KINDS.arrows.starts, { title })));
    const parts = page!.texts.filter((text) => title.includes(text));
    expect(parts.length).toBeGreaterThan(1);
    expect(parts.join("")).toBe(title);
  });

  test.each([
    [2, "plain"],
    [4, "puzzling"],
    [6, "digits"],
  ] as const)("sentences of %i shadings end on their lines", async (count, level) => {
    for (let seed = 0; seed < 4; seed += 1) {
      const sheet = sheetOf({ ...SHEET_KINDS.shading.starts, count, level }, { seed });
      const [standing] = layOut(sheet, makeCopy(sheet, 0));
      const tasks = standing!.filter(({ kind }) => kind === "task");
      const below = (await textsOn(sheet, 1)).filter(({ text }) => /[a-z]\.?$/.test(text));
      for (const { place } of tasks) {
        const own = place.height - linesToWrite(place.width) * LINE;
        const inside = below.filter(({ y }) => y > place.y + 2 && y < place.y + own);
        expect(inside).toEqual([]);
      }
      const last = tasks.at(-1)!.place;
      expect(Math.max(...below.map(({ y }) => y))).toBeLessThan(last.y + last.height);
    }
  });
});

describe("pages", () => {
  test("a strip of a hundred centimetres is in true size, in pieces with an edge for glue", async () => {
    const pages = await copyPages(sheetOf(SHEET_KINDS.strip.starts), 0);
    const cells = shapesOf(pages.flatMap(({ drawn }) => drawn)).filter(
      ({ outline, stroke }) => outline.tag === "rect" && stroke?.dash.length === 0 && outline.height > 50,
    );
    expect(cells).toHaveLength(100);
    for (const { outline } of cells) {
      // A centimetre has 28.346 points.
      if (outline.tag === "rect") expect(outline.width * POINTS).toBeCloseTo(28.346, 2);
    }
    const edges = shapesOf(pages.flatMap(({ drawn }) => drawn)).filter(
      ({ stroke }) => (stroke?.dash.length ?? 0) > 0,
    );
    expect(edges).toHaveLength(5);
  });

  test("small views stand beside each other, and only instructions of several parts have numbers", () => {
    const small = { ...SHEET_KINDS.view.starts, size: "small" } as const;
    const chart = SHEET_KINDS.chart.starts;
    const laid = (...all: PartSettings[]) => {
      const sheet = sheetOf(chart, { parts: all.map((of, i) => part(of, `p${i}`)) });
      return layOut(sheet, makeCopy(sheet, 0)).flat();
    };
    const [first, second, third] = laid(small, small, small).map(({ place }) => place);
    expect(second!.y).toBe(first!.y);
    expect(second!.x).toBeGreaterThan(first!.x + first!.width);
    expect(third!.y).toBeGreaterThan(first!.y + first!.height);
    expect(third!.x).toBe(first!.x);
    const told = (...all: PartSettings[]) =>
      laid(...all).flatMap((one) => (one.kind === "instruction" ? [one.text] : []));
    expect(told(small, chart)).toEqual(["Write the missing numbers."]);
    expect(told(chart, small, chart)).toEqual([
      "1 Write the missing numbers.",
      "2 Write the missing numbers.",
    ]);
  });

  test("nothing leaves the page, and no task is cut, on any paper", () => {
    const many = SHEET_KIND_NAMES.filter((kind) => kind !== "view").map((kind) =>
      part(SHEET_KINDS[kind].starts as PartSettings, kind),
    );
    for (const paper of ["a4", "letter"] as const) {
      for (const way of ["upright", "lying"] as const) {
        for (let i = 0; i < many.length; i += 1) {
          const sheet = sheetOf(SHEET_KINDS.chart.starts, { paper, way, parts: many.slice(i, i + 8) });
          const { width, height } = pageSize(sheet);
          for (const standing of layOut(sheet, makeCopy(sheet, 0))) {
            expect(standing.length).toBeGreaterThan(0);
            for (const { place } of standing) {
              expect(place.x).toBeGreaterThanOrEqual(MARGIN - 0.01);
              expect(place.x + place.width).toBeLessThanOrEqual(width - MARGIN + 0.01);
              expect(place.y + place.height).toBeLessThanOrEqual(height - MARGIN + 0.01);
            }
          }
        }
      }
    }
    expect(MM * 25.4).toBe(96);
  });
});
