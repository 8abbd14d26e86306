import * as z from "zod/mini";
import { Count } from "../count/count-settings";
import { Fill } from "../puzzle/fill-settings";
import { TimesSettings } from "../surface/times-grid";
import { ArrowSettings, Layout, PairsSettings } from "../views/view-settings";

/** What a board is set to that may be another in class than it was prepared: moves set it, and are taken back. */
export const Setting = z.discriminatedUnion("of", [
  z.object({ of: z.literal("count"), is: Count }),
  z.object({ of: z.literal("fill"), is: Fill }),
  z.object({ of: z.literal("layout"), is: Layout }),
  z.object({ of: z.literal("times"), is: TimesSettings }),
  z.object({ of: z.literal("arrows"), is: ArrowSettings }),
  z.object({ of: z.literal("pairs"), is: PairsSettings }),
]);
export type Setting = z.infer<typeof Setting>;

/** The settings that a scene has for its board, in the place of the prepared ones. */
export type SceneSettings = { readonly [S in Setting as S["of"]]?: S["is"] };
