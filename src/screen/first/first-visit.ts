import { keepCookie } from "@/kit/keep-cookie";

/**
 * What a browser stores once its teacher has tried Yellow Stair, or does not want to: in a cookie, so that the server
 * renders the shelf as it stays, and in local storage, since a cookie expires after a year.
 */
export const FIRST = "yellow-stair-first-visit";
const OVER = "over";

/** Whether nobody has used Yellow Stair in a browser, as its cookie says. */
export const isFirstVisit = (cookie: string | undefined): boolean => cookie !== OVER;

/**
 * Whether this browser was used before, whatever its cookie says. A browser without storage is not asked again and
 * again.
 */
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
    // Renew the cookie for a year.
  }
}

/** The query parameter of the board for the first tries. */
export const TRY = "try";
