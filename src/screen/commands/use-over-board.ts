import { useLayoutEffect, useRef } from "react";

/**
 * While a window over the board is on its way, keys are meant for it and not for the board: signs are remembered, and
 * Escape calls it off.
 * @param opened its name; null if none is open
 * @returns what was typed before it was there
 */
export function useOverBoard(opened: string | null, close: () => void): () => string {
  const typed = useRef("");
  useLayoutEffect(() => {
    typed.current = "";
    if (opened === null) return;
    const onKeyDown = (event: KeyboardEvent) => {
      const { key, ctrlKey, metaKey, altKey } = event;
      if (ctrlKey || metaKey || altKey || document.querySelector("[role=dialog]")) return;
      event.preventDefault();
      event.stopPropagation();
      if (key === "Escape") close();
      else if (key.length === 1) typed.current += key;
    };
    const ends = new AbortController();
    window.addEventListener("keydown", onKeyDown, { capture: true, signal: ends.signal });
    return () => ends.abort();
  }, [opened, close]);
  return () => typed.current;
}
