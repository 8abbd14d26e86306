import { showNumber } from "../../number/show-number";
import { type Checked, schema } from "../../schema";
import { reader } from "../kind";

const [MIN, MAX] = [-1000, 1_000_000];
const Whole = schema((z) => z.int().check(z.minimum(MIN), z.maximum(MAX)));

/**
 * A number of a range is shown, the next one drawn at random and covered; the class says whether it is higher or lower.
 * With `chances` it is shown afterwards how likely either was.
 */
export const HigherLowerSettings = schema((z) =>
  z
    .object({
      kind: z.literal("higher-lower"),
      from: Whole(z),
      to: Whole(z),
      chances: z.enum(["none", "after"]),
    })
    .check(z.refine(({ from, to }) => from < to, "Put the smaller number first.")),
);
export type HigherLowerSettings = Checked<typeof HigherLowerSettings>;

export const higherLower = reader<HigherLowerSettings>({
  kind: "higher-lower",
  schema: HigherLowerSettings,
  starts: { kind: "higher-lower", from: 0, to: 100, chances: "none" },
  name: "Higher or lower",
  says: ({ from, to }) => [from, to].map((end) => showNumber(String(end))).join(" to "),
  fields: [
    { part: "from", label: "Numbers from", whole: { min: MIN, max: MAX } },
    { part: "to", label: "To", whole: { min: MIN, max: MAX } },
    {
      part: "chances",
      label: "What chance each had",
      options: [
        { value: "none", label: "Not shown" },
        { value: "after", label: "Shown afterwards" },
      ],
    },
  ],
});
