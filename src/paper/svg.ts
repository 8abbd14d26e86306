import { readFileSync } from "node:fs";
import type { Drawn, FontName, Outline, Paint, Picture, Stroked } from "./flatten/drawn";
import { fontFile, fontOf, type Run, runsOf } from "./fonts";

export type SvgOptions = {
  /** The background: a colour, or none for a transparent picture. */
  readonly ground: string | null;
  /** Whether letters stay text, with embedded typefaces, or become outlines. */
  readonly letters: "text" | "outlines";
};

/** A picture as an SVG file. */
export function toSvg({ width, height, drawn }: Picture, { ground, letters }: SvgOptions): string {
  const writer: Writer = { letters, clips: [], fonts: new Map(), glyphs: new Map() };
  const body = drawn.map((one) => written(one, writer)).join("");
  const faces = [...writer.fonts.values()].map(faceOf).join("");
  const defs = `${faces === "" ? "" : `<style>${faces}</style>`}${writer.clips.join("")}${[...writer.glyphs.values()].map(({ svg }) => svg).join("")}`;
  const back = ground === null ? "" : `<rect width="${n(width)}" height="${n(height)}" fill="${ground}"/>`;
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${n(width)}" height="${n(height)}" viewBox="0 0 ${n(width)} ${n(height)}">${defs === "" ? "" : `<defs>${defs}</defs>`}${back}${body}</svg>\n`;
}

type Writer = {
  readonly letters: SvgOptions["letters"];
  readonly clips: string[];
  readonly fonts: Map<string, Run>;
  readonly glyphs: Map<string, { id: string; svg: string }>;
};

/** A number with as few digits as make a visible difference. */
const n = (value: number): string => String(Math.round(value * 1000) / 1000);

function written(one: Drawn, writer: Writer): string {
  if (one.kind === "shape") return shape(one.outline, fillOf(one.fill), strokeOf(one.stroke));
  if (one.kind === "text") return text(one, writer);
  const inside = one.children.map((child) => written(child, writer)).join("");
  if (inside === "") return "";
  const [a, b, c, d, e, f] = one.matrix;
  const plain = a === 1 && b === 0 && c === 0 && d === 1;
  const at = !plain
    ? ` transform="matrix(${[a, b, c, d, e, f].map((v) => Math.round(v * 1e5) / 1e5).join(" ")})"`
    : e === 0 && f === 0
      ? ""
      : ` transform="translate(${n(e)} ${n(f)})"`;
  const opacity = one.opacity === 1 ? "" : ` opacity="${n(one.opacity)}"`;
  const blend = one.multiply ? ' style="mix-blend-mode:multiply"' : "";
  if (!one.clip) return at + opacity + blend === "" ? inside : `<g${at}${opacity}${blend}>${inside}</g>`;
  const id = `clip-${writer.clips.length + 1}`;
  writer.clips.push(`<clipPath id="${id}">${shape(one.clip, "", "")}</clipPath>`);
  return `<g${at}${opacity}${blend} clip-path="url(#${id})">${inside}</g>`;
}

function shape(outline: Outline, fill: string, stroke: string): string {
  switch (outline.tag) {
    case "rect": {
      const { x, y, width, height, rx } = outline;
      const round = rx > 0 ? ` rx="${n(rx)}"` : "";
      return `<rect x="${n(x)}" y="${n(y)}" width="${n(width)}" height="${n(height)}"${round}${fill}${stroke}/>`;
    }
    case "circle":
      return `<circle cx="${n(outline.cx)}" cy="${n(outline.cy)}" r="${n(outline.r)}"${fill}${stroke}/>`;
    case "path":
      return `<path d="${outline.d}"${fill}${stroke}/>`;
    default:
      return `<${outline.tag} points="${outline.points.map(([x, y]) => `${n(x)},${n(y)}`).join(" ")}"${fill}${stroke}/>`;
  }
}

const faded = (name: string, { alpha }: Paint) => (alpha === 1 ? "" : ` ${name}-opacity="${n(alpha)}"`);
const fillOf = (fill: Paint | null) => (fill ? ` fill="${fill.hex}"${faded("fill", fill)}` : ' fill="none"');

function strokeOf(stroke: Stroked | null): string {
  if (!stroke) return "";
  const { paint, width, dash, cap, join } = stroke;
  const dashes = dash.length === 0 ? "" : ` stroke-dasharray="${dash.map(n).join(" ")}"`;
  const ends = `${cap === "butt" ? "" : ` stroke-linecap="${cap}"`}${join === "miter" ? "" : ` stroke-linejoin="${join}"`}`;
  return ` stroke="${paint.hex}" stroke-width="${n(width)}"${faded("stroke", paint)}${dashes}${ends}`;
}

const ESCAPES: Readonly<Record<string, string>> = { "&": "&amp;", "<": "&lt;", ">": "&gt;", '"': "&quot;" };
/** A text without what XML may not contain: control characters and lone surrogates. */
const escaped = (value: string) =>
  value.replace(/[\p{Cc}\p{Cs}\uFFFE\uFFFF]/gu, "").replace(/[&<>"]/g, (sign) => ESCAPES[sign]!);

function text(
  { x, y, text: letters, font, size, fill }: Extract<Drawn, { kind: "text" }>,
  writer: Writer,
): string {
  const runs = runsOf(letters, font);
  if (writer.letters === "outlines") {
    let at = x;
    return runs
      .map((run) => {
        const { svg, width } = outlined(run, at, y, size, writer);
        at += width;
        return svg === "" ? "" : `<g${fillOf(fill)}>${svg}</g>`;
      })
      .join("");
  }
  for (const run of runs) writer.fonts.set(`${run.font} ${run.part}`, run);
  const [family, weight] = font.split("-");
  const heavy = weight === "400" ? "" : ` font-weight="${weight}"`;
  return `<text x="${n(x)}" y="${n(y)}" font-family="${NAMES[family!]}" font-size="${n(size)}"${heavy}${fillOf(fill)} xml:space="preserve">${escaped(letters)}</text>`;
}

const NAMES: Readonly<Record<string, string>> = {
  andika: "Andika, Figtree, sans-serif",
  figtree: "Figtree, Andika, sans-serif",
};

/** The letters of a run as outlines, each letter defined once and reused. */
function outlined(
  run: Run,
  x: number,
  y: number,
  size: number,
  writer: Writer,
): { svg: string; width: number } {
  const font = fontOf(run.font, run.part);
  const { glyphs, positions } = font.layout(run.text);
  const scale = size / font.unitsPerEm;
  let at = 0;
  const svg = glyphs.map((glyph, i) => {
    const { xAdvance, xOffset, yOffset } = positions[i]!;
    const key = `${run.font} ${run.part} ${glyph.id}`;
    let there = writer.glyphs.get(key);
    if (!there) {
      const id = `g${writer.glyphs.size + 1}`;
      there = { id, svg: `<path id="${id}" d="${glyph.path.toSVG()}"/>` };
      writer.glyphs.set(key, there);
    }
    const place = [scale, 0, 0, -scale, x + (at + xOffset) * scale, y - yOffset * scale];
    at += xAdvance;
    return `<use href="#${there.id}" transform="matrix(${place.map((v) => Math.round(v * 1e5) / 1e5).join(" ")})"/>`;
  });
  return { svg: svg.join(""), width: at * scale };
}

const encoded = new Map<string, string>();

/** Embeds a typeface: only the parts whose letters are used. */
function faceOf({ font, part }: Run): string {
  const file = fontFile(font, part, "woff2");
  const data = encoded.get(file) ?? readFileSync(file).toString("base64");
  encoded.set(file, data);
  const [family, weight] = font.split("-") as [FontName, string];
  const name = family.startsWith("andika") ? "Andika" : "Figtree";
  const range =
    part === "latin" ? "" : part === "signs" ? "unicode-range:U+2190-23FF;" : "unicode-range:U+0100-218F;";
  return `@font-face{font-family:${name};font-weight:${weight};${range}src:url(data:font/woff2;base64,${data}) format("woff2")}`;
}
