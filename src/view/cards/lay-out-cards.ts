import { clamp, edgesGrown, grown, type Size, type Theme } from "../drawing";

/** Between two cards, and between two piles, in pixels. */
export const GAP = 10;
/** The part of a narrow room that the head of a family takes, its name beside its cards. */
export const BESIDE = 0.4;
/** The edges of a pile, the head of a family with the room below it, and the room between a card and its answer. */
const [EDGES, HEAD, BELOW] = [28, 52, 6];
/** The height of an answer in text sizes: for one line, and for two where the cards do not become too small by it. */
const [ONE_LINE, TWO_LINES, MOST] = [1.5, 2.1, 2.6];
/** Cards of this side have room for two lines below them. */
const ROOMY = 72;
/** Minimum side of a card, and height of an answer. */
const [SMALLEST, LOWEST] = [16, 26];
/** A family beside others is no narrower. */
const NARROW = 120;
/** How much more room the unsorted cards may have than a family, if all cards are there. */
const MORE_ROOM = [1, 1.6, 2.2, 2.8, 3.4] as const;

/** Cards that lie together: a family, or those that are not sorted yet. */
type Pile = { readonly many: number; readonly isFamily: boolean };

/**
 * How piles of cards lie in a room: beside each other or, in a narrow one, below each other; how wide each of them is, or
 * how high if stacked; the side of a card, and the height of its answer below it.
 * @param text the size of text
 */
export function layOutCards(piles: readonly Pile[], size: Size, theme: Theme, text: number) {
  const edges = edgesGrown(theme);
  const cards = piles.reduce((sum, { many }) => sum + many, 0);
  const narrow = size.width < size.height && size.width / piles.length < grown(theme, NARROW);
  const laid = (stacked: boolean, lowest: number, more: number) => {
    const shares = piles.map(({ many, isFamily }) => (isFamily ? 1 : 1 + more * (many / Math.max(1, cards))));
    const along = (stacked ? size.height : size.width) - GAP * (piles.length - 1);
    const wide = shares.map((share) => (along * share) / shares.reduce((sum, each) => sum + each, 0));
    const rooms = piles.map(({ isFamily }, i): Size => {
      const [width, height] = stacked ? [size.width, wide[i]!] : [wide[i]!, size.height];
      // Unsorted cards have no heading; in a narrow room a heading stands beside the cards.
      const head = !isFamily ? [0, 0] : stacked ? [BESIDE * width, 0] : [0, HEAD * edges];
      return { width: width - EDGES * edges - head[0]!, height: height - EDGES * edges - head[1]! };
    });
    const sides = rooms.map((room, i) => cardSide(piles[i]!.many, room, lowest + BELOW * edges));
    return { stacked, lowest, wide, rooms, side: Math.min(...sides, size.height * 0.5) };
  };
  // The many that lie in no family have the more room, as far as all cards become larger by it.
  const best = (stacked: boolean, lowest: number) =>
    MORE_ROOM.map((more) => laid(stacked, lowest, more)).reduce((best, way) =>
      way.side > best.side ? way : best,
    );
  const largest = (lines: number) => {
    const lowest = Math.max(LOWEST, text * lines);
    const below = narrow ? best(true, lowest) : null;
    return below && below.side >= SMALLEST ? below : best(false, lowest);
  };
  const roomy = largest(TWO_LINES);
  const { rooms, ...chosen } = roomy.side >= grown(theme, ROOMY) ? roomy : largest(ONE_LINE);
  const side = Math.max(SMALLEST, Math.floor(chosen.side));
  // Answers take the height that the cards leave free.
  const free = rooms.map((room, i) => heightOf(piles[i]!.many, room, side) - side - BELOW * edges);
  const answer = Math.floor(clamp(chosen.lowest, Math.min(...free), text * MOST));
  return { stacked: chosen.stacked, wide: chosen.wide, side, answer };
}

/** The size of the cards of a pile in a room, each with its answer below it. */
function cardSide(many: number, { width, height }: Size, answer: number): number {
  let best = 0;
  for (let across = 1; across <= Math.max(1, many); across += 1) {
    const down = Math.ceil(Math.max(1, many) / across);
    const side = Math.min((width - GAP * (across - 1)) / across, (height - GAP * (down - 1)) / down - answer);
    best = Math.max(best, side);
  }
  return best;
}

/** The height that each of the cards of a pile has in a room, with its answer. */
function heightOf(many: number, { width, height }: Size, side: number): number {
  const across = Math.max(1, Math.floor((width + GAP) / (side + GAP)));
  const down = Math.max(1, Math.ceil(many / across));
  return (height - GAP * (down - 1)) / down;
}
