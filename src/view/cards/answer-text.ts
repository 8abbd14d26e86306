import type { Size } from "../drawing";

/** The approximate width of a letter, and the height of a line, in text sizes. */
const [LETTER, LINE] = [0.57, 1.2];
/** The room that words leave free beside them and above them, in pixels. */
const [BESIDE, ABOVE] = [10, 2];
/** No smaller text is worth reading. */
const SMALLEST = 9;

/** The largest text size, at most `max`, at which words are whole in a box, broken only between words. */
export function answerText(words: string, { width, height }: Size, max: number): number {
  for (let size = max; size > SMALLEST; size -= 0.5) {
    const letters = Math.floor((width - BESIDE) / (size * LETTER));
    const lines = linesOf(words, letters);
    if (lines !== null && lines * size * LINE <= height - ABOVE) return size;
  }
  return SMALLEST;
}

/** How many lines of so many letters words take; null if one of them is longer than a line. */
function linesOf(words: string, letters: number): number | null {
  let lines = 1;
  let used = 0;
  for (const { length } of words.split(" ")) {
    if (length > letters) return null;
    const longer = used === 0 ? length : used + 1 + length;
    if (longer > letters) lines += 1;
    used = longer > letters ? length : longer;
  }
  return lines;
}
