const DASHES = /[-‐‑‒–—−﹣－]/g;

/** A text with one character for all that is typed as a minus sign: hyphens, dashes that a text program puts in their place, the sign. */
export const withMinus = (text: string, minus: "-" | "−"): string => text.replace(DASHES, minus);
