/** Created when the first list is said, as in `groupDigits`. */
let and: Intl.ListFormat | undefined;
let or: Intl.ListFormat | undefined;

/** Several things in a sentence: "24, 54 and 84". */
export function listWords(words: readonly string[]): string {
  if (words.length === 1) return words[0]!;
  and ??= new Intl.ListFormat("en-GB", { type: "conjunction" });
  return and.format(words);
}

/** Alternatives in a sentence: "24, 54 or 84". */
export function eitherWords(words: readonly string[]): string {
  or ??= new Intl.ListFormat("en-GB", { type: "disjunction" });
  return or.format(words);
}
