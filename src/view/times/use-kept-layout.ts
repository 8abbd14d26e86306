"use client";

import { useLayoutEffect, useState } from "react";

/** The same object for as long as the layout looks the same: most slides do not change it. */
export function useKeptLayout<T extends object>(layout: T): T {
  const [kept, setKept] = useState(layout);
  const same = JSON.stringify(kept) === JSON.stringify(layout);
  useLayoutEffect(() => {
    if (!same) setKept(layout);
  });
  return same ? kept : layout;
}
