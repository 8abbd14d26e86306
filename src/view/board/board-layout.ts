import type { Layout } from "@/core/views/layout";
import { clamp, type Size } from "../drawing";
import { READABLE, rowsAbove } from "./rows-of";

/** The room between two views, in pixels. */
export const GAP = 16;

/** Beside another one a view is no narrower than so many times the room between them, or than this part of the whole room. */
const NARROWEST = { gaps: 15, share: 0.44 };

export type Box = { readonly left: number; readonly top: number } & Size;

/**
 * Where views are laid out: their room, the room between two, and the screen, in pixels; whether that is upright; and the
 * height of each if they are stacked.
 */
type Where = { room: Size; gap: number; screen: number; upright: boolean; stacked?: number | undefined };

/** The room between two views that are scrolled to, in pixels. */
const STACKED_GAP = 8;

/** The height of so many views below each other, each of a height, in pixels. */
export const stackedHeight = (count: number, each: number): number =>
  count * each + (count - 1) * STACKED_GAP;

/**
 * Lays out the views of a board in its room, in pixels: one fills it; two share it; a third and a fourth share what the
 * second would have; or all four stand in a square. On an upright screen what would stand beside lies below.
 * @param rows how many rows the numbers of each view stand in, if they do
 */
export function layOutBoard(layout: Layout, rows: readonly (number | undefined)[], where: Where): Box[] {
  const { room, gap, screen, upright, stacked } = where;
  const count = rows.length;
  const whole = { left: 0, top: 0, ...room };
  if (count < 2) return count === 0 ? [] : [whole];
  if (stacked) return split({ ...whole, height: stackedHeight(count, stacked) }, count, "down", STACKED_GAP);
  if (layout.run === "square" && count > 2) {
    return split(whole, Math.ceil(count / 2), "down", gap).flatMap((row, i) => {
      const cells = split(row, 2, "across", gap);
      return 2 * i + 1 < count ? cells : cells.slice(0, 1);
    });
  }
  const beside = layout.run !== "above";
  const across = beside && !upright;
  const length = (across ? room.width : room.height) - gap;
  const min = across ? Math.min(NARROWEST.gaps * gap, NARROWEST.share * room.width) : 0;
  const readable = beside ? rowsAbove(rows) * READABLE.row * screen + READABLE.gaps * gap : 0;
  const least = across ? min : Math.min(readable, READABLE.share * length);
  const first = clamp(least, Math.round(length * layout.share * 100) / 100, length - min);
  const [main, rest]: [Box, Box] = across
    ? [
        { ...whole, width: first },
        { ...whole, left: first + gap, width: length - first },
      ]
    : [
        { ...whole, height: first },
        { ...whole, top: first + gap, height: length - first },
      ];
  const many = layout.run === "above" && count > 3;
  return [main, ...split(rest, count - 1, many ? "across" : "down", gap)];
}

/** A box in equal parts. */
function split(box: Box, parts: number, axis: "across" | "down", gap: number): Box[] {
  const along = axis === "across" ? box.width : box.height;
  const each = (along - (parts - 1) * gap) / parts;
  return Array.from({ length: parts }, (_, i) =>
    axis === "across"
      ? { ...box, left: box.left + i * (each + gap), width: each }
      : { ...box, top: box.top + i * (each + gap), height: each },
  );
}
