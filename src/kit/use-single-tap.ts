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
  const isStrict = hands === "every hand";
  return {
    onPointerDown: ({ pointerType, timeStamp }: PointerEvent) => {
      last.current.by = pointerType;
      last.current.down = timeStamp;
    },
    onKeyDown: (event: KeyboardEvent) => {
      last.current.by = "";
      if (isStrict && event.repeat && event.key === "Enter") event.preventDefault();
    },
    onClick: ({ timeStamp, detail }: MouseEvent) => {
      const { by, down, counted } = last.current;
      // A click without a hand of its own comes from an aid, such as one that listens, or was made before the page's code
      // was there.
      const began = by !== "" && down > counted ? down : timeStamp;
      // What a double click of the mouse is, the computer itself knows.
      const isSecond = by === "mouse" ? isStrict && detail > 1 : by !== "" && began - counted < DOUBLE_MS;
      if (isSecond) return;
      last.current.counted = began;
      run();
    },
  };
}
