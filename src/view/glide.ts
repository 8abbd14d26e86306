const GLIDE_MS = 220;

/** Whether the viewer prefers reduced motion. */
export const isStill = (): boolean => window.matchMedia("(prefers-reduced-motion: reduce)").matches;

/**
 * Animates something to where it comes to rest, easing out.
 * @param frame holds the id of the requested frame, to be cancelled if another move begins
 * @param to shows it on its way; 0 is the start
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
