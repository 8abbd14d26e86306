import { readFileSync } from "node:fs";
import { join } from "node:path";
import * as fontkit from "fontkit";
import type { FontName } from "./flatten/drawn";

type Font = Pick<fontkit.Font, "unitsPerEm" | "ascent" | "descent" | "hasGlyphForCodePoint" | "layout">;

const FILES = join(process.cwd(), "node_modules/@fontsource");
const WEIGHTS = { andika: [400, 700], figtree: [400, 500, 600, 700, 800] } as const;

/** A part of a typeface with its own file: its Latin letters, the rest of them, or symbols that our typefaces lack. */
export type FontPart = "latin" | "latin-ext" | "signs";

/** The file of a part of a typeface. Symbols such as arrows come from one typeface for all. */
export function fontFile(name: FontName, part: FontPart = "latin", kind: "woff" | "woff2" = "woff"): string {
  if (part === "signs") return join(FILES, `noto-sans-math/files/noto-sans-math-latin-400-normal.${kind}`);
  const [family, weight] = name.split("-");
  return join(FILES, `${family}/files/${family}-${part}-${weight}-normal.${kind}`);
}

const fonts = new Map<string, Font>();

/** A typeface, opened once. */
export function fontOf(name: FontName, part: FontPart = "latin"): Font {
  const key = part === "signs" ? part : `${name} ${part}`;
  let font = fonts.get(key);
  if (!font) {
    font = fontkit.create(readFileSync(fontFile(name, part))) as fontkit.Font;
    fonts.set(key, font);
  }
  return font;
}

/** The typeface of a family with the nearest weight. */
export function fontNamed(family: "andika" | "figtree", weight: number): FontName {
  const nearest = WEIGHTS[family].reduce((best, one) =>
    Math.abs(one - weight) < Math.abs(best - weight) ? one : best,
  );
  return `${family}-${nearest}` as FontName;
}

/** How far a typeface reaches above and below its baseline, in parts of its size. */
export function reachOf(name: FontName): { above: number; below: number } {
  const { ascent, descent, unitsPerEm } = fontOf(name);
  return { above: ascent / unitsPerEm, below: -descent / unitsPerEm };
}

/** A run of text whose letters one font file has. */
export type Run = { readonly text: string; readonly font: FontName; readonly part: FontPart };

/** Splits a text into runs that one file can draw; letters in no file stay with the typeface itself. */
export function runsOf(text: string, name: FontName): Run[] {
  const runs: { text: string; font: FontName; part: Run["part"] }[] = [];
  for (const letter of text) {
    const [font, part] = holderOf(letter, name);
    const last = runs.at(-1);
    if (last && last.font === font && last.part === part) last.text += letter;
    else runs.push({ text: letter, font, part });
  }
  return runs;
}

function holderOf(letter: string, name: FontName): [FontName, Run["part"]] {
  const code = letter.codePointAt(0)!;
  const other = fontNamed(name.startsWith("andika") ? "figtree" : "andika", Number(name.split("-")[1]));
  for (const font of [name, other]) {
    for (const part of ["latin", "latin-ext"] as const) {
      if (fontOf(font, part).hasGlyphForCodePoint(code)) return [font, part];
    }
  }
  return [name, fontOf(name, "signs").hasGlyphForCodePoint(code) ? "signs" : "latin"];
}

const widths = new Map<string, number>();
const MAX_WIDTHS = 20_000;

/** The width of a text, in parts of its size. */
export function widthOf(text: string, name: FontName): number {
  const key = `${name} ${text}`;
  const there = widths.get(key);
  if (there !== undefined) return there;
  const width = runsOf(text, name).reduce((sum, run) => {
    const font = fontOf(run.font, run.part);
    return sum + font.layout(run.text).advanceWidth / font.unitsPerEm;
  }, 0);
  if (widths.size >= MAX_WIDTHS) widths.clear();
  widths.set(key, width);
  return width;
}
