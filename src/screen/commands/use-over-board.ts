import { useMemo } from "react";
import type { OverBoard } from "./use-keys";

/** Remembers what is typed for a window over the board until it is there. Null while none is open. */
export function useOverBoard(window: string | null, close: () => void): OverBoard | null {
  return useMemo(() => {
    if (window === null) return null;
    const signs: string[] = [];
    return { type: (sign) => void signs.push(sign), typed: () => signs.join(""), close };
  }, [window, close]);
}
