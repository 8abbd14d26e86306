import { keyOf, type NumberKey } from "./exact";
import { numberAtStart } from "./number-at-start";
import { readNumber } from "./read-number";

/** The numbers that a text names, each once, without their signs: a minus may be a dash between two of them. */
export function numbersInText(text: string): Set<NumberKey> {
  const found = new Set<NumberKey>();
  for (let rest = text; rest !== ""; ) {
    const digits = numberAtStart(rest);
    const read = digits ? readNumber(digits.replace(/[,.]+$/, "")) : null;
    if (read?.ok) found.add(keyOf(read.value));
    rest = rest.slice(Math.max(1, digits.length));
  }
  return found;
}
