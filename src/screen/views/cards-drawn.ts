import { CARD_OF } from "@/view/board/card-of";
import type { Size } from "@/view/drawing";

const cards = new Map<string, Size>();

/** Records how large the cards of the views are on the board as rendered by the server. */
export function readCards(): void {
  for (const card of document.querySelectorAll<HTMLElement>(`.at-rest [${CARD_OF}]`)) {
    const { offsetWidth: width, offsetHeight: height } = card;
    if (width > 0 && height > 0) cards.set(card.getAttribute(CARD_OF) ?? "", { width, height });
  }
}

/** The size of a view's card in the server's rendering: used until it can be measured. */
export const cardDrawn = (view: string): Size | undefined => cards.get(view);
