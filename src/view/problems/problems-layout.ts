import type { Problem } from "@/core/count/problem";
import { DIGIT } from "../chart/chart-layout";
import { clamp, grown, type Size, type Theme } from "../drawing";
import { signWidth } from "./sign";

const GAP = 12;
const EDGE = { across: 12, down: 8 };
/** The smallest sentence, in pixels. */
const MIN_SENTENCE = 10;
/** The height of a sentence, in parts of its size. */
const HIGH = { plain: 1.35, fractions: 2 };
/** Minimum width and height for a problem to be readable. */
const MIN = { width: 272, height: 150 };
/** The height of a card where there is no room for all, and they are scrolled: nothing on it need be small. */
const SCROLLED = 176;
/** The height that a problem's line needs on an ordinary screen: below it the ringed number is cut off. */
const MIN_LINE = { plain: 92, fractions: 104 };
/** The row with a problem's sentence is at least as high as its button. */
const MIN_ROW = 44;
/** The width of the button at the end of that row, with the gap before it. */
const END = 52;
/** The gap between the signs of a sentence, in parts of their size. */
export const APART = 0.3;
/** Extra width of a blank: its edges, and the tick of a right answer. */
const BLANK = { min: 1.9, edges: 1.3 };

/** How several problems share a room: in up to three columns, each with its sentence above its line. */
export type ProblemsLayout = {
  columns: 1 | 2 | 3;
  /** The height of a card; more than there is room for are scrolled to. */
  height: number;
  /** The sizes of their sentences: a long one does not make the others small. */
  sentences: readonly number[];
  /** The room of a line. */
  line: Size;
};

/**
 * The maximum width of a problem's sentence, in parts of its size. Its blank has room for a digit more than its longest
 * number, so that it does not reveal the length of the answer.
 */
function sentenceWidth({ parts }: Problem): number {
  const known = parts.filter(({ blank }) => !blank).map(({ text }) => signWidth(text));
  const blank = Math.max(BLANK.min, Math.max(...known) + DIGIT) + BLANK.edges;
  return known.reduce((sum, width) => sum + width, blank) + APART * (parts.length - 1);
}

/** Side by side as far as each can be read. Problems that cannot be read are null. */
export function layOutProblems(
  problems: readonly (Problem | null)[],
  { width, height }: Size,
  theme: Theme,
): ProblemsLayout {
  const count = problems.length;
  const highIn = (columns: number) => {
    const rows = Math.ceil(count / columns);
    return (height - (rows - 1) * GAP) / rows;
  };
  const isNarrow = width < 2 * MIN.width + GAP;
  const isLow = highIn(1) < grown(theme, MIN.height);
  const usually = count > 2 && !isNarrow && (width > height || isLow) ? 2 : 1;
  // A third column where two would be too low for their lines, as far as it makes them higher.
  const hasThree = usually === 2 && width >= 3 * MIN.width + 2 * GAP && highIn(3) > highIn(2);
  const columns = hasThree && highIn(2) < grown(theme, MIN.height) ? 3 : usually;
  const card = {
    width: (width - (columns - 1) * GAP) / columns,
    height: highIn(columns) < MIN.height ? grown(theme, SCROLLED) : highIn(columns),
  };
  const inner = card.width - 2 * EDGE.across;
  const needed = problems.some((problem) => problem?.fractions) ? MIN_LINE.fractions : MIN_LINE.plain;
  const above = card.height - 2 * EDGE.down - grown(theme, needed);
  const highOf = (problem: Problem | null) => (problem?.fractions ? HIGH.fractions : HIGH.plain);
  const sentences = problems.map((problem) => {
    const wanted = Math.min(0.046 * theme.screen, 0.09 * inner, above / highOf(problem));
    const usual = clamp(18, wanted, grown(theme, theme.strong ? 62 : 52));
    return problem ? Math.min(usual, Math.max(MIN_SENTENCE, (inner - END) / sentenceWidth(problem))) : usual;
  });
  const row = Math.max(MIN_ROW, ...sentences.map((size, i) => highOf(problems[i]!) * size));
  const line = {
    width: Math.max(1, inner),
    height: Math.max(1, card.height - 2 * EDGE.down - row),
  };
  return { columns, height: card.height, sentences, line };
}
