import type { ARRANGED } from "@/core/scene/slices/grouping";
import type { Size } from "../drawing";

export type Box = { readonly x: number; readonly y: number; readonly width: number; readonly height: number };
export type GroupsLayout = {
  readonly radius: number;
  /** The boxes of the groups; none while they are arranged in rows or columns. */
  readonly boxes: readonly Box[];
  /** The middle of each counter, group after group. */
  readonly counters: readonly { readonly x: number; readonly y: number }[];
};

const GAP = 20;
const PAD = 12;
const MAX_RADIUS = 30;
/** The step from counter to counter, in radii. */
const STEP = 2.5;

/** Boxes that tell nothing of how many counters are in them have room for so many. */
const UNTOLD = 6;

/**
 * Where equal groups and their counters stand in their room: each group in a box of its own, or all in rows and columns.
 * @param scale how much larger than on an ordinary screen they may be
 * @param told whether the boxes may be such as suit the number in each
 */
export function layOutGroups(
  groups: number,
  each: number,
  as: (typeof ARRANGED)[number],
  room: Size,
  { scale = 1, told = true } = {},
): GroupsLayout {
  const most = MAX_RADIUS * scale;
  if (groups === 0) return { radius: most, boxes: [], counters: [] };
  if (as !== "groups") return inRows(groups, each, as === "columns", room, most);
  const boxes = boxesFor(groups, told ? each : UNTOLD, room, most);
  return boxes ? placed(each, boxes, most) : inRows(groups, each, false, room, most);
}

/** Each group is a row, or turned a column: n rows of k, or k rows of n. */
function inRows(groups: number, each: number, turned: boolean, room: Size, most: number): GroupsLayout {
  const [across, down] = turned ? [groups, each] : [each, groups];
  const radius = Math.min(most, room.width / (across * STEP), room.height / (down * STEP));
  const step = radius * STEP;
  const [left, top] = [(room.width - across * step) / 2, (room.height - down * step) / 2];
  const counters = Array.from({ length: groups * each }, (_, i) => {
    const [group, nth] = [Math.floor(i / each), i % each];
    const [column, row] = turned ? [group, nth] : [nth, group];
    return { x: left + (column + 0.5) * step, y: top + (row + 0.5) * step };
  });
  return { radius, boxes: [], counters };
}

/** The boxes of groups, so that their counters are as large as can be; null where there is no room for boxes. */
function boxesFor(groups: number, each: number, room: Size, most: number): Box[] | null {
  let best: { radius: number; perRow: number; box: Size } | null = null;
  for (let perRow = 1; perRow <= groups; perRow += 1) {
    const rows = Math.ceil(groups / perRow);
    const box = {
      width: Math.min(most * 10, (room.width - GAP * (perRow - 1) - 4) / perRow),
      height: Math.min(most * 7.4, (room.height - GAP * (rows - 1) - 4) / rows),
    };
    if (box.width < 30 || box.height < 30) continue;
    const { radius } = inBox(each, box, most);
    if (!best || radius > best.radius) best = { radius, perRow, box };
  }
  if (!best) return null;
  const { perRow, box } = best;
  const rows = Math.ceil(groups / perRow);
  const top = (room.height - rows * box.height - (rows - 1) * GAP) / 2;
  const left = (room.width - perRow * box.width - (perRow - 1) * GAP) / 2;
  return Array.from({ length: groups }, (_, i) => ({
    x: left + (i % perRow) * (box.width + GAP),
    y: top + Math.floor(i / perRow) * (box.height + GAP),
    ...box,
  }));
}

/** How counters lie in a box so that they are as large as can be. */
function inBox(each: number, box: Size, most: number): { radius: number; across: number } {
  let best = { radius: 0, across: 1 };
  for (let across = 1; across <= each; across += 1) {
    const down = Math.ceil(each / across);
    const radius = Math.min(
      most,
      (box.width - 2 * PAD) / (across * STEP),
      (box.height - 2 * PAD) / (down * STEP),
    );
    if (radius > best.radius) best = { radius, across };
  }
  return best;
}

/** Counters as they lie in their boxes. */
function placed(each: number, boxes: readonly Box[], most: number): GroupsLayout {
  const { radius, across } = inBox(each, boxes[0]!, most);
  const down = Math.ceil(each / across);
  const step = radius * STEP;
  const counters = boxes.flatMap(({ x, y, width, height }) =>
    Array.from({ length: each }, (_, nth) => ({
      x: x + width / 2 + ((nth % across) - (Math.min(across, each) - 1) / 2) * step,
      y: y + height / 2 + (Math.floor(nth / across) - (down - 1) / 2) * step,
    })),
  );
  return { radius, boxes, counters };
}
