import type { Trail } from "@/core/count/trail";
import type { NumberKey } from "@/core/number/exact";
import { showNumber } from "@/core/number/show-number";
import { round } from "../round";
import type { Arc } from "./arc-shape";
import type { LookOfJump } from "./jump-look";
import type { LineLayout } from "./line-layout";

export type ArcLabel = {
  /** The jumps it speaks of. */
  jumps: readonly number[];
  text: string;
  x: number;
  y: number;
  width: number;
  look: LookOfJump;
  covered: boolean;
};

/** The size of a jump with its sign. */
export const signed = (by: NumberKey, write: (number: NumberKey) => string = showNumber) =>
  by.startsWith("-") ? write(by) : `+${write(by)}`;

const roomOf = (text: string, size: number) => text.length * size * 0.6 + 8;

/**
 * The labels of arcs: each jump its size where there is room; equal small jumps in a row share one, "6 jumps of 1"; one
 * that would lie on another is lifted over it, and left out where even that finds no room.
 */
export function arcLabels(layout: LineLayout, trail: Trail, arcs: readonly Arc[]): ArcLabel[] {
  const { geometry } = layout;
  const size = arcTextSize(layout);
  const labels: ArcLabel[] = [];
  const place = (run: readonly Arc[]) => {
    const [first, last] = [run[0]!, run.at(-1)!];
    const covered = run.every(({ index }) => trail.covers[index]?.size);
    const said = signed(first.by, layout.write);
    const text = run.length === 1 ? said : `${run.length} jumps of ${said.replace("+", "")}`;
    const width = roomOf(text, size);
    const middle = (first.from + last.to) / 2;
    const height = Math.max(...run.map((arc) => arc.height));
    for (let level = 0; level < 3; level += 1) {
      // Beside an upright line a label stands clear of its arc by its own width.
      const off = geometry.shape === "upright" ? width / 2 + 4 : size * 0.75;
      const { x, y } = geometry.point(
        middle,
        height + off + level * (geometry.shape === "upright" ? width : size * 1.15),
      );
      if (geometry.shape === "flat" && y < size * 0.6) break;
      const clear = labels.every(
        (other) => Math.abs(other.x - x) >= (other.width + width) / 2 || Math.abs(other.y - y) >= size * 1.05,
      );
      if (!clear) continue;
      labels.push({
        jumps: run.map(({ index }) => index),
        text,
        x: round(x),
        y: round(y),
        width,
        look: first.look,
        covered,
      });
      return;
    }
  };
  for (let i = 0; i < arcs.length; ) {
    const arc = arcs[i]!;
    let end = i + 1;
    const fits = roomOf(signed(arc.by, layout.write), size) <= arc.length + 2;
    // Jumps that are covered one by one keep labels of their own.
    while (
      !fits &&
      end < arcs.length &&
      arcs[end]!.by === arc.by &&
      arcs[end]!.index === arcs[end - 1]!.index + 1
    )
      end += 1;
    place(arcs.slice(i, end));
    i = end;
  }
  return labels;
}

export const arcTextSize = (layout: LineLayout) => round(Math.min(layout.numeral * 0.86, 30));
