/** The pointers that are down. */
const down = new Set<number>();

if (typeof window !== "undefined") {
  const lifted = ({ pointerId }: PointerEvent) => down.delete(pointerId);
  window.addEventListener("pointerdown", ({ pointerId }) => down.add(pointerId), true);
  window.addEventListener("pointerup", lifted, true);
  window.addEventListener("pointercancel", lifted, true);
}

/** A finger's click comes a moment after it is lifted. */
const CLICK_MS = 60;

/**
 * Runs something that moves the page once nothing is being pressed: a button that slides away between press and click
 * is not clicked. Returns what cancels it.
 */
export function afterPress(run: () => void): () => void {
  let timer: ReturnType<typeof setTimeout>;
  const check = () => {
    if (down.size === 0) run();
    else wait();
  };
  const wait = () => {
    timer = setTimeout(check, CLICK_MS);
  };
  wait();
  return () => clearTimeout(timer);
}
