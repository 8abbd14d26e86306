/** The attribute that tells which view a card shows. */
export const CARD_OF = "data-card-of";
