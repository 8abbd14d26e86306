import { exact, isWhole, keyOf, type NumberKey } from "../number/exact";
import { pick, type Random, shuffle } from "./draw";

/** Maximum number of right answers in a tray; of more, some are drawn at random. */
export const MAX_RIGHT_TILES = 16;

/**
 * The tray of answer tiles: the right answers of the open cells, and believable wrong ones: one off, a row off, the
 * digits swapped, and a neighbour's multiple of the difference `by`. No tile is there twice, and no wrong one is
 * right in another open cell. Half as many wrong ones as right ones, at least two.
 * @param row what a row more or less changes a number by; ten on a ten-wide chart
 */
export function answerTiles(
  open: readonly NumberKey[],
  { by, row }: { by: NumberKey; row: NumberKey },
  random: Random,
): NumberKey[] {
  const right = pick(open, MAX_RIGHT_TILES, random);
  const isOpen = new Set(open);
  const wrong = new Set<NumberKey>();
  const wanted = Math.max(2, Math.round(right.length / 2));
  for (const number of shuffle(right, random)) {
    const believable = shuffle(mistakesFor(number, by, row), random).filter(
      (mistake) => !isOpen.has(mistake),
    );
    if (believable[0] !== undefined && wrong.size < wanted) wrong.add(believable[0]);
  }
  // A few open cells yield few mistakes each; the rest are taken from what remains of theirs.
  for (const number of right) {
    for (const mistake of mistakesFor(number, by, row)) {
      if (wrong.size < wanted && !isOpen.has(mistake)) wrong.add(mistake);
    }
  }
  return shuffle([...right, ...wrong], random);
}

/** Numbers that a pupil could well take for this one. Never the number itself. */
export function mistakesFor(number: NumberKey, by: NumberKey, row: NumberKey): NumberKey[] {
  const value = exact(number);
  const off = [exact(by), exact(by).neg(), exact(row), exact(row).neg()].map((d) => keyOf(value.add(d)));
  const doubled = keyOf(value.add(exact(by).mul(2)));
  const swapped = swapDigits(number);
  return [...new Set([...off, doubled, ...(swapped === null ? [] : [swapped])])].filter(
    (mistake) => mistake !== number && (value.s < 0n || exact(mistake).compare(0) >= 0),
  );
}

/** Swaps the last two digits of a whole number: 63 gives 36. Null if that changes nothing or gives a leading 0. */
function swapDigits(number: NumberKey): NumberKey | null {
  const value = exact(number);
  const digits = value.n.toString();
  if (!isWhole(value) || digits.length < 2) return null;
  const swapped = digits.slice(0, -2) + digits.at(-1) + digits.at(-2);
  if (swapped === digits || swapped.startsWith("0")) return null;
  return value.s < 0n ? `-${swapped}` : swapped;
}
