import { type Checked, schema } from "../schema";
import { ViewId } from "../views/view-id";

/** Maximum width and height of a picture, in pixels. */
export const MAX_PIXELS = 4_000;

/** The options of a picture of a board. */
export const PictureWish = schema((z) =>
  z.object({
    /** One view, or the whole board. */
    view: z.nullable(ViewId(z)),
    covers: z.boolean(),
    marks: z.boolean(),
    ground: z.enum(["white", "none"]),
    as: z.enum(["svg", "png"]),
    /** The longer side of a PNG, in pixels. */
    longest: z.int().check(z.minimum(16), z.maximum(MAX_PIXELS)),
    /** Laid out as on an upright screen. */
    upright: z.boolean(),
    /** Drawn for the back of the room. */
    strong: z.boolean(),
  }),
);
export type PictureWish = Checked<typeof PictureWish>;
