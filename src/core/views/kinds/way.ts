import { type Checked, schema } from "../../schema";
import { reader } from "../kind";

/** The stops of the trail as a list of numbers, its benchmarks boxed. */
export const WaySettings = schema((z) => z.object({ kind: z.literal("way") }));
export type WaySettings = Checked<typeof WaySettings>;

export const way = reader<WaySettings>({
  kind: "way",
  schema: WaySettings,
  starts: { kind: "way" },
  name: "Numbers on the way",
  needs: "a trail",
});
