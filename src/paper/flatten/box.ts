import Yoga, { type Config, type Node as YogaNode } from "yoga-layout";
import type { Piece } from "./inline";
import type { Element } from "./markup";
import type { Style } from "./style";

/** An element laid out; its node knows its position. */
export type Box = {
  readonly node: YogaNode;
  readonly style: Style;
  /** The element, unless the box only stands for text between others, or for a row of a grid. */
  readonly element: Element | null;
  readonly children: readonly Box[];
  /** Its text, and the boxes within that text. */
  readonly pieces: readonly Piece[] | null;
  readonly atoms: readonly Box[];
};

let config: Config | undefined;
function settings(): Config {
  if (!config) {
    config = Yoga.Config.create();
    config.setUseWebDefaults(true);
    // Positions are not rounded to whole pixels: a picture is shown at any size.
    config.setPointScaleFactor(0);
  }
  return config;
}

/** A node laid out as a web page does: in fractions of a pixel. */
export const newNode = (): YogaNode => Yoga.Node.create(settings());

/** Frees all nodes: those of boxes within text have no parent. */
export function freeBoxes(box: Box): void {
  const atoms: Box[] = [];
  const gather = (one: Box) => {
    atoms.push(...one.atoms);
    for (const inner of [...one.children, ...one.atoms]) gather(inner);
  };
  gather(box);
  for (const { node } of [box, ...atoms]) node.freeRecursive();
}
