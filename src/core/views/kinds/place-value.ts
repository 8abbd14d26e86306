import * as z from "zod/mini";
import { exact } from "../../number/exact";
import { smallestPieces } from "../../number/place-value";
import { reader } from "../kind";

/** What a place value view shows of a number, from the top down. */
export const SHOWN_PARTS = ["pieces", "digits", "expanded", "words"] as const;
const Shown = z.enum(["shown", "covered", "none"]);

/**
 * The number in focus as pieces in the columns of their places, as digits, in expanded form and in words; each of them
 * shown, covered or not there. Pieces are blocks to thousands; discs to ten millions, and for decimals.
 */
export const PlaceValueSettings = z.object({
  kind: z.literal("place-value"),
  as: z.enum(["blocks", "discs"]),
  pieces: Shown,
  digits: Shown,
  expanded: Shown,
  words: Shown,
});
export type PlaceValueSettings = z.infer<typeof PlaceValueSettings>;

const options = [
  { value: "shown", label: "Shown" },
  { value: "covered", label: "Covered" },
  { value: "none", label: "None" },
];

export const placeValue = reader<PlaceValueSettings>({
  kind: "place-value",
  schema: PlaceValueSettings,
  starts: {
    kind: "place-value",
    as: "blocks",
    pieces: "shown",
    digits: "shown",
    expanded: "none",
    words: "none",
  },
  name: "Place value",
  holds: (_, number) => smallestPieces(exact(number)) !== null,
  fields: [
    {
      part: "as",
      label: "Numbers as",
      options: [
        { value: "blocks", label: "Blocks" },
        { value: "discs", label: "Discs" },
      ],
    },
    { part: "pieces", label: "Pieces", options },
    { part: "digits", label: "Digits", options },
    { part: "expanded", label: "Expanded form", options },
    { part: "words", label: "Words", options },
  ],
});
