const GLIDE_MS = 220;

/** Whether whoever looks wishes for things to stay where they are until they are elsewhere. */
export const isStill = (): boolean => window.matchMedia("(prefers-reduced-motion: reduce)").matches;

/**
 * Lets something glide to where it comes to rest, ever more slowly. Gives the frame to be cancelled where another move
 * begins meanwhile.
 * @param frame where the number of the frame asked for last is kept
 * @param to shows it on its way; 0 is where it begins
 * @param arrive is called instead of the last step
 */
export function glide(frame: { current: number }, to: (part: number) => void, arrive: () => void): void {
  const began = performance.now();
  const step = (now: number) => {
    const part = Math.min(1, Math.max(0, now - began) / GLIDE_MS);
    if (part >= 1) return arrive();
    to(1 - (1 - part) ** 3);
    frame.current = requestAnimationFrame(step);
  };
  frame.current = requestAnimationFrame(step);
}
