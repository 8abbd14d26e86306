import * as z from "zod/mini";

/** The views that have a place of their own in the layout of a board; a board has one of each kind at most. */
export const PLACED = [
  "chart",
  "times",
  "line",
  "strip",
  "trail",
  "sentence",
  "way",
  "pairs",
  "compare",
  "problems",
] as const;
export const PlacedKind = z.enum(PLACED);
export type PlacedKind = (typeof PLACED)[number];

/** Most views that stand on a board at the same time: one, or one large and two small. */
export const MOST_PLACED = 3;
