/** A panel at the side, and the room it has there; on an upright screen below the board, which keeps
 * nearly half of it. */
export const SIDE =
  "grid-cols-[minmax(0,1fr)_21.25rem] portrait:grid-rows-[minmax(45%,1fr)_minmax(0,26.25rem)]";
/** The same for a few arrows, which need less. */
export const SLIM = "grid-cols-[minmax(0,1fr)_15.75rem] portrait:grid-rows-[minmax(0,1fr)_auto]";
/** What a panel takes from the board, with the room before it, in pixels. */
export const SIDE_ROOM = { width: 340 + 16, height: 420 + 16 } as const;
/** Two rows of arrows, and below them what a touch marks, with its name. */
export const SLIM_ROOM = { width: 252 + 16, height: 2 * 56 + 8 + 16 + 27 + 52 + 2 * 16 + 16 } as const;
