/** The largest number whose answer is cached: a large chart asks about its numbers again and again. */
const MAX_REMEMBERED = 10_000;

/** Caches the answers of a function of whole numbers for small ones. */
export function remembered<T extends number | null | readonly number[]>(
  answer: (number: number) => T,
): (number: number) => T {
  const known: (T | undefined)[] = [];
  return (number) => {
    if (number < 0 || number > MAX_REMEMBERED) return answer(number);
    const there = known[number];
    if (there !== undefined) return there;
    const found = answer(number);
    known[number] = found;
    return found;
  };
}
