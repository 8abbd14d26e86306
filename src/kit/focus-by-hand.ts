import type { MouseEvent } from "react";

/**
 * A tab that is touched has the keyboard, and wears no ring for it. Radix focuses it by script, which a browser takes for a
 * key where nothing else had the focus, or a field.
 */
export const focusByHand = (event: MouseEvent<HTMLElement>): void =>
  event.currentTarget.focus({ focusVisible: false } as FocusOptions);
