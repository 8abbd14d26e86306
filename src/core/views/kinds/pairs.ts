import { type Checked, schema } from "../../schema";
import { reader } from "../kind";

/** How far it is from the number in focus to the next ten, or back to the one before, with the pairs that make ten. */
export const PairsSettings = schema((z) =>
  z.object({ kind: z.literal("pairs"), way: z.enum(["on", "back"]) }),
);
export type PairsSettings = Checked<typeof PairsSettings>;

export const pairs = reader<PairsSettings>({
  kind: "pairs",
  schema: PairsSettings,
  starts: { kind: "pairs", way: "on" },
  name: "To the next ten",
});
