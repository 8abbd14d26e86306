import type { MouseEvent } from "react";

/**
 * A touched tab takes the keyboard focus without showing the ring. Radix focuses it by script, which a browser treats
 * like a key press if nothing or a field had the focus before.
 */
export const focusByHand = (event: MouseEvent<HTMLElement>): void => focusQuietly(event.currentTarget);

/** Focuses an element without the ring, which appears with the next key press. */
export const focusQuietly = (element: HTMLElement): void =>
  element.focus({ focusVisible: false } as FocusOptions);
