import Yoga, { type Config, type Node as YogaNode } from "yoga-layout";
import type { Piece } from "./inline";
import type { Element } from "./markup";
import type { Style } from "./style";

/** An element laid out: where it stands is asked of its node. */
export type Box = {
  readonly node: YogaNode;
  readonly style: Style;
  /** What it is, unless it stands only for text between others, or for a row of a grid. */
  readonly element: Element | null;
  readonly children: readonly Box[];
  /** Its text, and the boxes that stand in it. */
  readonly pieces: readonly Piece[] | null;
  readonly atoms: readonly Box[];
};

let config: Config | undefined;
function settings(): Config {
  if (!config) {
    config = Yoga.Config.create();
    config.setUseWebDefaults(true);
    // Nothing is brought to whole pixels: a picture is shown at any size.
    config.setPointScaleFactor(0);
  }
  return config;
}

/** A node that is laid out as a page lays out: in fractions of a pixel. */
export const newNode = (): YogaNode => Yoga.Node.create(settings());

/** Gives back the memory of all nodes: those of boxes that stand in text have no parent. */
export function freeBoxes(box: Box): void {
  const atoms: Box[] = [];
  const gather = (one: Box) => {
    atoms.push(...one.atoms);
    for (const inner of [...one.children, ...one.atoms]) gather(inner);
  };
  gather(box);
  for (const { node } of [box, ...atoms]) node.freeRecursive();
}
