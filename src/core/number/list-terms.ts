import { showNumber } from "./show-number";

/** The first numbers of a sequence that goes on: "1, 1, 2, 3, 5, …". */
export const listTerms = (numbers: readonly string[]): string =>
  [...numbers.map((number) => showNumber(number)), "…"].join(", ");
