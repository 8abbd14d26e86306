import { type Checked, schema } from "../../schema";
import { reader } from "../kind";

/** The panel for arrow moves on the chart: laid in a row before they are followed, or followed one by one. */
export const ArrowSettings = schema((z) => z.object({ kind: z.literal("arrows"), layFirst: z.boolean() }));
export type ArrowSettings = Checked<typeof ArrowSettings>;

/** The arrows stand with the tools, and not in the layout. */
export const arrows = reader<ArrowSettings>({
  kind: "arrows",
  schema: ArrowSettings,
  starts: { kind: "arrows", layFirst: false },
  name: "Arrow moves",
  stands: () => false,
});
