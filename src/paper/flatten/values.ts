import { converter, formatHex, interpolate, parse } from "culori";
import type { Paint } from "./drawn";

/** The value of a variable of the style sheet. */
export type Vars = (name: string) => string | undefined;

/** Substitutes the variables in a value; an unknown one becomes its fallback, or nothing. */
export function withVars(value: string, vars: Vars, depth = 0): string {
  const at = value.indexOf("var(");
  if (at < 0 || depth > 20) return value;
  const end = closing(value, at + 3);
  const inside = value.slice(at + 4, end);
  const comma = inside.indexOf(",");
  const name = (comma < 0 ? inside : inside.slice(0, comma)).trim();
  const otherwise = comma < 0 ? "" : inside.slice(comma + 1).trim();
  const known = vars(name) ?? otherwise;
  return withVars(`${value.slice(0, at)}${known}${value.slice(end + 1)}`, vars, depth + 1);
}

/** The position of the bracket that closes the one at a position. */
function closing(text: string, from: number): number {
  let open = 0;
  for (let i = from; i < text.length; i += 1) {
    if (text[i] === "(") open += 1;
    if (text[i] === ")") open -= 1;
    if (open === 0) return i;
  }
  return text.length;
}

/** A length: pixels, or a part of what it stands in. */
export type Length = { readonly px: number } | { readonly percent: number };

/** Pixels of a rem. */
const REM = 16;

/** Reads a length, a sum of lengths or a plain number, converted to pixels; null for anything else. */
export function lengthOf(value: string, em: number): Length | null {
  const text = value.trim();
  if (text.startsWith("calc(")) return calculated(text.slice(5, closing(text, 4)), em);
  const match = /^(-?[\d.]+(?:e-?\d+)?)(px|rem|em|%|)$/.exec(text);
  if (!match) return null;
  const number = Number(match[1]);
  if (match[2] === "%") return { percent: number };
  return { px: number * (match[2] === "rem" ? REM : match[2] === "em" ? em : 1) };
}

/** Two lengths with an operator, or several from left to right: Tailwind writes no others. */
function calculated(text: string, em: number): Length | null {
  const parts = text.match(/calc\([^()]*\)|[^\s*/]+|[*/]/g) ?? [];
  if (parts[0] === "infinity") return { px: 9999 };
  let sum = lengthOf(parts[0] ?? "", em);
  for (let i = 1; i + 1 < parts.length && sum; i += 2) {
    const next = lengthOf(parts[i + 1]!, em);
    if (!next) return null;
    const unit = "percent" in sum || "percent" in next ? "percent" : "px";
    const [a, b] = [amount(sum), amount(next)];
    const result = parts[i] === "*" ? a * b : parts[i] === "/" ? a / b : parts[i] === "+" ? a + b : a - b;
    sum = unit === "percent" ? { percent: result } : { px: result };
  }
  return sum;
}

const amount = (length: Length) => ("px" in length ? length.px : length.percent);

export const pixels = (value: string, em: number): number | null => {
  const length = lengthOf(value, em);
  return length && "px" in length ? length.px : null;
};

const rgb = converter("rgb");
const known = new Map<string, Paint | null>();

/** Reads a colour, also one made by `color-mix`; null for anything else. */
export function paintOf(value: string, current: Paint): Paint | null {
  const text = value.trim();
  if (text === "none" || text === "transparent" || text === "") return null;
  if (/^currentcolor$/i.test(text)) return current;
  const there = known.get(text);
  if (there !== undefined) return there;
  const color = text.startsWith("color-mix(") ? mixed(text) : rgb(parse(text));
  const paint = color ? { hex: formatHex(color), alpha: color.alpha ?? 1 } : null;
  known.set(text, paint);
  return paint;
}

function mixed(text: string) {
  const match = /^color-mix\(in (\w+),\s*(.+?)\s+([\d.]+)%,\s*([^,]+)\)$/.exec(text);
  if (!match) return undefined;
  const [, space, first, share, second] = match;
  const part = Number(share) / 100;
  if (second!.trim() === "transparent") {
    const color = rgb(parse(first!));
    return color && { ...color, alpha: (color.alpha ?? 1) * part };
  }
  if (!parse(first!) || !parse(second!)) return undefined;
  return rgb(interpolate([second!.trim(), first!], space === "oklab" ? "oklab" : "rgb")(part));
}
