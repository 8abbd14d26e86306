import { round } from "../round";
import type { LineLayout } from "./line-layout";

/** The size of the numbers that stand over arcs. */
export const arcTextSize = (layout: LineLayout) => round(Math.min(Math.max(layout.numeral * 0.86, MIN), 30));

/** Minimum size, however small the numerals of a crowded line are: 2.7 % of the height of an ordinary screen. */
const MIN = 22;

/** The approximate width of a size, or of a few words about jumps, for keeping others off it. */
export function arcTextWidth(text: string, size: number): number {
  const letters = text.replace(/[^a-z ]/gi, "").length;
  return (text.length - letters) * size * 0.6 + letters * size * 0.5;
}
