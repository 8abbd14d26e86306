import * as z from "zod/mini";
import { reader } from "../kind";

/** The stops of the trail as a list of numbers, its benchmarks boxed. */
export const WaySettings = z.object({ kind: z.literal("way") });
export type WaySettings = z.infer<typeof WaySettings>;

export const way = reader<WaySettings>({
  kind: "way",
  schema: WaySettings,
  starts: { kind: "way" },
  name: "Stops",
  needs: "a trail",
});
