import * as z from "zod/mini";
import { reader } from "../kind";

/** The panel for arrow moves on the chart: laid in a row before they are followed, or followed one by one. */
export const ArrowSettings = z.object({ kind: z.literal("arrows"), layFirst: z.boolean() });
export type ArrowSettings = z.infer<typeof ArrowSettings>;

/** The arrows stand with the tools, and not in the layout. */
export const arrows = reader<ArrowSettings>({
  kind: "arrows",
  schema: ArrowSettings,
  starts: { kind: "arrows", layFirst: false },
  name: "Arrow moves",
  stands: () => false,
});
