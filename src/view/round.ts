/** To a hundredth of a pixel: finer is not seen, and makes the page long. */
export function round(pixels: number): number {
  return Math.round(pixels * 100) / 100;
}
