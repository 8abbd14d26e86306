import type { Problem } from "@/core/count/problem";
import { DIGIT } from "../chart/chart-layout";
import { clamp, grown, type Size, type Theme } from "../drawing";
import { signWidth } from "./sign";

const GAP = 12;
const EDGE = { across: 12, down: 8 };
/** The smallest sentence, in pixels. */
const MIN_SENTENCE = 10;
/** A row with fractions, in parts of their size. */
const FRACTION_HIGH = 2;
/** Minimum width and height for a problem to be readable. */
const MIN = { width: 272, height: 136 };
/** The height that a problem's line needs on an ordinary screen: without it neither its numbers nor its jumps are seen. */
const MIN_LINE = 62;
/** The row with a problem's sentence is at least as high as its button. */
const MIN_ROW = 44;
/** The width of the button at the end of that row, with the gap before it. */
const END = 52;
/** The gap between the signs of a sentence, in parts of their size. */
export const APART = 0.3;
/** Extra width of a blank: its edges, and the tick of a right answer. */
const BLANK = { min: 1.9, edges: 1.3 };

/** How several problems share a room: in one column or two, each with its sentence above its line. */
export type ProblemsLayout = {
  columns: 1 | 2;
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
  const inOneColumn = (height - (count - 1) * GAP) / count;
  const isNarrow = width < 2 * MIN.width + GAP;
  const isLow = inOneColumn < grown(theme, MIN.height);
  const columns = count > 2 && !isNarrow && (width > height || isLow) ? 2 : 1;
  const rows = Math.ceil(count / columns);
  const card = {
    width: (width - (columns - 1) * GAP) / columns,
    height: Math.max(MIN.height, (height - (rows - 1) * GAP) / rows),
  };
  const inner = card.width - 2 * EDGE.across;
  const high = problems.some((problem) => problem?.fractions) ? FRACTION_HIGH : 1.35;
  const above = card.height - 2 * EDGE.down - grown(theme, MIN_LINE);
  const wanted = Math.min(0.046 * theme.screen, 0.09 * inner, above / high);
  const usual = clamp(18, wanted, grown(theme, theme.strong ? 62 : 52));
  const sentences = problems.map((problem) =>
    problem ? Math.min(usual, Math.max(MIN_SENTENCE, (inner - END) / sentenceWidth(problem))) : usual,
  );
  const line = {
    width: Math.max(1, inner),
    height: Math.max(1, card.height - 2 * EDGE.down - Math.max(MIN_ROW, high * Math.max(0, ...sentences))),
  };
  return { columns, height: card.height, sentences, line };
}
