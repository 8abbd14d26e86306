import { NumberText } from "../../number/number-schema";
import { type Checked, schema } from "../../schema";
import { reader } from "../kind";

export const MAX_STOPS = 6;
const Shown = schema((z) => z.enum(["shown", "covered"]));

/**
 * Stops along the count of the board: at each its number, its pieces, and what was exchanged or is still wanting; each of
 * them shown or covered from the start. With `appears` a stop is empty until the count has come to it.
 */
export const StopsSettings = schema((z) =>
  z.object({
    kind: z.literal("stops"),
    stops: z
      .array(NumberText(z))
      .check(z.minLength(1, "Write 1 to 6 numbers."), z.maxLength(MAX_STOPS, "Write 1 to 6 numbers.")),
    number: Shown(z),
    pieces: Shown(z),
    exchange: Shown(z),
    appears: z.enum(["at-once", "with-count"]),
  }),
);
export type StopsSettings = Checked<typeof StopsSettings>;

const options = [
  { value: "shown", label: "Shown" },
  { value: "covered", label: "Covered" },
];

export const stops = reader<StopsSettings>({
  kind: "stops",
  schema: StopsSettings,
  starts: {
    kind: "stops",
    stops: ["50", "53", "60", "100"],
    number: "shown",
    pieces: "shown",
    exchange: "covered",
    appears: "at-once",
  },
  name: "Stops of the count",
  fields: [
    { part: "stops", label: "Stops, at most 6 numbers", numbers: { min: 1, max: MAX_STOPS } },
    { part: "number", label: "Numbers", options },
    { part: "pieces", label: "Pieces", options },
    { part: "exchange", label: "Exchange, or pieces needed", options },
    {
      part: "appears",
      label: "A stop appears",
      options: [
        { value: "at-once", label: "At once" },
        { value: "with-count", label: "With the count" },
      ],
    },
  ],
});
