import { Align, FlexDirection, Gutter, Justify, type Node as YogaNode } from "yoga-layout";
import { type Box, newNode } from "./box";
import type { Element } from "./markup";
import { ALIGN, gapsOf, JUSTIFY } from "./sizes";
import type { Inherited, Style } from "./style";
import { lengthOf } from "./values";

/** A grid as rows of cells, or, where it fills columns, as columns of cells. */
export function gridOf(node: YogaNode, style: Style, element: Element, items: readonly Box[]): Box {
  const { own, inherited } = style;
  const down = own.get("grid-auto-flow") === "column";
  const tracks = tracksOf(own.get(down ? "grid-template-rows" : "grid-template-columns"), inherited.size);
  const [rowGap, columnGap] = gapsOf(own, inherited.size);
  // A grid without tracks is one row, or one column.
  const each = Math.max(1, down ? tracks.length : tracks.length || 1);
  const auto = lengthOf(own.get("grid-auto-rows") ?? "", inherited.size);
  node.setFlexDirection(down ? FlexDirection.Row : FlexDirection.Column);
  node.setGap(Gutter.Row, rowGap);
  node.setGap(Gutter.Column, columnGap);
  const lanes: Box[] = [];
  for (let i = 0; i < items.length; i += each) {
    const lane = newNode();
    lane.setFlexDirection(down ? FlexDirection.Column : FlexDirection.Row);
    lane.setGap(Gutter.Row, rowGap);
    lane.setGap(Gutter.Column, columnGap);
    lane.setFlexShrink(0);
    if (!down && auto && "px" in auto) lane.setHeight(auto.px);
    const cells = Array.from({ length: each }, (_, at) => cellOf(items[i + at], tracks[at], style, down));
    for (const [at, cell] of cells.entries()) lane.insertChild(cell.node, at);
    node.insertChild(lane, node.getChildCount());
    lanes.push(bare(lane, cells, inherited));
  }
  return { node, style, element, children: lanes, pieces: null, atoms: [] };
}

const bare = (node: YogaNode, children: readonly Box[], inherited: Inherited): Box => ({
  node,
  style: { own: new Map(), inherited },
  element: null,
  children,
  pieces: null,
  atoms: [],
});

/** A cell of a grid with its contents; in the last row missing cells keep their room. */
function cellOf(
  item: Box | undefined,
  track: Track | undefined,
  { own, inherited }: Style,
  down: boolean,
): Box {
  const cell = newNode();
  cell.setFlexDirection(FlexDirection.Column);
  cell.setAlignItems(ALIGN[own.get("justify-items") ?? "stretch"] ?? Align.Stretch);
  cell.setJustifyContent(JUSTIFY[own.get("align-items") ?? "flex-start"] ?? Justify.FlexStart);
  if (track === undefined || track.px === undefined) {
    cell.setFlexGrow(down ? 0 : 1);
    cell.setFlexShrink(1);
    if (track) cell.setFlexBasis(0);
  } else if (down) cell.setHeight(track.px);
  else if (track.shrinks) {
    cell.setFlexGrow(1);
    cell.setFlexShrink(1);
    cell.setFlexBasis(0);
    cell.setMaxWidth(track.px);
  } else {
    cell.setWidth(track.px);
    cell.setFlexShrink(0);
  }
  if (item) {
    if (!own.has("align-items")) item.node.setFlexGrow(1);
    cell.insertChild(item.node, 0);
  }
  return bare(cell, item ? [item] : [], inherited);
}

/** The size of a track of a grid: fixed, with a maximum, or a share of the rest. */
type Track = { readonly px?: number; readonly shrinks: boolean };

function tracksOf(template: string | undefined, em: number): Track[] {
  if (template === undefined || template === "none") return [];
  const repeat = /^repeat\((\d+),\s*(.+)\)$/.exec(template);
  const list = repeat ? Array<string>(Number(repeat[1])).fill(repeat[2]!) : template.split(/\s+(?![^(]*\))/);
  return list.map((track) => {
    const max = /^minmax\(0,\s*(.+)\)$/.exec(track)?.[1];
    const length = lengthOf(max ?? track, em);
    return length && "px" in length ? { px: length.px, shrinks: max !== undefined } : { shrinks: true };
  });
}
