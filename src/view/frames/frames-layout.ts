import { IN_FRAME } from "@/core/count/ten-frame";
import type { Size } from "../drawing";

/** A frame in its room, in pixels, and how its cells lie in it. */
export type FramesLayout = {
  /** The side of a cell. */
  readonly cell: number;
  /** The upper left corner of each frame. */
  readonly frames: readonly { readonly x: number; readonly y: number }[];
  readonly across: number;
  readonly down: number;
};

const GAP = 0.45;
const MAX_CELL = 92;
const EDGE = 4;

/**
 * Frames as large as the room allows, in as many rows as that takes.
 * @param scale how much larger than on an ordinary screen they may be
 */
export function layOutFrames(count: number, shape: "wide" | "tall", room: Size, scale = 1): FramesLayout {
  const [across, down] = shape === "wide" ? [5, 2] : [2, 5];
  let best = { cell: 0, perRow: 1 };
  for (let perRow = 1; perRow <= count; perRow += 1) {
    const rows = Math.ceil(count / perRow);
    const cell = Math.min(
      MAX_CELL * scale,
      (room.width - 2 * EDGE) / (perRow * across + (perRow - 1) * GAP),
      (room.height - 2 * EDGE) / (rows * down + (rows - 1) * GAP),
    );
    if (cell > best.cell) best = { cell, perRow };
  }
  const { cell, perRow } = { ...best, cell: Math.max(6, best.cell) };
  const rows = Math.ceil(count / perRow);
  const step = { x: (across + GAP) * cell, y: (down + GAP) * cell };
  const left = (room.width - (perRow * step.x - GAP * cell)) / 2;
  const top = (room.height - (rows * step.y - GAP * cell)) / 2;
  const frames = Array.from({ length: count }, (_, i) => ({
    x: left + (i % perRow) * step.x,
    y: top + Math.floor(i / perRow) * step.y,
  }));
  return { cell, frames, across, down };
}

/** The middle of a cell, counted over all frames; a frame is filled row by row, an upright one too. */
export function middleOfCell(
  { frames, cell, across }: FramesLayout,
  index: number,
): { x: number; y: number } {
  const frame = frames[Math.floor(index / IN_FRAME)]!;
  const within = index % IN_FRAME;
  return {
    x: frame.x + ((within % across) + 0.5) * cell,
    y: frame.y + (Math.floor(within / across) + 0.5) * cell,
  };
}
