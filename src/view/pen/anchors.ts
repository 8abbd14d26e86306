import type { ReactNode } from "react";
import type { Target } from "@/core/surface/cell-key";

export type Point = { x: number; y: number };

/**
 * How strokes over a view stay with its numbers: which number a point belongs to, and where that number stands now,
 * with the length of one unit there. A number out of sight has no position.
 */
export type Anchors = {
  at: (point: Point) => Target | null;
  of: (number: Target | null) => (Point & { unit: number }) | null;
};

/** An overlay of a view: drawn with its anchors, in a room of its size. */
export type Over = (anchors: Anchors, width: number, height: number) => ReactNode;

/** For views in which numbers have no places of their own: every stroke belongs to the view. */
export function viewAnchors(width: number, height: number): Anchors {
  const unit = Math.max(1, Math.min(width, height) / 4);
  return { at: () => null, of: (number) => (number === null ? { x: width / 2, y: height / 2, unit } : null) };
}
