import { type Checked, schema } from "../../schema";
import { reader } from "../kind";

/** The panel that reads the trail: which of its parts stand on the board. */
export const TrailSettings = schema((z) =>
  z.object({
    kind: z.literal("trail"),
    numbers: z.boolean(),
    sentence: z.boolean(),
    ones: z.boolean(),
    words: z.enum(["off", "british", "american"]),
  }),
);
export type TrailSettings = Checked<typeof TrailSettings>;

export const trail = reader<TrailSettings>({
  kind: "trail",
  schema: TrailSettings,
  starts: { kind: "trail", numbers: true, sentence: true, ones: true, words: "off" },
  name: "The count so far",
  stands: ({ numbers, sentence, ones, words }) => numbers || sentence || ones || words !== "off",
});
