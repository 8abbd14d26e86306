import { type Checked, schema } from "../../schema";
import { reader } from "../kind";

/**
 * The number sentence of the trail, large, in a place of its own: equal jumps gathered (4 × 6 = 24), or jump by jump
 * (0 + 6 + 6 + 6 + 6 = 24).
 */
export const SentenceSettings = schema((z) =>
  z.object({
    kind: z.literal("sentence"),
    form: z.enum(["gathered", "each"]),
  }),
);
export type SentenceSettings = Checked<typeof SentenceSettings>;

export const sentence = reader<SentenceSettings>({
  kind: "sentence",
  schema: SentenceSettings,
  starts: { kind: "sentence", form: "gathered" },
  name: "Number sentence",
  needs: "a jump",
  fields: [
    {
      part: "form",
      label: "The number sentence has",
      options: [
        { value: "gathered", label: "4 × 6" },
        { value: "each", label: "6 + 6 + 6 + 6" },
      ],
    },
  ],
});
