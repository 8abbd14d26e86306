const nextPause = () =>
  new Promise<void>((resolve) => {
    // Not every browser has idle callbacks.
    if ("requestIdleCallback" in window) requestIdleCallback(() => resolve(), { timeout: 1000 });
    else setTimeout(resolve, 50);
  });

/** How long the screen must be untouched before a part is loaded: a touch is answered first. */
const CALM_MS = 1500;

/**
 * Loads parts of a screen one after the other, each in a pause of the page and of the hands on it: all at once they
 * would hold it up for a while.
 * @returns what cancels it
 */
export function bringInTurn(parts: Iterable<{ bring: () => Promise<unknown> }>): () => void {
  let off = false;
  let touched = Number.NEGATIVE_INFINITY;
  const onTouch = () => {
    touched = performance.now();
  };
  window.addEventListener("pointerdown", onTouch, { capture: true });
  void (async () => {
    for (const part of parts) {
      await nextPause();
      while (!off && performance.now() - touched < CALM_MS) await new Promise((on) => setTimeout(on, 200));
      if (off) return;
      await part.bring();
    }
    window.removeEventListener("pointerdown", onTouch, { capture: true });
  })();
  return () => {
    off = true;
    window.removeEventListener("pointerdown", onTouch, { capture: true });
  };
}
