import type { Outline } from "./drawn";
import type { Element } from "./markup";
import type { Inherited, Style } from "./style";
import type { StyleSheet } from "./style-sheet";
import { pixels, withVars } from "./values";

/** How SVG paints, as inherited from element to element. */
export type Painting = {
  readonly look: Inherited;
  readonly fill: string;
  readonly stroke: string;
  readonly width: number;
  readonly dash: string;
  readonly cap: string;
  readonly join: string;
  readonly anchor: string;
  readonly fillAlpha: number;
  readonly strokeAlpha: number;
};

export const PLAIN = {
  fill: "#000000",
  stroke: "none",
  width: 1,
  dash: "none",
  cap: "butt",
  join: "miter",
  anchor: "start",
  fillAlpha: 1,
  strokeAlpha: 1,
};

/** The context for reading the shapes of one drawing. */
export type Reader = { readonly sheet: StyleSheet; readonly clips: ReadonlyMap<string, Outline> };

/** The properties of an SVG element from attributes, classes and style; the style takes precedence. */
export function sayings(
  element: Element,
  style: Style,
  sheet: StyleSheet,
): (name: string) => string | undefined {
  return (name) => {
    const said = style.own.get(name) ?? element.attributes[name];
    return said === undefined ? undefined : withVars(said, sheet.variable).trim();
  };
}

/** How an element paints; what it does not set is inherited. */
export function paintingOf(element: Element, style: Style, before: Painting, sheet: StyleSheet): Painting {
  const says = sayings(element, style, sheet);
  const number = (name: string, otherwise: number) => {
    const value = says(name);
    return value === undefined ? otherwise : (pixels(value, style.inherited.size) ?? otherwise);
  };
  const look: Inherited = {
    ...style.inherited,
    size: number("font-size", style.inherited.size),
    weight: Number(says("font-weight") ?? style.inherited.weight) || style.inherited.weight,
    family: (says("font-family") ?? style.inherited.family).startsWith("andika") ? "andika" : "figtree",
  };
  return {
    look,
    fill: says("fill") ?? before.fill,
    stroke: says("stroke") ?? before.stroke,
    width: number("stroke-width", before.width),
    dash: says("stroke-dasharray") ?? before.dash,
    cap: says("stroke-linecap") ?? before.cap,
    join: says("stroke-linejoin") ?? before.join,
    anchor: says("text-anchor") ?? before.anchor,
    fillAlpha: before.fillAlpha * number("fill-opacity", 1),
    strokeAlpha: before.strokeAlpha * number("stroke-opacity", 1),
  };
}
