import { Align, Direction, Edge, FlexDirection, MeasureMode, type Node as YogaNode } from "yoga-layout";
import { type Box, newNode } from "./box";
import { gridOf } from "./grid";
import { collapsed, layLines, type Piece } from "./inline";
import { type Element, isElement, type Markup } from "./markup";
import { applyFlex, applySizes, sizeOfSvg } from "./sizes";
import { type Inherited, type Style, styleOf } from "./style";
import type { StyleSheet } from "./style-sheet";
import { paintOf, pixels } from "./values";

const BLOCKS = new Set("div p ul ol li section header footer main h1 h2 h3 h4 fieldset svg".split(" "));

type Builder = { readonly sheet: StyleSheet };

/** An element and all that stands in it as boxes, in a room of fixed size. Free the node of the root afterwards. */
export function boxesOf(
  root: Element,
  room: { width: number; height: number },
  inherited: Inherited,
  sheet: StyleSheet,
): Box {
  const box = boxOf(root, inherited, true, { sheet });
  box.node.setWidth(room.width);
  box.node.setHeight(room.height);
  box.node.calculateLayout(room.width, room.height, Direction.LTR);
  return box;
}

const displayOf = (element: Element, style: Style): string =>
  style.own.get("display") ?? (BLOCKS.has(element.tag) ? "block" : "inline");

const isGone = (element: Element, style: Style): boolean =>
  style.own.get("display") === "none" ||
  "hidden" in element.attributes ||
  style.own.get("visibility") === "hidden" ||
  /(^|\s)sr-only(\s|$)/.test(element.attributes.class ?? "");

function boxOf(element: Element, before: Inherited, isFirst: boolean, builder: Builder): Box {
  const style = styleOf(element, before, builder.sheet, isFirst, paintOf);
  const node = newNode();
  const display = displayOf(element, style);
  applySizes(node, style);
  if (element.tag === "svg") {
    sizeOfSvg(node, element, style);
    return { node, style, element, children: [], pieces: null, atoms: [] };
  }
  if (display.includes("flex")) {
    applyFlex(node, style);
    return filled(node, style, element, builder, "flex");
  }
  if (display.includes("grid")) {
    const items = element.children.filter(isElement).flatMap((child, i) => {
      const box = boxOf(child, style.inherited, i === 0, builder);
      return isGone(child, box.style) ? [] : [box];
    });
    return gridOf(node, style, element, items);
  }
  node.setFlexDirection(FlexDirection.Column);
  node.setAlignItems(Align.Stretch);
  return filled(node, style, element, builder, "block");
}

/** The children of an element, those that are inline together as text. */
function filled(node: YogaNode, style: Style, element: Element, builder: Builder, as: "flex" | "block"): Box {
  const children: Box[] = [];
  const groups = grouped(element.children, style, builder, as);
  const [only] = groups;
  if (as === "block" && groups.length === 1 && only && "inline" in only) {
    return textBox(node, style, element, only.inline, builder);
  }
  for (const one of groups) {
    const child =
      "inline" in one
        ? textBox(newNode(), { own: new Map(), inherited: style.inherited }, null, one.inline, builder)
        : boxOf(one.block, style.inherited, one.isFirst, builder);
    shrinkIn(as, child, style);
    node.insertChild(child.node, node.getChildCount());
    children.push(child);
  }
  return { node, style, element, children, pieces: null, atoms: [] };
}

/** On a web page nothing shrinks below its content; in Yoga it does, unless told otherwise. */
function shrinkIn(as: "flex" | "block", child: Box, parent: Style): void {
  const own = child.style.own;
  // In a block, auto margins above and below are 0.
  if (as === "block" && own.get("margin") === "auto") {
    child.node.setMargin(Edge.Top, 0);
    child.node.setMargin(Edge.Bottom, 0);
  }
  if (own.has("flex") || own.has("flex-shrink")) return;
  const inRow = as === "flex" && !(parent.own.get("flex-direction") ?? "row").startsWith("column");
  const min = own.get(inRow ? "min-width" : "min-height");
  const mayShrink = (child.pieces !== null && inRow) || min === "0px" || min === "calc(0.25rem * 0)";
  child.node.setFlexShrink(as === "flex" && mayShrink ? 1 : 0);
}

type Grouped =
  | { readonly inline: readonly Markup[] }
  | { readonly block: Element; readonly isFirst: boolean };

function grouped(
  children: readonly Markup[],
  style: Style,
  builder: Builder,
  as: "flex" | "block",
): Grouped[] {
  const groups: (Grouped & { inline?: Markup[] })[] = [];
  let first = true;
  for (const child of children) {
    if (isElement(child)) {
      const own = styleOf(child, style.inherited, builder.sheet, first, paintOf);
      const isFirst = first;
      first = false;
      if (isGone(child, own)) continue;
      const inline =
        as === "block" && /^inline/.test(displayOf(child, own)) && own.own.get("position") !== "absolute";
      if (!inline) {
        groups.push({ block: child, isFirst });
        continue;
      }
    } else if (child.text.trim() === "" && (as === "flex" || !groups.at(-1)?.inline)) continue;
    const last = groups.at(-1);
    if (last?.inline && as === "block") last.inline.push(child);
    else groups.push({ inline: [child] });
  }
  return groups;
}

function textBox(
  node: YogaNode,
  style: Style,
  element: Element | null,
  inline: readonly Markup[],
  builder: Builder,
): Box {
  const atoms: Box[] = [];
  const pieces = inline.flatMap((one) => piecesOf(one, style.inherited, builder, atoms));
  trimEnds(pieces);
  if (element?.attributes.class?.includes("first-letter:uppercase")) capitalise(pieces);
  const look = style.inherited;
  node.setMeasureFunc((width, mode) => {
    const { width: wide, height } = layLines(
      pieces,
      mode === MeasureMode.Undefined ? Number.POSITIVE_INFINITY : width,
      look,
    );
    return {
      width:
        mode === MeasureMode.Exactly ? width : Math.min(wide, mode === MeasureMode.AtMost ? width : wide),
      height,
    };
  });
  return { node, style, element, children: [], pieces, atoms };
}

function capitalise(pieces: Piece[]): void {
  const at = pieces.findIndex(({ kind }) => kind === "letters");
  const piece = pieces[at];
  if (piece?.kind === "letters") {
    pieces[at] = { ...piece, text: `${piece.text.charAt(0).toUpperCase()}${piece.text.slice(1)}` };
  }
}

function trimEnds(pieces: Piece[]): void {
  const trimmed = (i: number, how: "trimStart" | "trimEnd") => {
    const piece = pieces.at(i);
    if (piece?.kind === "letters" && !piece.look.whiteSpace.startsWith("pre")) {
      pieces[i < 0 ? pieces.length + i : i] = { ...piece, text: piece.text[how]() };
    }
  };
  trimmed(0, "trimStart");
  trimmed(-1, "trimEnd");
}

/** What turns an inline element into a box of its own. */
const BOXED = [
  "background",
  "background-color",
  "width",
  "padding-inline",
  "border-width",
  "min-width",
  "box-shadow",
];

function piecesOf(one: Markup, before: Inherited, builder: Builder, atoms: Box[]): Piece[] {
  if (!isElement(one)) return [{ kind: "letters", text: collapsed(one.text, before), look: before }];
  if (one.tag === "br") return [{ kind: "letters", text: "\n", look: before }];
  const style = styleOf(one, before, builder.sheet, false, paintOf);
  if (isGone(one, style)) return [];
  const display = displayOf(one, style);
  if (display !== "inline" || BOXED.some((name) => style.own.has(name))) {
    const box = boxOf(one, before, false, builder);
    box.node.calculateLayout(undefined, undefined, Direction.LTR);
    const { width, height } = box.node.getComputedLayout();
    atoms.push(box);
    const raised = pixels(style.own.get("vertical-align") ?? "0px", style.inherited.size) ?? 0;
    return [{ kind: "box", width, height, raised, box: atoms.length - 1, look: style.inherited }];
  }
  return one.children.flatMap((child) => piecesOf(child, style.inherited, builder, atoms));
}
