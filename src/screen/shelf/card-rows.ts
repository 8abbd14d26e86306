import { AT_A_TIME } from "./shelf-lesson";

/** A card is at least so wide; between two of them, and two rows of them, there is a gap. In pixels, as in the list's style. */
export const [CARD, GAP, ROW_GAP] = [264, 24, 32];
/** No more stand beside each other, however wide the window is: they grow instead. */
export const MOST = 8;
/** A row of cards is about so high until one has been measured. */
export const ROW = 260;
/** A picture is so high for its width, and the words below it take so much. */
const [HIGH, WORDS] = [10 / 16, 81];
/** The yellow stair and the edges beside the cards; a narrow window has the stair above them. */
const [BESIDE, EDGES, NARROW] = [184 + 64, 40, 768];
/** What stands above the cards at least. */
const [ABOVE, ABOVE_NARROW] = [180, 360];

/** How many cards stand beside each other in a list of some width. */
export const columnsIn = (width: number): number =>
  Math.max(1, Math.min(MOST, Math.floor((width + GAP) / (CARD + GAP))));

/** How many cards are seen of the shelf in a window, before it is scrolled: so many the server draws into the page. */
export function cardsSeen({ width, height }: { width: number; height: number }): number {
  const narrow = width < NARROW;
  const list = width - (narrow ? EDGES : BESIDE);
  const columns = columnsIn(list);
  const row = ((list - (columns - 1) * GAP) / columns) * HIGH + WORDS + ROW_GAP;
  const rows = Math.max(1, Math.ceil((height - (narrow ? ABOVE_NARROW : ABOVE)) / row));
  return Math.min(AT_A_TIME, columns * rows);
}
