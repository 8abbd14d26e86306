import type { NumberKey } from "@/core/number/exact";
import { numberWords, type WordForm } from "@/core/number/number-words";

/** A number in words. */
export function Words({ number, form }: { number: NumberKey; form: WordForm }) {
  return numberWords(number, form);
}
