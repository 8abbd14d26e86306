"use client";

import { useCallback, useSyncExternalStore } from "react";

/** Whether a media query holds, kept up to date; false on the server. */
export function useMedia(query: string): boolean {
  const subscribe = useCallback(
    (changed: () => void) => {
      const media = window.matchMedia(query);
      media.addEventListener("change", changed);
      return () => media.removeEventListener("change", changed);
    },
    [query],
  );
  return useSyncExternalStore(
    subscribe,
    () => window.matchMedia(query).matches,
    () => false,
  );
}

/** A window higher than it is wide: what stands beside the board lies below it. */
export const UPRIGHT = "(orientation: portrait)";

/** A window so low that its panels share what room there is: as the variant `low` of the style sheet says. */
export const LOW = "(max-height: 30em)";
