import { CARD_OF } from "@/view/board/board-layout";
import type { Size } from "@/view/drawing";

const cards = new Map<string, Size>();

/** Takes in how large the cards of the views are on the board as the server has drawn it. */
export function readCards(): void {
  for (const card of document.querySelectorAll<HTMLElement>(`.at-rest [${CARD_OF}]`)) {
    const { offsetWidth: width, offsetHeight: height } = card;
    if (width > 0 && height > 0) cards.set(card.getAttribute(CARD_OF) ?? "", { width, height });
  }
}

/** How large the card of a view was drawn: before it can be measured, that is how large it will be. */
export const cardDrawn = (view: string): Size | undefined => cards.get(view);
