const nextPause = () =>
  new Promise<void>((resolve) => {
    // Not every browser has idle callbacks.
    if ("requestIdleCallback" in window) requestIdleCallback(() => resolve(), { timeout: 1000 });
    else setTimeout(resolve, 50);
  });

/** How long no hand must have been at work before a part is loaded: a touch is answered first. */
const CALM_MS = 1500;
const HANDS = ["pointerdown", "pointermove", "wheel", "keydown"] as const;

/**
 * Loads parts of a screen one after the other, each in a pause of the page and of the hands on it: all at once they
 * would hold it up for a while.
 * @param isBusy whether something is moving that must not be held up
 * @returns what cancels it
 */
export function bringInTurn(
  parts: Iterable<{ bring: () => Promise<unknown> }>,
  isBusy: () => boolean = () => false,
): () => void {
  let touched = Number.NEGATIVE_INFINITY;
  const onHand = (event: Event) => {
    // A mouse that only passes over the screen does nothing.
    if (event.type === "pointermove" && (event as PointerEvent).buttons === 0) return;
    touched = performance.now();
  };
  const ends = new AbortController();
  const options = { capture: true, passive: true, signal: ends.signal };
  for (const hand of HANDS) window.addEventListener(hand, onHand, options);
  const mustWait = () => !ends.signal.aborted && (isBusy() || performance.now() - touched < CALM_MS);
  void (async () => {
    for (const part of parts) {
      await nextPause();
      while (mustWait()) await new Promise((on) => setTimeout(on, 200));
      if (ends.signal.aborted) return;
      await part.bring();
    }
    ends.abort();
  })();
  return () => ends.abort();
}
