import { exact } from "../../number/exact";
import { smallestPieces } from "../../number/place-value";
import { DRAWN, ZEROS } from "../../puzzle/drawn-numbers";
import { type Checked, schema } from "../../schema";
import { reader } from "../kind";

/** What a place value view shows of a number, from the top down. */
export const SHOWN_PARTS = ["pieces", "digits", "expanded", "words"] as const;
const Shown = schema((z) => z.enum(["shown", "covered", "none"]));

/**
 * The number in focus as pieces in the columns of their places, as digits, in expanded form and in words; each of them
 * shown, covered or not there. Pieces are blocks to thousands, bundles to hundreds; discs and beads to ten millions, and for
 * decimals.
 * - `exchange`: at ten of a kind, whether they are exchanged as the count goes on, or wait for a touch
 * - `building`: whether pieces are added and taken by hand
 * - `towards`: the pieces still needed to the next whole ten, hundred or thousand are outlined
 * - `draws`: how large the numbers are that are drawn at random, and `zeros` whether they have a 0 among their digits
 */
export const PlaceValueSettings = schema((z) =>
  z.object({
    kind: z.literal("place-value"),
    as: z.enum(["blocks", "discs", "bundles", "beads"]),
    pieces: Shown(z),
    digits: Shown(z),
    expanded: Shown(z),
    words: Shown(z),
    exchange: z._default(z.enum(["at-once", "by-touch"]), "at-once"),
    building: z._default(z.enum(["none", "shown"]), "none"),
    towards: z._default(z.enum(["none", "10", "100", "1000"]), "none"),
    draws: z._default(z.enum(DRAWN), "none"),
    zeros: z._default(z.enum(ZEROS), "may"),
  }),
);
export type PlaceValueSettings = Checked<typeof PlaceValueSettings>;

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
    exchange: "at-once",
    building: "none",
    towards: "none",
    draws: "none",
    zeros: "may",
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
        { value: "bundles", label: "Bundles" },
        { value: "beads", label: "Beads" },
      ],
    },
    { part: "pieces", label: "Pieces", options },
    { part: "digits", label: "Digits", options },
    { part: "expanded", label: "Expanded form", options },
    { part: "words", label: "Words", options },
    {
      part: "exchange",
      label: "Exchange by a touch",
      switched: { off: "at-once", on: "by-touch" },
    },
    {
      part: "building",
      label: "Add and take pieces by hand",
      switched: { off: "none", on: "shown" },
    },
    {
      part: "towards",
      label: "Outline the pieces still needed",
      options: [
        { value: "none", label: "None" },
        { value: "10", label: "Ten" },
        { value: "100", label: "Hundred" },
        { value: "1000", label: "Thousand" },
      ],
    },
    {
      part: "draws",
      label: "Draw a number at random",
      list: [
        { value: "none", label: "No" },
        { value: "teens", label: "One of the teens" },
        { value: "tens", label: "Two digits" },
        { value: "hundreds", label: "Three digits" },
        { value: "thousands", label: "Four digits" },
        { value: "hundred-thousands", label: "Six digits" },
        { value: "millions", label: "Seven digits" },
      ],
    },
    {
      part: "zeros",
      label: "With a 0 among its digits",
      options: [
        { value: "may", label: "Now and then" },
        { value: "some", label: "Always" },
        { value: "none", label: "Never" },
      ],
      only: { part: "draws", is: DRAWN.filter((draws) => draws !== "none" && draws !== "teens") },
    },
  ],
});
