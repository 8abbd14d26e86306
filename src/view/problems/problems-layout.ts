import { clamp, grown, type Size, type Theme } from "../drawing";

const GAP = 12;
const EDGE = { across: 12, down: 8 };
/** Narrower and lower than this a problem cannot be read. */
const MIN = { width: 272, height: 136 };
/** The row with a problem's sentence is at least as high as its button. */
const MIN_ROW = 44;

/** How several problems share a room: in one column or two, each with its sentence above its line. */
export type ProblemsLayout = {
  columns: 1 | 2;
  /** The height of a card; more than there is room for are scrolled to. */
  height: number;
  /** The size of a sentence, and the room of a line. */
  sentence: number;
  line: Size;
};

/** Side by side as far as each can be read. */
export function layOutProblems(count: number, { width, height }: Size, theme: Theme): ProblemsLayout {
  const columns = count > 2 && width > height && width >= 2 * MIN.width + GAP ? 2 : 1;
  const rows = Math.ceil(count / columns);
  const card = {
    width: (width - (columns - 1) * GAP) / columns,
    height: Math.max(MIN.height, (height - (rows - 1) * GAP) / rows),
  };
  const inner = card.width - 2 * EDGE.across;
  const sentence = clamp(
    18,
    Math.min(0.046 * theme.screen, 0.09 * inner),
    grown(theme, theme.strong ? 62 : 52),
  );
  const line = {
    width: Math.max(1, inner),
    height: Math.max(1, card.height - 2 * EDGE.down - Math.max(MIN_ROW, 1.35 * sentence)),
  };
  return { columns, height: card.height, sentence, line };
}
