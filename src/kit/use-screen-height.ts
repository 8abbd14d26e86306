"use client";

import { useSyncExternalStore } from "react";

const subscribe = (whenChanged: () => void) => {
  window.addEventListener("resize", whenChanged);
  return () => window.removeEventListener("resize", whenChanged);
};

/** The height of the window, in pixels: whatever is read from far away grows with it. */
export const useScreenHeight = (): number =>
  useSyncExternalStore(
    subscribe,
    () => window.innerHeight,
    () => 800,
  );
