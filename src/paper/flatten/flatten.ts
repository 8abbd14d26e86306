import type { ReactElement } from "react";
import { freeBoxes } from "./box";
import { boxesOf } from "./boxes";
import { group, type Picture } from "./drawn";
import { markupOf } from "./markup";
import { painted } from "./paint";
import { AT_FIRST } from "./style";
import { styleSheet } from "./style-sheet";

/**
 * Turns a drawing of the screen into shapes and texts, laid out as on a web page: the same drawing, for a picture file
 * or for paper. Yoga lays out what the application's style sheet says.
 * @param drawing one element, which fills its room
 * @param room in pixels
 */
export async function flatten(
  drawing: ReactElement,
  room: { width: number; height: number },
): Promise<Picture> {
  const sheet = await styleSheet();
  const [root] = markupOf(drawing);
  if (!root) return { ...room, drawn: [] };
  const box = boxesOf(root, room, AT_FIRST, sheet);
  try {
    return { ...room, drawn: [group(painted(box, sheet))] };
  } finally {
    freeBoxes(box);
  }
}
