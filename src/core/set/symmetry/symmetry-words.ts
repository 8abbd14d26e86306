import type { Slide } from "./find-symmetries";
import type { Mirror, Symmetry } from "./symmetry";

const MIRROR_WORDS: Record<Mirror, string> = {
  upright: "It is its own mirror image, left and right.",
  level: "It is its own mirror image, top and bottom.",
  "down-right": "It is its own mirror image across the slope from the top left.",
  "down-left": "It is its own mirror image across the slope from the top right.",
};

/** A symmetry in a sentence: "It repeats 1 row down and 1 column to the left." */
export function symmetryWords(symmetry: Symmetry): string {
  if (symmetry.kind === "mirror") return MIRROR_WORDS[symmetry.line];
  if (symmetry.kind === "turn")
    return `It looks the same after ${symmetry.by === "half" ? "half a" : "a quarter"} turn.`;
  return `It repeats ${slideWords(symmetry)}.`;
}

/** "1 row down and 1 column to the left" */
export function slideWords({ down, right }: Slide): string {
  const parts = [];
  if (down > 0) parts.push(`${down} ${down === 1 ? "row" : "rows"} down`);
  if (right !== 0) {
    const many = Math.abs(right);
    parts.push(`${many} ${many === 1 ? "column" : "columns"} to the ${right > 0 ? "right" : "left"}`);
  }
  return parts.join(" and ");
}
