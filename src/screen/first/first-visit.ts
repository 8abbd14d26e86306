/** What a browser keeps once its teacher has tried Yellow Stair, or has no wish to. */
const FIRST = "yellow-stair-first-visit";
const OVER = "over";

/** Whether nobody has used Yellow Stair in this browser. One that keeps nothing is not asked again and again. */
export function isFirstVisit(): boolean {
  try {
    return localStorage.getItem(FIRST) !== OVER;
  } catch {
    return false;
  }
}

export function endFirstVisit(): void {
  try {
    localStorage.setItem(FIRST, OVER);
  } catch {
    // It is offered again another day.
  }
}

/** What the address of the board says on which the first things are tried. */
export const TRY = "try";
