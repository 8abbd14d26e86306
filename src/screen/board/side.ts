/** A panel at the side, and the room it has there; on an upright screen below the board, which keeps
 * nearly half of it. */
export const SIDE = "grid-cols-[minmax(0,1fr)_340px] portrait:grid-rows-[minmax(45%,1fr)_minmax(0,420px)]";
