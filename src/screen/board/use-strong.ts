"use client";

import { useCallback, useState } from "react";
import { isOn, keep } from "../save/browser-store";

const STRONG = "yellow-stair:back-of-the-room";

/** Whether the numbers are larger and heavier, for the back of the room: kept by this browser. */
export function useStrong() {
  const [strong, setState] = useState(() => isOn(localStorage, STRONG));
  const setStrong = useCallback(
    (change: (strong: boolean) => boolean) =>
      setState((was) => {
        const next = change(was);
        keep(localStorage, STRONG, next);
        return next;
      }),
    [],
  );
  return [strong, setStrong] as const;
}
