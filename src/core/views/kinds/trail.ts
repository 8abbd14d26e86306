import * as z from "zod/mini";
import { reader } from "../kind";

/** The panel that reads the trail: which of its parts stand on the board. */
export const TrailSettings = z.object({
  kind: z.literal("trail"),
  numbers: z.boolean(),
  sentence: z.boolean(),
  ones: z.boolean(),
  words: z.enum(["off", "british", "american"]),
});
export type TrailSettings = z.infer<typeof TrailSettings>;

export const trail = reader<TrailSettings>({
  kind: "trail",
  schema: TrailSettings,
  starts: { kind: "trail", numbers: true, sentence: true, ones: true, words: "off" },
  name: "The count so far",
  stands: ({ numbers, sentence, ones, words }) => numbers || sentence || ones || words !== "off",
});
