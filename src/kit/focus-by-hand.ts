import type { MouseEvent } from "react";

/**
 * A tab that is touched has the keyboard, and wears no ring for it. Radix focuses it by script, which a browser takes for a
 * key where nothing else had the focus, or a field.
 */
export const focusByHand = (event: MouseEvent<HTMLElement>): void => focusQuietly(event.currentTarget);

/** Gives an element the keyboard without the ring, which comes with the next key. */
export const focusQuietly = (element: HTMLElement): void =>
  element.focus({ focusVisible: false } as FocusOptions);
