import { keyOfText, type NumberKey } from "./exact";
import { showNumber } from "./show-number";

/** The size of a count in words: in 2s, in 10s; fractions as they are. */
export const countedIn = (by: string, write: (number: NumberKey) => string = showNumber): string =>
  /^\d+$/.test(by) ? `${showNumber(by)}s` : write(keyOfText(by));
