import {
  Align,
  Edge,
  FlexDirection,
  Gutter,
  Justify,
  PositionType,
  Wrap,
  type Node as YogaNode,
} from "yoga-layout";
import type { Element } from "./markup";
import type { Style } from "./style";
import { lengthOf, pixels } from "./values";

export const ALIGN: Readonly<Record<string, Align>> = {
  "flex-start": Align.FlexStart,
  start: Align.FlexStart,
  center: Align.Center,
  "flex-end": Align.FlexEnd,
  end: Align.FlexEnd,
  stretch: Align.Stretch,
  baseline: Align.Baseline,
};
export const JUSTIFY: Readonly<Record<string, Justify>> = {
  "flex-start": Justify.FlexStart,
  center: Justify.Center,
  "safe center": Justify.Center,
  "center safe": Justify.Center,
  "flex-end": Justify.FlexEnd,
  "space-between": Justify.SpaceBetween,
  "space-around": Justify.SpaceAround,
  "space-evenly": Justify.SpaceEvenly,
};

export function applyFlex(node: YogaNode, { own, inherited }: Style): void {
  const direction = own.get("flex-direction") ?? "row";
  node.setFlexDirection(direction === "column" ? FlexDirection.Column : FlexDirection.Row);
  node.setAlignItems(ALIGN[own.get("align-items") ?? "stretch"] ?? Align.Stretch);
  node.setJustifyContent(JUSTIFY[own.get("justify-content") ?? "flex-start"] ?? Justify.FlexStart);
  if (own.get("flex-wrap") === "wrap") node.setFlexWrap(Wrap.Wrap);
  const content = own.get("align-content");
  if (content && ALIGN[content] !== undefined) node.setAlignContent(ALIGN[content]);
  const [row, column] = gapsOf(own, inherited.size);
  node.setGap(Gutter.Row, row);
  node.setGap(Gutter.Column, column);
}

/** The room between rows, and between columns. */
export function gapsOf(own: ReadonlyMap<string, string>, em: number): [number, number] {
  const px = (value: string | undefined) =>
    value === undefined ? undefined : (pixels(value, em) ?? undefined);
  const [rows, columns] = (own.get("gap") ?? "0px").split(/\s+(?![^(]*\))/);
  const both = px(rows) ?? 0;
  return [px(own.get("row-gap")) ?? both, px(own.get("column-gap")) ?? px(columns) ?? both];
}

const EDGES: readonly (readonly [string, Edge])[] = [
  ["", Edge.All],
  ["-inline", Edge.Horizontal],
  ["-block", Edge.Vertical],
  ["-top", Edge.Top],
  ["-right", Edge.Right],
  ["-inline-end", Edge.Right],
  ["-bottom", Edge.Bottom],
  ["-left", Edge.Left],
  ["-inline-start", Edge.Left],
];

/** Sizes, edges and place of an element, as the style sheet says them. */
export function applySizes(node: YogaNode, { own, inherited }: Style): void {
  const em = inherited.size;
  const set = (name: string, px: (value: number) => void, percent: (value: number) => void) => {
    const value = own.get(name);
    const length = value === undefined ? null : lengthOf(value, em);
    if (length) "px" in length ? px(length.px) : percent(length.percent);
  };
  set(
    "width",
    (v) => node.setWidth(v),
    (v) => node.setWidthPercent(v),
  );
  set(
    "height",
    (v) => node.setHeight(v),
    (v) => node.setHeightPercent(v),
  );
  set(
    "min-width",
    (v) => node.setMinWidth(v),
    (v) => node.setMinWidthPercent(v),
  );
  set(
    "min-height",
    (v) => node.setMinHeight(v),
    (v) => node.setMinHeightPercent(v),
  );
  set(
    "max-width",
    (v) => node.setMaxWidth(v),
    (v) => node.setMaxWidthPercent(v),
  );
  set(
    "max-height",
    (v) => node.setMaxHeight(v),
    (v) => node.setMaxHeightPercent(v),
  );
  for (const [end, edge] of EDGES) {
    set(
      `padding${end}`,
      (v) => node.setPadding(edge, v),
      (v) => node.setPaddingPercent(edge, v),
    );
    set(
      `margin${end}`,
      (v) => node.setMargin(edge, v),
      (v) => node.setMarginPercent(edge, v),
    );
    if (own.get(`margin${end}`) === "auto") node.setMarginAuto(edge);
    set(
      `border${end}-width`,
      (v) => node.setBorder(edge, v),
      () => {},
    );
    const side = end === "" ? "inset" : `inset${end}`;
    set(
      side,
      (v) => node.setPosition(edge, v),
      (v) => node.setPositionPercent(edge, v),
    );
  }
  for (const [name, edge] of [
    ["top", Edge.Top],
    ["right", Edge.Right],
    ["bottom", Edge.Bottom],
    ["left", Edge.Left],
  ] as const) {
    set(
      name,
      (v) => node.setPosition(edge, v),
      (v) => node.setPositionPercent(edge, v),
    );
  }
  if (own.get("position") === "absolute") node.setPositionType(PositionType.Absolute);
  const self = own.get("align-self");
  if (self && ALIGN[self] !== undefined) node.setAlignSelf(ALIGN[self]);
  const flex = own.get("flex");
  if (flex === "1") {
    node.setFlexGrow(1);
    node.setFlexShrink(1);
    node.setFlexBasisPercent(0);
  } else if (flex === "none") node.setFlexShrink(0);
  if (own.has("flex-grow")) node.setFlexGrow(Number(own.get("flex-grow")));
  if (own.has("flex-shrink")) node.setFlexShrink(Number(own.get("flex-shrink")));
}

/** An SVG has the size in its attributes, unless the style sheet says otherwise. */
export function sizeOfSvg(node: YogaNode, { attributes }: Element, { own, inherited }: Style): void {
  const width = lengthOf(attributes.width ?? "300px", inherited.size);
  const height = lengthOf(attributes.height ?? "150px", inherited.size);
  if (width && !own.has("width"))
    "px" in width ? node.setWidth(width.px) : node.setWidthPercent(width.percent);
  if (height && !own.has("height")) {
    "px" in height ? node.setHeight(height.px) : node.setHeightPercent(height.percent);
  }
}
