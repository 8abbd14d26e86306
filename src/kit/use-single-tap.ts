"use client";

import { type KeyboardEvent, type MouseEvent, type PointerEvent, useRef } from "react";

/** A second tap that begins within this time is part of a double tap, in milliseconds. */
const DOUBLE_MS = 300;

/** Which hands the rule holds for: a mouse presses a button again and again without missing it. */
type Hands = "fingers" | "every hand";

/**
 * Runs the action of a button only once for a double tap. Mouse and keyboard may press as fast as they like, but for a
 * button that undoes what it did: there a double click counts once too, and so does a key that is held. The time of a tap
 * is when the finger came down: on a slow computer its click may come much later.
 */
export function useSingleTap(run: () => void, hands: Hands = "fingers") {
  const last = useRef({ by: "", down: 0, counted: Number.NEGATIVE_INFINITY });
  return {
    onPointerDown: ({ pointerType, timeStamp }: PointerEvent) => {
      last.current.by = pointerType;
      last.current.down = timeStamp;
    },
    onKeyDown: (event: KeyboardEvent) => {
      last.current.by = "";
      if (hands === "every hand" && event.repeat && event.key === "Enter") event.preventDefault();
    },
    onClick: ({ timeStamp }: MouseEvent) => {
      const { by, down, counted } = last.current;
      // A click without a hand of its own comes from an aid, such as one that listens, or was made before the page's code
      // was there.
      const began = by !== "" && down > counted ? down : timeStamp;
      const isByHand = by !== "" && (by !== "mouse" || hands === "every hand");
      if (isByHand && began - counted < DOUBLE_MS) return;
      last.current.counted = began;
      run();
    },
  };
}
