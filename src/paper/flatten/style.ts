import { fontNamed } from "../fonts";
import type { FontName, Paint } from "./drawn";
import type { Element } from "./markup";
import type { StyleSheet } from "./style-sheet";
import { pixels, withVars } from "./values";

/** The styles that an element inherits. */
export type Inherited = {
  readonly color: Paint;
  readonly family: "andika" | "figtree";
  readonly weight: number;
  readonly size: number;
  /** The height of a line, in pixels or in parts of the size. */
  readonly line: { readonly px: number } | { readonly times: number };
  readonly align: "left" | "center" | "right";
  readonly whiteSpace: string;
  readonly decoration: { readonly wavy: boolean; readonly color: string; readonly thick: number } | null;
};

export type Style = {
  readonly own: ReadonlyMap<string, string>;
  readonly inherited: Inherited;
};

const INK: Paint = { hex: "#16233b", alpha: 1 };

export const AT_FIRST: Inherited = {
  color: INK,
  family: "figtree",
  weight: 400,
  size: 16,
  line: { times: 1.5 },
  align: "left",
  whiteSpace: "normal",
  decoration: null,
};

export const fontOf = ({ family, weight }: Pick<Inherited, "family" | "weight">): FontName =>
  fontNamed(family, weight);

/** The declarations of an element, from the style sheet and its own attributes. */
export function styleOf(
  { attributes, tag }: Element,
  before: Inherited,
  sheet: StyleSheet,
  isFirst: boolean,
  paint: (value: string, current: Paint) => Paint | null,
): Style {
  const classes = (attributes.class ?? "").split(/\s+/).filter(Boolean);
  const said = [...sheet.of(classes, isFirst), ...declarationsOf(attributes.style ?? "")];
  const variables = new Map(said.filter(([name]) => name.startsWith("--")));
  const lookUp = (name: string) => variables.get(name) ?? sheet.variable(name);
  const own = new Map<string, string>();
  for (const [name, value] of said) if (!name.startsWith("--")) own.set(name, withVars(value, lookUp).trim());
  // Tailwind's rings are box shadows of a fixed form; their width and colour are enough.
  const ring = /\bring-(\d+)\b/.exec(attributes.class ?? "");
  if (ring) {
    own.set(
      "box-shadow",
      `0 0 0 ${ring[1]}px ${withVars(variables.get("--tw-ring-color") ?? "currentcolor", lookUp)}`,
    );
  }
  for (const [name, value] of own) {
    // An empty variable leaves the other declarations.
    if (value === "") own.delete(name);
  }
  const size = sizeOf(own.get("font-size"), before.size);
  const family = own.get("font-family");
  const inherited: Inherited = {
    color: (own.has("color") ? paint(own.get("color")!, before.color) : null) ?? before.color,
    family: family === undefined ? before.family : family.startsWith("andika") ? "andika" : "figtree",
    weight:
      Number(own.get("font-weight") ?? (tag === "strong" || tag === "b" ? 700 : before.weight)) ||
      before.weight,
    size,
    line: lineOf(own.get("line-height"), before.line, size),
    align: (own.get("text-align") as Inherited["align"] | undefined) ?? before.align,
    whiteSpace: own.get("white-space") ?? before.whiteSpace,
    decoration: own.get("text-decoration-line")?.includes("underline")
      ? {
          wavy: own.get("text-decoration-style") === "wavy",
          color: own.get("text-decoration-color") ?? "currentcolor",
          thick: pixels(own.get("text-decoration-thickness") ?? "2px", size) ?? 2,
        }
      : before.decoration,
  };
  return { own, inherited };
}

function sizeOf(value: string | undefined, before: number): number {
  if (value === undefined) return before;
  const percent = /^([\d.]+)%$/.exec(value);
  if (percent) return (before * Number(percent[1])) / 100;
  return pixels(value, before) ?? before;
}

function lineOf(value: string | undefined, before: Inherited["line"], size: number): Inherited["line"] {
  if (value === undefined) return before;
  if (/px|rem|em$/.test(value)) {
    const px = pixels(value, size);
    return px === null ? before : { px };
  }
  const times = pixels(value, size);
  return times === null ? before : { times };
}

export const lineHeight = ({ line, size }: Pick<Inherited, "line" | "size">): number =>
  "px" in line ? line.px : line.times * size;

/** The declarations of a style attribute; none of ours has a semicolon inside a value. */
function declarationsOf(style: string): [string, string][] {
  return style.split(";").flatMap((one) => {
    const colon = one.indexOf(":");
    return colon < 0 ? [] : [[one.slice(0, colon).trim(), one.slice(colon + 1).trim()] as [string, string]];
  });
}
