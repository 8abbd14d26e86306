import type { Exact } from "./exact";

/** The signs that can stand between two numbers. */
export const COMPARED = ["<", "=", ">"] as const;
export type Compared = (typeof COMPARED)[number];

/** The sign that stands between two numbers. */
export function compared(a: Exact, b: Exact): Compared {
  const order = a.compare(b);
  return order < 0 ? "<" : order > 0 ? ">" : "=";
}

/** The message about a wrong sign between two numbers. */
export const comparedWords = "Look again: which of them is further along the line?";
