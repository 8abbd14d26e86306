"use client";

import { useSyncExternalStore } from "react";

const subscribe = (whenChanged: () => void) => {
  window.addEventListener("resize", whenChanged);
  return () => window.removeEventListener("resize", whenChanged);
};

/** How high the window is, in pixels: what is read from far off grows with it. */
export const useScreenHeight = (): number =>
  useSyncExternalStore(
    subscribe,
    () => window.innerHeight,
    () => 800,
  );
