import { expect, test } from "vitest";
import { answerText } from "@/view/cards/answer-text";
import { widthOf } from "./fonts";

/** Rules of the demo lessons' cards and longer ones, as their short words. */
const RULES = [
  "multiples of 9",
  "down right through 1",
  "5 more than multiples of 9",
  "ones digit 3 or ones digit 8",
  "digits add up to 7",
  "square numbers",
  "numbers with a 5 in them, and not multiples of 10",
];

/** The lines that a browser makes of words: as many on each as fit. */
function lines(words: string, width: number, size: number): string[] {
  const done: string[] = [];
  for (const word of words.split(" ")) {
    const last = done.at(-1);
    const longer = `${last} ${word}`;
    if (last !== undefined && widthOf(longer, "figtree-600") * size <= width) done.splice(-1, 1, longer);
    else done.push(word);
  }
  return done;
}

test.each(RULES)(
  "the rule of a card is whole in its box, by the widths of the font's letters: %s",
  (words) => {
    for (const [width, height] of [
      [106, 26],
      [106, 44],
      [150, 40],
      [200, 62],
      [60, 40],
    ] as const) {
      const size = answerText(words, { width, height }, 24);
      if (size <= 9) continue;
      const drawn = lines(words, width - 8, size);
      expect(drawn.length * size * 1.2, `${width} × ${height}`).toBeLessThanOrEqual(height);
      for (const line of drawn) expect(widthOf(line, "figtree-600") * size).toBeLessThanOrEqual(width - 8);
    }
    expect(answerText(words, { width: 200, height: 62 }, 24)).toBeGreaterThanOrEqual(14);
  },
);
