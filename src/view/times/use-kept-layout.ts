"use client";

import { useLayoutEffect, useState } from "react";

/** The same layout for as long as it looks the same: most slides change nothing about it. */
export function useKeptLayout<T extends object>(layout: T): T {
  const [kept, setKept] = useState(layout);
  const same = JSON.stringify(kept) === JSON.stringify(layout);
  useLayoutEffect(() => {
    if (!same) setKept(layout);
  });
  return same ? kept : layout;
}
