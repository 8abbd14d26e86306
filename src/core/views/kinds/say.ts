import { type Checked, schema } from "../../schema";
import { reader } from "../kind";

/**
 * The class's sentence for what is shaded on the chart of its board, and what that sentence shades.
 * - `heard`: whether sentences in the class's own words are kept beside it
 */
export const SaySettings = schema((z) =>
  z.object({
    kind: z.literal("say"),
    heard: z.enum(["shown", "none"]),
  }),
);
export type SaySettings = Checked<typeof SaySettings>;

export const say = reader<SaySettings>({
  kind: "say",
  schema: SaySettings,
  starts: { kind: "say", heard: "none" },
  name: "Say the rule",
  fields: [
    {
      part: "heard",
      label: "Sentences in the class's own words",
      options: [
        { value: "shown", label: "Kept here" },
        { value: "none", label: "None" },
      ],
    },
  ],
});
