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

/** Boxes that must not reveal their number of counters have room for this many. */
const UNTOLD = 6;

/**
 * The positions of equal groups and their counters: each group in a box of its own, or all in rows and columns.
 * @param scale how much larger than on an ordinary screen they may be
 * @param told whether the boxes may be shaped to the number in each
 */
export function layOutGroups(
  groups: number,
  each: number,
  as: (typeof ARRANGED)[number],
  room: Size,
  { scale = 1, told = true } = {},
): GroupsLayout {
  const max = MAX_RADIUS * scale;
  if (groups === 0) return { radius: max, boxes: [], counters: [] };
  if (as !== "groups") return inRows(groups, each, as === "columns", room, max);
  const boxes = boxesFor(groups, told ? each : UNTOLD, room, max);
  return boxes ? placed(each, boxes, max) : inRows(groups, each, false, room, max);
}

/** Each group is a row, or turned a column: n rows of k, or k rows of n. */
function inRows(groups: number, each: number, turned: boolean, room: Size, max: number): GroupsLayout {
  const [across, down] = turned ? [groups, each] : [each, groups];
  const radius = Math.min(max, room.width / (across * STEP), room.height / (down * STEP));
  const step = radius * STEP;
  const [left, top] = [(room.width - across * step) / 2, (room.height - down * step) / 2];
  const counters = Array.from({ length: groups * each }, (_, i) => {
    const [group, nth] = [Math.floor(i / each), i % each];
    const [column, row] = turned ? [group, nth] : [nth, group];
    return { x: left + (column + 0.5) * step, y: top + (row + 0.5) * step };
  });
  return { radius, boxes: [], counters };
}

/** The boxes of groups, with counters as large as possible; null if there is no room for boxes. */
function boxesFor(groups: number, each: number, room: Size, max: number): Box[] | null {
  let best: { radius: number; perRow: number; box: Size } | null = null;
  for (let perRow = 1; perRow <= groups; perRow += 1) {
    const rows = Math.ceil(groups / perRow);
    const box = {
      width: Math.min(max * 10, (room.width - GAP * (perRow - 1) - 4) / perRow),
      height: Math.min(max * 7.4, (room.height - GAP * (rows - 1) - 4) / rows),
    };
    if (box.width < 30 || box.height < 30) continue;
    const { radius } = inBox(each, box, max);
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

/** The arrangement of counters in a box that makes them largest. */
function inBox(each: number, box: Size, max: number): { radius: number; across: number } {
  let best = { radius: 0, across: 1 };
  for (let across = 1; across <= each; across += 1) {
    const down = Math.ceil(each / across);
    const radius = Math.min(
      max,
      (box.width - 2 * PAD) / (across * STEP),
      (box.height - 2 * PAD) / (down * STEP),
    );
    if (radius > best.radius) best = { radius, across };
  }
  return best;
}

/** Counters as they lie in their boxes. */
function placed(each: number, boxes: readonly Box[], max: number): GroupsLayout {
  const { radius, across } = inBox(each, boxes[0]!, max);
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
