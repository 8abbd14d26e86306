import type { Seen } from "./seen";

/** The cookie that tells the server how a window is seen, so that it can draw the first board in its size. */
export const SEEN = "yellow-stair-seen";

/** How a window is seen, as its cookie says it. */
export const writeSeen = ({ width, height, strong }: Seen): string => `${width}x${height}x${strong ? 1 : 0}`;
