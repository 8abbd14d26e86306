import { AT_A_TIME } from "./shelf-lesson";

/** Minimum width of a card, and the gap between cards and rows, in pixels, as in the list's style. */
export const [CARD, GAP, ROW_GAP] = [264, 24, 32];
/** Maximum number of columns: in a wider window the cards grow instead. */
export const MAX_COLUMNS = 8;
/** Estimated height of a row of cards, until one has been measured. */
export const ROW = 260;
/** The aspect ratio of a picture, and the height of the words below it. */
const [HIGH, WORDS] = [10 / 16, 81];
/** The yellow stair and the edges beside the cards; a narrow window has the stair above them. */
const [BESIDE, EDGES, NARROW] = [184 + 64, 40, 768];
/** What stands above the cards at least. */
const [ABOVE, ABOVE_NARROW] = [180, 360];

/** How many cards stand beside each other in a list of some width. */
export const columnsIn = (width: number): number =>
  Math.max(1, Math.min(MAX_COLUMNS, Math.floor((width + GAP) / (CARD + GAP))));

/** How many cards are visible in a window before scrolling: the server renders that many into the page. */
export function cardsSeen({ width, height }: { width: number; height: number }): number {
  const narrow = width < NARROW;
  const list = width - (narrow ? EDGES : BESIDE);
  const columns = columnsIn(list);
  const row = ((list - (columns - 1) * GAP) / columns) * HIGH + WORDS + ROW_GAP;
  const rows = Math.max(1, Math.ceil((height - (narrow ? ABOVE_NARROW : ABOVE)) / row));
  return Math.min(AT_A_TIME, columns * rows);
}
