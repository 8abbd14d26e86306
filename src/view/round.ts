/** Rounds to a hundredth of a pixel: more is invisible, and makes the page long. */
export function round(pixels: number): number {
  return Math.round(pixels * 100) / 100;
}
