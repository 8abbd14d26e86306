import { manyOf } from "../../number/many-of";
import { type Checked, schema } from "../../schema";
import { type Condition, Rule, ruleOf } from "../../set/rule";
import type { Squares } from "../../set/squares";
import { reader } from "../kind";

export const MAX_CARDS = 24;
export const MAX_FAMILIES = 4;
const MAX_SIDE = 20;
/** The first number of a card. */
const [MIN, MAX] = [-1000, 1_000_000];

const MAX_CARD_ID = 999;

/** The id by which moves name a card, so that removing one does not renumber the others. */
export const CardId = schema((z) => z.int().check(z.minimum(1), z.maximum(MAX_CARD_ID)));

/** A card: its rule, and the id by which moves name it. */
export const PatternCard = schema((z) => z.object({ id: CardId(z), rule: Rule(z) }));
export type PatternCard = Checked<typeof PatternCard>;

const Side = schema((z) => z.int().check(z.minimum(2), z.maximum(MAX_SIDE)));

/**
 * Pattern cards: small charts, each shaded by a rule that is for the class to find, to be sorted into families.
 * - `first`, `columns` and `rows`: the numbers of each card
 * - `families`: in how many they are sorted; with 0 the cards lie in rows
 */
export const CardsSettings = schema((z) =>
  z.object({
    kind: z.literal("cards"),
    first: z.int().check(z.minimum(MIN), z.maximum(MAX)),
    columns: Side(z),
    rows: Side(z),
    families: z.int().check(z.minimum(0), z.maximum(MAX_FAMILIES)),
    cards: z.array(PatternCard(z)).check(
      z.minLength(1),
      z.maxLength(MAX_CARDS, "There is room for 24 cards."),
      z.refine((all) => new Set(all.map(({ id }) => id)).size === all.length, "Two cards have the same id."),
    ),
  }),
);
export type CardsSettings = Checked<typeof CardsSettings>;

const card = (id: number, condition: Condition): PatternCard => ({ id, rule: ruleOf(condition) });

/**
 * Adds a card with a new id.
 * @param named ids that it must not get either: those of removed cards that moves still name
 */
export const withCard = (
  cards: readonly PatternCard[],
  rule: Rule,
  named: readonly number[] = [],
): PatternCard[] => {
  const taken = new Set([...cards.map(({ id }) => id), ...named]);
  let id = Math.max(0, ...taken) + 1;
  // A list that was extended for years starts again with the ids that are free.
  if (id > MAX_CARD_ID) for (id = 1; taken.has(id); ) id += 1;
  return [...cards, { id, rule }];
};

/** The squares of a card. */
export const squaresOfCards = ({ first, columns, rows }: Omit<CardsSettings, "kind">): Squares => ({
  first: String(first),
  difference: "1",
  columns,
  count: columns * rows,
  run: "across",
  climb: "down",
  reads: "one-way",
});

export const cards = reader<CardsSettings>({
  kind: "cards",
  schema: CardsSettings,
  starts: {
    kind: "cards",
    first: 1,
    columns: 10,
    rows: 10,
    families: 2,
    cards: [
      card(1, { kind: "multiples", not: false, of: "9" }),
      card(2, { kind: "multiples", not: false, of: "5" }),
      card(3, { kind: "multiples", not: false, of: "11" }),
      card(4, { kind: "digit", not: false, place: "ones", digit: 4 }),
    ],
  },
  name: "Pattern cards",
  says: ({ cards: all }) => manyOf(all.length, "card"),
  fields: [
    { part: "first", label: "First number", whole: { min: MIN, max: MAX } },
    { part: "families", label: "Families", whole: { min: 0, max: MAX_FAMILIES } },
    { part: "columns", label: "In each row", whole: { min: 2, max: MAX_SIDE } },
    { part: "rows", label: "Rows", whole: { min: 2, max: MAX_SIDE } },
  ],
});
