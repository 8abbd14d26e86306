/** Stands for the trail while it is counted in silence. */
export const SILENT = "Count on in your head.";

/** Stands for a trail that has no jump. */
export const NO_JUMP_YET = "No jump yet.";
