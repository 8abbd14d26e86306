import { Count } from "../count/count-settings";
import { Fill } from "../puzzle/fill-settings";
import { type Checked, schema } from "../schema";
import { Layout } from "../views/layout";
import { View } from "../views/view";
import type { ViewId } from "../views/view-id";

/** Settings of a board that may be changed in class: moves set them, and are taken back. */
export const Setting = schema((z) =>
  z.discriminatedUnion("of", [
    z.object({ of: z.literal("count"), is: Count(z) }),
    z.object({ of: z.literal("fill"), is: Fill(z) }),
    z.object({ of: z.literal("layout"), is: Layout(z) }),
    z.object({ of: z.literal("view"), is: View(z) }),
  ]),
);
export type Setting = Checked<typeof Setting>;

/** The settings that a scene has changed on its board. */
export type SceneSettings = {
  readonly count?: Count;
  readonly fill?: Fill;
  readonly layout?: Layout;
  readonly views?: { readonly [id in ViewId]: View };
};

/** Adds or replaces one setting. */
export const withOneMore = (settings: SceneSettings, setting: Setting): SceneSettings =>
  setting.of === "view"
    ? { ...settings, views: { ...settings.views, [setting.is.id]: setting.is } }
    : { ...settings, [setting.of]: setting.is };
