import { keepCookie } from "@/kit/keep-cookie";

/**
 * What a browser keeps once its teacher has tried Yellow Stair, or has no wish to: in a cookie, so that the shelf comes from
 * the server as it stays, and beside it, since a cookie is let go of after a year.
 */
export const FIRST = "yellow-stair-first-visit";
const OVER = "over";

/** Whether nobody has used Yellow Stair in a browser, as its cookie says. */
export const isFirstVisit = (cookie: string | undefined): boolean => cookie !== OVER;

/** Whether this browser was used before, whatever its cookie says. One that keeps nothing is not asked again and again. */
export function wasUsedBefore(): boolean {
  try {
    return localStorage.getItem(FIRST) === OVER;
  } catch {
    return true;
  }
}

export function endFirstVisit(): void {
  keepCookie(FIRST, OVER);
  try {
    localStorage.setItem(FIRST, OVER);
  } catch {
    // The cookie says it for a year.
  }
}

/** What the address of the board says on which the first things are tried. */
export const TRY = "try";
