/** Words that are spoken with a consonant first though they are written with a vowel: a unit, a one, a European coin. */
const AS_CONSONANT = /^(uni(?!n)|use|eu|one\b|once\b)/i;

/** A noun with its indefinite article: "a crate", "an envelope". By its first letter, as is common practice. */
export const withArticle = (noun: string): string =>
  `${/^([aeiou]|hour)/i.test(noun) && !AS_CONSONANT.test(noun) ? "an" : "a"} ${noun}`;
