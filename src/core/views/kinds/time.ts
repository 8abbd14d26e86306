import { type Checked, schema } from "../../schema";
import { reader } from "../kind";

const Shown = schema((z) => z.enum(["shown", "covered", "none"]));

/** The number in focus as minutes after an hour: as a time in words and in digits, and half an hour and an hour later. */
export const TimeSettings = schema((z) =>
  z.object({
    kind: z.literal("time"),
    hour: z.int().check(z.minimum(1), z.maximum(12)),
    words: Shown(z),
    digits: Shown(z),
    half: Shown(z),
    later: Shown(z),
  }),
);
export type TimeSettings = Checked<typeof TimeSettings>;

const options = [
  { value: "shown", label: "Shown" },
  { value: "covered", label: "Covered" },
  { value: "none", label: "None" },
];

export const time = reader<TimeSettings>({
  kind: "time",
  schema: TimeSettings,
  starts: { kind: "time", hour: 10, words: "shown", digits: "shown", half: "none", later: "none" },
  name: "Time",
  fields: [
    { part: "hour", label: "Minutes past", whole: { min: 1, max: 12 } },
    { part: "words", label: "In words", options },
    { part: "digits", label: "In digits", options },
    { part: "half", label: "Half an hour later", options },
    { part: "later", label: "An hour later", options },
  ],
});
