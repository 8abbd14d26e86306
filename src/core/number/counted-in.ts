import { keyOfText, type NumberKey } from "./exact";
import { showNumber } from "./show-number";

/** What is counted in, as it is said: in 2s, in 10s; parts of a whole as they are. */
export const countedIn = (by: string, write: (number: NumberKey) => string = showNumber): string =>
  /^\d+$/.test(by) ? `${showNumber(by)}s` : write(keyOfText(by));
